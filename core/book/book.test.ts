import * as v from "valibot";
import { describe, expect, it } from "vitest";
import { demoBook } from "../../demo/tern-street";
import { basisWords, type Known } from "../figures/figure";
import { DRILLING, FOUND_MATERIALS, foundFace, OPEN_SIDE, sheetFace } from "../materials/face";
import { findMaterial, materialName, materialsOf, packsOf } from "../materials/find";
import { FOUND_IDS } from "../materials/names";
import { BookSchema } from "../materials/schema";
import { starterBook } from "./starter";

const book = starterBook();

/** Every constant with a basis in a material, by its place. */
function knowns(node: unknown, path: string): [string, Known][] {
  if (typeof node !== "object" || node === null) return [];
  if ("value" in node && "basis" in node) return [[path, node as Known]];
  return Object.entries(node).flatMap(([key, child]) => knowns(child, `${path}.${key}`));
}

describe("the starter book", () => {
  it("passes its own schema, and names everything once", () => {
    expect(v.safeParse(BookSchema, book).success).toBe(true);
    const ids = book.materials.map((m) => m.id);
    expect(new Set(ids).size).toBe(ids.length);
    const packs = book.materials.flatMap((m) => packsOf(m).map((p) => p.id));
    expect(new Set(packs).size).toBe(packs.length);
  });

  it("carries a basis and a sensible spread with every constant", () => {
    for (const material of book.materials)
      for (const [path, known] of knowns(material, material.id)) {
        expect(basisWords(known.basis), path).toMatch(/^(published: .*\d|trade practice|from a maker|from memory)/);
        if (known.low !== undefined) expect(known.low, path).toBeLessThanOrEqual(known.value);
        if (known.high !== undefined) expect(known.high, path).toBeGreaterThanOrEqual(known.value);
        expect(known.value, path).toBeGreaterThan(0);
      }
  });

  it("has no prices of its own; the demo prices every pack it sells", () => {
    expect(book.materials.flatMap(packsOf).every((p) => p.priceMinor === null)).toBe(true);
    expect(
      demoBook()
        .materials.flatMap(packsOf)
        .filter((p) => p.priceMinor === null),
    ).toEqual([]);
  });

  it("holds the starter tracks: pitch 7 and grooves of 5 for 4 mm, 9 and 7 for 6 mm, 6 deep below and 12 above", () => {
    for (const [glass, pitch, groove] of [
      [4, 7, 5],
      [6, 9, 7],
    ] as const) {
      const track = findMaterial(book, `track-${glass}`, "track")!;
      expect([track.glassMm, track.pitchMm.value, track.grooveMm.value]).toEqual([glass, pitch, groove]);
      // The upper groove must be 5 mm deeper, or no pane lifts in.
      expect(track.topDepthMm.value - track.bottomDepthMm.value).toBeGreaterThanOrEqual(5);
    }
  });

  it("has window screen and sieve cloths (ASTM E11: No. 18 is 1.00 mm, No. 35 is 0.50 mm)", () => {
    const aperture = (id: string) => findMaterial(book, id, "mesh")!.apertureMm;
    expect(aperture("fly-screen")).toEqual([1.13, 1.31]);
    expect(aperture("steel-mesh-no-18")).toEqual([1, 1]);
    expect(aperture("steel-mesh-fine")).toEqual([0.5, 0.5]);
    // Of 18 × 16 threads an inch each takes its wire and leaves the rest of its share.
    const { wireMm, apertureMm } = findMaterial(book, "fly-screen", "mesh")!;
    expect(apertureMm.map((mm) => 25.4 / (mm + wireMm))).toEqual([expect.closeTo(18, 1), expect.closeTo(16, 1)]);
  });

  it("finds by id and class only", () => {
    expect(findMaterial(book, "glass-4", "sheet")).toBeUndefined();
    expect(findMaterial(book, "nothing", "glass")).toBeUndefined();
    expect(materialName(book, "glass-4")).toBe("Float glass 4 mm, edges ground");
    expect(materialName(book, "own-panes")).toBe("its own panes");
    expect(materialName(book, "from another book")).toBe("from another book");
    expect(materialsOf(book, "sealant").map((s) => s.mouldInhibitor)).toEqual([false, true]);
  });
});

describe("materials of found things", () => {
  it("have densities in their usual order: foam under wood under plastic under glass under steel", () => {
    const density = (id: (typeof FOUND_IDS)[number]) => FOUND_MATERIALS[id].density.value;
    expect(density("timber")).toBeLessThan(density("chipboard"));
    expect(density("chipboard")).toBeLessThan(density("mdf"));
    expect(density("pp")).toBeLessThan(998);
    expect(density("acrylic")).toBeLessThan(density("glass"));
    expect(density("glass")).toBe(2500);
    expect(density("steel")).toBe(7850);
  });

  it("grow as plastics do: PE and PP most, glass and wood least", () => {
    const growth = (id: (typeof FOUND_IDS)[number]) => FOUND_MATERIALS[id].growth.value;
    expect(growth("glass")).toBe(9e-6);
    expect(growth("steel")).toBe(12e-6);
    expect(growth("acrylic")).toBe(70e-6);
    expect(growth("pe")).toBeGreaterThanOrEqual(130e-6);
    expect(growth("pe")).toBeLessThanOrEqual(200e-6);
  });

  it("are never cut where they are tempered, and say how they are cut elsewhere", () => {
    expect(DRILLING.temperedGlass).toBe("never");
    expect(DRILLING.glass).toBe("glass");
    expect(DRILLING.ps).toBe("brittle");
    for (const id of FOUND_IDS)
      expect(["plain", "brittle", "glass", "never"]).toContain(DRILLING[FOUND_MATERIALS[id].family]);
  });

  it("become faces at their thickness; an open side weighs nothing", () => {
    expect(foundFace("chipboard", 16)).toMatchObject({ name: "chipboard", family: "chipboard", thicknessMm: 16 });
    const pvc = findMaterial(book, "pvc-foam-10", "sheet")!;
    expect(sheetFace(pvc)).toMatchObject({ id: "pvc-foam-10", family: "pvcFoam", thicknessMm: 10 });
    expect(OPEN_SIDE).toMatchObject({ thicknessMm: 0, densityKgPerM3: { value: 0 } });
  });
});
