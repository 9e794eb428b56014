import { describe, expect, it } from "vitest";
import { demoBuilds } from "../../demo/builds";
import { jobInput } from "../../tests/job";
import { siteFloor } from "../ground/site";
import { plan } from "../plan";
import { drainsOf } from "./drains";

describe("ways to drain a floor", () => {
  it("are reckoned for its own area and depth: litres by voids, mass by bulk (worked by hand)", () => {
    const cabinet = demoBuilds().find((b) => b.name.includes("cabinet"))!;
    const { site } = plan(jobInput(cabinet), undefined, true);
    const ways = drainsOf(site);
    const { landM2 } = siteFloor(site);
    const clay = ways.find((w) => w.id === "clay")!;
    // 40 mm over the land: 42 % voids, 400 kg/m³.
    expect(clay.depthMm).toBe(40);
    expect(clay.holdsLitres).toBeCloseTo(landM2 * 40 * 0.42, 6);
    expect(clay.kg).toBeCloseTo(landM2 * 0.04 * 400, 6);
    const grid = ways.find((w) => w.id === "eggCrate")!;
    expect(grid.holdsLitres).toBeGreaterThan(clay.holdsLitres);
    expect(grid.kg).toBeLessThan(clay.kg);
  });

  it("are all told, also where no layer is planned yet", () => {
    const build = structuredClone(demoBuilds()[0]!);
    for (const v of build.variants) v.ground.layers = [];
    const ways = drainsOf(plan(jobInput(build), undefined, true).site);
    expect(ways.map((w) => w.id)).toEqual(["clay", "stones", "gravel", "eggCrate", "sponge", "mat"]);
    for (const way of ways) expect(way.holdsLitres).toBeGreaterThan(0);
  });
});
