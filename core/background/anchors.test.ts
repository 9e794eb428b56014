import { describe, expect, it } from "vitest";
import { starterBook } from "../book/starter";
import { statedMm } from "../design/measure";
import { DRAINS } from "../ground/drain";
import { STUFF_DENSITY } from "../hardscape/mass";
import { materialsOf } from "../materials/find";
import { bears, leastAnchor, pieceKg, pullOf } from "./anchors";
import { newZone } from "./create";
import type { Piece } from "./schema";

const piece = (own: Partial<Piece> = {}): Piece =>
  ({
    ...newZone("slab", "s", { face: "back", u: 0, v: 0 }),
    ...{ width: statedMm(200), height: statedMm(100), depth: statedMm(100) },
    ...own,
  }) as Piece;

describe("densities", () => {
  it("are those from memory: cork 200, a hardwood branch 700, cured foam 30 to 45, clay 350 to 450, XPS 35", () => {
    expect([STUFF_DENSITY.cork.value, STUFF_DENSITY.wood.value]).toEqual([200, 700]);
    // Slate at its heaviest, lava rock at its lightest.
    expect([STUFF_DENSITY.stone.low, STUFF_DENSITY.stone.value]).toEqual([900, 2700]);
    expect([DRAINS.clay.bulkKgPerM3.low, DRAINS.clay.bulkKgPerM3.high]).toEqual([350, 450]);
    expect([DRAINS.clay.voidShare.low, DRAINS.clay.voidShare.high, DRAINS.eggCrate.voidShare.value]).toEqual([
      0.4, 0.45, 0.9,
    ]);
    const book = starterBook();
    for (const foam of materialsOf(book, "foam")) {
      expect(foam.densityKgPerM3.low).toBeGreaterThanOrEqual(30);
      expect(foam.densityKgPerM3.high).toBeLessThanOrEqual(45);
      // 340 g give 5 to 12 L in place.
      expect([foam.mlPerGram.low! * 0.34, foam.mlPerGram.high! * 0.34]).toEqual([
        expect.closeTo(5.1, 1),
        expect.closeTo(11.9, 1),
      ]);
    }
    for (const board of materialsOf(book, "sheet").filter((b) => b.plastic === "xps"))
      expect(board.densityKgPerM3.value).toBe(35);
  });
});

describe("wood and stone on a wall", () => {
  it("weigh as weighed, or by their size", () => {
    expect(pieceKg(piece({ mass: statedMm(1.5) }))).toBe(1.5);
    // Half of 0.2 × 0.1 × 0.1 m³ of cork at 200 kg/m³.
    expect(pieceKg(piece())).toBeCloseTo(0.2, 9);
    expect(pieceKg(piece({ of: "stone" }))).toBeCloseTo(2.7, 9);
    expect(pieceKg(piece({ hollow: true }))).toBeCloseTo(0.1, 9);
  });
  it("pull at the upper edge of their bed as a beam bends, by hand", () => {
    // 1 kg, 50 mm out, bed 200 × 100: M = 0.490 N·m, σ = 6M/(b·h²) = 1471 Pa, τ = 490 Pa.
    const pull = pullOf(piece({ mass: statedMm(1) }));
    expect(pull.leverMm).toBe(50);
    expect(pull.edgeKPa).toBeCloseTo(Math.hypot(1.471, 0.49033), 4);
    // Two upper screws share M over two thirds of the height.
    expect(pull.screwN).toBeCloseTo(0.4903325 / 0.0666667 / 2, 3);
  });
  it("are held by the least that bears them", () => {
    const held = (mass: number, depth: number) =>
      leastAnchor(pullOf(piece({ mass: statedMm(mass), depth: statedMm(depth) })));
    expect(held(0.3, 60)).toBe("foam");
    expect(held(2, 200)).toBe("silicone");
    expect(held(4, 300)).toBe("screwPlate");
    expect(held(40, 400)).toBe("floor");
    expect(bears("floor", pullOf(piece({ mass: statedMm(100) })))).toBe(true);
  });
});
