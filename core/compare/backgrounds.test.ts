import { describe, expect, it } from "vitest";
import { flatPack, haberdasher } from "../../demo/builds";
import { bareTank, plainWall, planned } from "../../tests/bareTank";
import { jobInput } from "../../tests/job";
import type { Wall } from "../background/schema";
import { parseLocal } from "../design/localTime";
import { statedMm } from "../design/measure";
import { chosenVariant } from "../document/variant";
import { buildUpsOf, finished, finishesOf } from "./backgrounds";
import { panelsSave } from "./panelsSave";

const now = parseLocal(jobInput().now)!;
const wall = plainWall("back", { relief: statedMm(20) });
const withWall = (own: Wall) =>
  planned(
    bareTank((v) => {
      v.background.walls = [own];
    }),
  );
const { site } = withWall(wall);

describe("finishes of one wall side by side", () => {
  const ways = finishesOf(site, wall, now);
  const way = (id: string) => ways.find((w) => w.id === id)!;
  it("have a cost, hours, days and grip each", () => {
    expect(ways).toHaveLength(6);
    for (const w of ways) {
      expect(w.costMinor).toBeGreaterThan(0);
      expect(w.handsOnMinutes).toBeGreaterThan(0);
      expect(w.days).toBeGreaterThan(0);
      expect(w.netMm).toBeCloseTo(400, 6);
    }
  });
  it("take the days their coats take: one of silicone a day or so, three of mortar and a sealer the better part of a week", () => {
    expect(way("grout").days - way("siliconeFibre").days).toBeGreaterThan(2);
    expect(way("sprayGlueFibre").days).toBeLessThanOrEqual(way("siliconeFibre").days);
    expect(way("bareSkin").days).toBeLessThan(way("siliconeFibre").days);
  });
  it("grip by their face: mineral holds toe pads, peat does not", () => {
    expect(way("grout").grip).toBe("good");
    expect(finishesOf(site, { ...wall, fibre: "peat" }, now).find((w) => w.id === "siliconeFibre")!.grip).toBe("poor");
  });
  it("change supplies, diary and mass when one is chosen", () => {
    const silicone = withWall(wall);
    const mortar = withWall(finished(wall, "grout"));
    const needs = (p: typeof silicone) =>
      new Set(p.supplies.filter((s) => s.id.startsWith("background/")).map((s) => s.materialId));
    expect(needs(silicone)).toContain("fill-treefern");
    expect(needs(mortar)).not.toContain("fill-treefern");
    expect(needs(mortar)).toContain("tile-grout");
    const steps = (p: typeof silicone) =>
      p.diary.entries.filter((e) => e.stepId.startsWith("background/back/")).map((e) => e.stepId);
    expect(steps(mortar)).toContain("background/back/grout-3");
    expect(steps(silicone)).not.toContain("background/back/grout-3");
    expect(mortar.tally.massDryKg - silicone.tally.massDryKg).toBeCloseTo(way("grout").kg - way("siliconeFibre").kg, 6);
  });
});

describe("build-ups of one wall side by side", () => {
  const ways = buildUpsOf(site, wall, now);
  const way = (id: string) => ways.find((w) => w.id === id)!;
  it("leave the room what they leave, and weigh what they weigh", () => {
    expect(way("none").netMm).toBe(450);
    expect(way("none").kg).toBe(0);
    expect(way("foam").netMm).toBe(400);
    expect(way("coirMat").netMm).toBe(410);
    // 0.54 m² × 40 mm of packed earth at 1750 kg/m³.
    expect(way("earth").kg).toBeCloseTo(37.8, 6);
    expect(way("earth").kg).toBeGreaterThan(way("foam").kg * 5);
  });
  it("change parts, supplies, diary and net room when one is chosen", () => {
    const panels = withWall({ ...wall, buildUp: "panels" });
    const mat = withWall({ ...wall, buildUp: "coirMat" });
    expect(panels.groups.map((g) => g.material.id)).toContain("xps-20");
    expect(mat.groups.map((g) => g.material.id)).not.toContain("xps-20");
    expect(mat.parts.map((p) => p.id)).toContain("background/back/mat");
    const room = (p: typeof panels) => p.figures.find((f) => f.id === "background/net-room")!.value;
    expect(room(mat)).toBeGreaterThan(room(panels));
  });
});

describe("panels outside against foaming in place", () => {
  const saves = (build: ReturnType<typeof flatPack>) => {
    const p = planned(build);
    return panelsSave(p.site, p.ledgers, now);
  };
  it("save days, since walls in the shell are done one after the other", () => {
    const demo = saves(flatPack())!;
    expect(demo.now).toBe("panels");
    expect(demo.inShellDays - demo.panelsDays).toBeGreaterThan(10);
    expect(demo.residentsSooner).toBeGreaterThan(0);
    expect(saves(haberdasher())!.inShellDays).toBeGreaterThan(saves(haberdasher())!.panelsDays);
  });
  it("agree with the diary itself, laid for each", () => {
    const panels = flatPack();
    const foam = flatPack();
    for (const w of chosenVariant(foam).background.walls) w.buildUp = "foam";
    const residents = (build: ReturnType<typeof flatPack>) => planned(build).diary.residentsInAt!;
    expect((residents(foam) - residents(panels)) / 1440).toBeCloseTo(saves(panels)!.residentsSooner, 9);
    expect(saves(foam)!.residentsSooner).toBeCloseTo(saves(panels)!.residentsSooner, 9);
  });
  it("say nothing where no wall is left to build", () => {
    expect(saves(bareTank())).toBeUndefined();
  });
});
