import { describe, expect, it } from "vitest";
import { jobBuild, jobInput } from "../../tests/job";
import { screenLoss } from "../climate/flow";
import { plan } from "../plan";
import { coversFor, leastAllowedMm } from "./covers";

const p = plan(jobInput());

describe("what could cover a vent", () => {
  it("keeps in whoever is judged by the least allowance, and asks for more area the closer it is", () => {
    expect(leastAllowedMm(p.facts)).toBe(7);
    const all = coversFor(p.site, 10_000, 7);
    expect(all.every((c) => c.keepsIn)).toBe(true);
    const of = (id: string) => all.find((c) => c.id === id)!;
    // 6 mm mesh of 1 mm wire is the more open: it takes the less.
    expect(of("steel-mesh-6").grossMm2).toBeLessThan(of("fly-screen").grossMm2);
    expect(of("steel-mesh-6").grossMm2).toBeLessThan(of("steel-mesh-fine").grossMm2);
    for (const c of all) expect(c.grossMm2).toBeGreaterThan(10_000);
  });

  it("by hand: √(1 + loss × 0.61²) of the open hole's area; holes by the share of a staggered field", () => {
    const [fine] = coversFor(p.site, 10_000, 0.6).filter((c) => c.id === "steel-mesh-fine");
    const share = (0.5 / 0.8) ** 2;
    const loss = screenLoss(share, 0.3, 0.05 / share);
    expect(fine!.grossMm2).toBeCloseTo(10_000 * Math.sqrt(1 + loss * 0.61 ** 2), 6);
    const [bored] = coversFor(p.site, 10_000, 7).filter((c) => c.id === "bored");
    // One hole of d in a rhombus of 2d × 2d·sin 60°.
    expect(bored!.openShare).toBeCloseTo(Math.PI / 4 / (4 * Math.sin(Math.PI / 3)), 9);
    expect(bored!.opensMm).toBe(7);
  });

  it("puts what lets somebody out last, and says so", () => {
    const all = coversFor(p.site, 10_000, 0.8);
    expect(all.filter((c) => c.keepsIn).map((c) => c.id)).toEqual(["steel-mesh-fine"]);
    expect(all.at(0)!.id).toBe("steel-mesh-fine");
    const nobody = jobBuild();
    nobody.brief.residents = [];
    expect(leastAllowedMm(plan(jobInput(nobody)).facts)).toBeUndefined();
    expect(coversFor(p.site, 10_000, undefined).every((c) => c.keepsIn)).toBe(true);
  });
});
