import { Matrix } from "ml-matrix";
import { describe, expect, it } from "vitest";
import { drawsOf } from "./draws";
import { latinHypercube } from "./latin";
import { turnedTo, unknownAt } from "./turn";
import type { Unknown } from "./unknowns";
import { Z95 } from "./z95";

describe("a Latin hypercube", () => {
  it("has one point in each slice of each direction, for any seed", () => {
    for (const seed of [1, 2, 77]) {
      const points = latinHypercube(64, 9, seed);
      for (let d = 0; d < 9; d++) {
        const slices = points.map((p) => Math.floor(p[d]! * 64)).sort((a, b) => a - b);
        expect(slices).toEqual(Array.from({ length: 64 }, (_, i) => i));
      }
    }
  });
  it("is the same for the same seed, and another for another; no two directions go together", () => {
    expect(latinHypercube(16, 3, 5)).toEqual(latinHypercube(16, 3, 5));
    expect(latinHypercube(16, 3, 5)).not.toEqual(latinHypercube(16, 3, 6));
    const points = latinHypercube(256, 2, 3);
    const r = points.reduce((sum, [a, b]) => sum + (a! - 0.5) * (b! - 0.5), 0) / (256 / 12);
    expect(Math.abs(r)).toBeLessThan(0.2);
  });
});

const draught: Unknown = { id: "draught", low: 0.5, high: 1.5, at: 0 };
const room: Unknown = { id: "roomTemp", low: -3, high: 2, at: 0 };

describe("an unknown", () => {
  it("has what was taken in its middle, and its range between 5 and 95 of a hundred", () => {
    const z = Z95;
    expect([-z, 0, z].map((at) => unknownAt(draught, at))).toEqual([0.5, 1, 1.5].map((x) => expect.closeTo(x, 9)));
    expect([-z, 0, z].map((at) => unknownAt(room, at))).toEqual([-3, 0, 2].map((x) => expect.closeTo(x, 9)));
  });
  it("fitted, is turned from where it was put: there nothing changes", () => {
    const air = { tempC: 20, rh: 50, draughtMPerS: 0.1 };
    const input = { room: air, openings: [] } as unknown as Parameters<typeof turnedTo>[0];
    const fitted = [
      { ...draught, at: 0.7 },
      { ...room, at: -1 },
    ];
    expect(turnedTo(input, fitted, [0.7, -1]).room).toEqual({
      ...air,
      draughtMPerS: expect.closeTo(0.1, 12),
      tempC: expect.closeTo(20, 12),
    });
    // Back to what was taken first: as much more as it was put less.
    expect(turnedTo(input, fitted, [0, 0]).room).toMatchObject({ tempC: 20 - unknownAt(room, -1) });
  });
  it("is drawn by its covariance", () => {
    const covariance = [
      [0.5, 0.3],
      [0.3, 0.4],
    ];
    const draws = drawsOf({ unknowns: [{ ...draught, at: 1 }, room], covariance }, 2000, 4);
    const centred = new Matrix(draws.map(([a, b]) => [a! - 1, b!]));
    const got = centred.transpose().mmul(centred).div(2000).to2DArray();
    for (const [i, x] of got.flat().entries()) expect(Math.abs(x - covariance.flat()[i]!)).toBeLessThan(0.02);
  });
});
