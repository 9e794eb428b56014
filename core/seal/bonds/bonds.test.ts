import { describe, expect, it } from "vitest";
import { bondOf } from "./judge";
import { APPLIED, type Applied, SURFACES, type Surface } from "./names";
import { BONDS } from "./table";

const applied = Object.keys(APPLIED) as Applied[];
const surfaces = Object.keys(SURFACES) as Surface[];

describe("what holds on what", () => {
  it("has every row of the trade table, B1.1 to B1.35", () => {
    const rows = new Set(BONDS.map((b) => b.row));
    for (let n = 1; n <= 35; n++) expect(rows, `B1.${n}`).toContain(`B1.${n}`);
  });

  it("gives a reason and a basis everywhere, and a way out wherever something may fail", () => {
    for (const b of BONDS) {
      expect(b.reason).toMatch(/^[A-Z].*\.$/);
      expect(b.basis.kind).toMatch(/practice|memory/);
      if (b.holding === "never" || b.holding === "holdsIf") expect(b.cure, b.row).toBeTruthy();
      if (b.needs) expect(b.holding, b.row).toBe("holdsIf");
    }
  });

  it("knows direction (common practice, no source)", () => {
    expect(bondOf("silicone", "rubber").holding).toBe("holds");
    expect(bondOf("rubberSpray", "curedSilicone").holding).toBe("never");
  });

  it.each([
    ["silicone", "foamSkin", "never"],
    ["silicone", "dampFibre", "never"],
    ["puGlueFibre", "dampFibre", "holds"],
    ["rubberSpray", "xps", "never"],
    ["acrylicCement", "psFoam", "never"],
    ["silicone", "pp", "never"],
    ["foamBuilding", "glass", "risky"],
    ["hotGlue", "wetStone", "never"],
    ["hotGlue", "pe", "holdsIf"],
    ["varnish", "curedSilicone", "never"],
  ] as const)("%s on %s: %s (common practice, no source)", (put, on, holding) => {
    expect(bondOf(put, on).holding).toBe(holding);
  });

  it("holds no row that another hides whole", () => {
    for (const b of BONDS)
      expect(
        b.put.some((put) => b.on.some((on) => bondOf(put, on) === b)),
        `${b.row}: ${b.put.join()} on ${b.on.join()}`,
      ).toBe(true);
  });

  it("lists what nobody told, and says so of each", () => {
    const saidUnknown = new Set(
      BONDS.filter((b) => b.holding === "unknown").flatMap((b) =>
        b.put.flatMap((put) => b.on.map((on) => `${put} on ${on}`)),
      ),
    );
    const unknown = applied.flatMap((put) =>
      surfaces.filter((on) => bondOf(put, on).holding === "unknown").map((on) => `${put} on ${on}`),
    );
    // What no row names is unknown, and nothing else is.
    const named = new Set(BONDS.flatMap((b) => b.put.flatMap((put) => b.on.map((on) => `${put} on ${on}`))));
    expect(unknown.filter((pair) => named.has(pair) && !saidUnknown.has(pair))).toEqual([]);
    expect(unknown).toContain("epoxy on galvanised");
    expect(bondOf("epoxy", "galvanised").cure).toMatch(/scrap for 24 h/);
  });
});
