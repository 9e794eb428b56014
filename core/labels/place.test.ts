import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Box, inBox, meet, placeLabels, spread, type Wanted } from "./place";
import { textWidth } from "./width";

const FRAME: Box = { x: 0, y: 0, width: 300, height: 200 };
const at = (x: number, y: number) => ({ x, y, align: "middle" as const });

describe("labels", () => {
  it("are as wide as their letters: the mono face's are all of one width, but for what it lacks", () => {
    expect(textWidth("1200", 10, "mono")).toBeCloseTo(4 * textWidth("0", 10, "mono"), 6);
    expect(textWidth("ll", 10, "body")).toBeLessThan(textWidth("WW", 10, "body"));
    expect(textWidth("bold", 10, "bold")).toBeGreaterThan(textWidth("bold", 10, "body"));
  });

  it("take the next spot where the first is taken, then shorter words, and are left out where nothing fits", () => {
    const first: Wanted = { id: "a", says: ["the first"], spots: [at(100, 100)] };
    const second: Wanted = { id: "b", says: ["the second, in full", "second"], spots: [at(100, 100), at(100, 130)] };
    const [a, b] = placeLabels([first, second], FRAME);
    expect(a).toMatchObject({ text: "the first", y: 100 });
    expect(b).toMatchObject({ text: "the second, in full", y: 130 });
    const narrow = { ...second, within: { x: 70, y: 120, width: 60, height: 20 } };
    expect(placeLabels([first, narrow], FRAME)[1]).toMatchObject({ text: "second" });
    const none = { ...second, within: { x: 70, y: 120, width: 20, height: 20 } };
    expect(placeLabels([first, none], FRAME)).toHaveLength(1);
  });

  it("rather stand clear of a mark, and on it only where there is no other place", () => {
    const mark: Box = { x: 50, y: 90, width: 100, height: 20 };
    const wanted: Wanted = { id: "a", says: ["a name"], spots: [at(100, 100), at(100, 140)] };
    expect(placeLabels([wanted], FRAME, [mark])[0]!.y).toBe(140);
    expect(placeLabels([{ ...wanted, spots: [at(100, 100)] }], FRAME, [mark])[0]!.y).toBe(100);
  });

  it("stand upright where they are turned", () => {
    const [label] = placeLabels(
      [{ id: "a", says: ["upright"], spots: [{ x: 20, y: 190, align: "start", turned: true }] }],
      FRAME,
    );
    expect(label!.box.height).toBeGreaterThan(label!.box.width);
    expect(label!.turned).toBe(true);
  });

  it("never lie on one another and are never cut, whatever is wanted where", () => {
    const wanted = fc.record({
      id: fc.uuid(),
      says: fc.array(fc.string({ minLength: 1, maxLength: 24 }), { minLength: 1, maxLength: 3 }),
      spots: fc.array(
        fc.record({
          x: fc.integer({ min: -50, max: 350 }),
          y: fc.integer({ min: -20, max: 220 }),
          align: fc.constantFrom("start" as const, "middle" as const, "end" as const),
        }),
        { minLength: 1, maxLength: 4 },
      ),
    });
    fc.assert(
      fc.property(fc.array(wanted, { maxLength: 25 }), (all) => {
        const placed = placeLabels(all, FRAME);
        for (const [i, a] of placed.entries()) {
          expect(inBox(a.box, FRAME)).toBe(true);
          for (const b of placed.slice(i + 1)) expect(meet(a.box, b.box)).toBe(false);
        }
      }),
    );
  });

  it("of a column keep apart and in the column; the last wanted are left out where there is no room", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -50, max: 300 }), { maxLength: 30 }), (heights) => {
        const placed = spread(
          heights.map((y, i) => ({ id: String(i), y })),
          16,
          8,
          192,
        );
        expect(placed.length).toBe(Math.min(heights.length, 12));
        for (const [i, { y }] of placed.entries()) {
          expect(y).toBeGreaterThanOrEqual(8 - 1e-9);
          expect(y).toBeLessThanOrEqual(192 + 1e-9);
          if (i > 0) expect(y - placed[i - 1]!.y).toBeGreaterThanOrEqual(16 - 1e-9);
        }
      }),
    );
  });
});
