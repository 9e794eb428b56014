import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Point } from "../shell/space";
import { partOutline } from "./corners";

/** Twice the area that an outline takes. */
const twiceArea = (points: Point[]) =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [nextX, nextY] = points[(i + 1) % points.length]!;
      return sum + x * nextY - nextX * y;
    }, 0),
  );
const size = fc.integer({ min: 20, max: 900 });
const share = fc.integer({ min: 1, max: 49 });

describe("the outline of a part with corners cut out", () => {
  it("takes the rectangle less the corners, turned or not, and never leaves it", () => {
    fc.assert(
      fc.property(size, size, share, share, fc.constantFrom(1, 2, 4), fc.boolean(), (w, h, a, b, count, isTurned) => {
        const [length, width] = isTurned ? [h, w] : [w, h];
        const corners = { count, lengthMm: (length * a) / 100, widthMm: (width * b) / 100 } as const;
        const points = partOutline(w, h, corners, isTurned);
        expect(points).toHaveLength(4 + 2 * count);
        expect(twiceArea(points) / 2).toBeCloseTo(w * h - count * corners.lengthMm * corners.widthMm, 6);
        for (const [x, y] of points) {
          expect(x).toBeGreaterThanOrEqual(0);
          expect(x).toBeLessThanOrEqual(w);
          expect(y).toBeGreaterThanOrEqual(0);
          expect(y).toBeLessThanOrEqual(h);
        }
        points.forEach(([x, y], i) => {
          const [nextX, nextY] = points[(i + 1) % points.length]!;
          // Every edge is square to the sheet, and none has no length.
          expect((x === nextX) !== (y === nextY)).toBe(true);
        });
      }),
    );
  });
  it("is a rectangle where there are none", () => {
    expect(partOutline(30, 20, undefined, true).sort()).toEqual([
      [0, 0],
      [0, 20],
      [30, 0],
      [30, 20],
    ]);
  });
  it("cuts both corners of one long side", () => {
    const corners = { count: 2, lengthMm: 40, widthMm: 30 } as const;
    expect(partOutline(600, 200, corners, false)).toEqual([
      [0, 170],
      [40, 170],
      [40, 200],
      [560, 200],
      [560, 170],
      [600, 170],
      [600, 0],
      [0, 0],
    ]);
    // Turned by a quarter, the side they are cut from lies to the right.
    const turned = partOutline(200, 600, corners, true);
    expect(turned.filter(([x]) => x === 200).map(([, y]) => y)).toEqual([560, 40]);
  });
});
