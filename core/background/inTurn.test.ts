import { describe, expect, it } from "vitest";
import { demoBuilds } from "../../demo/builds";
import { bareTank, plainWall, planned } from "../../tests/bareTank";
import { statedMm } from "../design/measure";
import { chosenVariant } from "../document/variant";
import type { Plan } from "../plan";
import { WALLS } from "./names";

/** Spans in which the shell must lie on one side: from hands on it to set. */
const held = (p: Plan) =>
  p.diary.entries.flatMap((e) => {
    const step = p.steps.find((s) => s.id === e.stepId)!;
    return step.posture && step.holdsPosture
      ? [{ id: step.id, posture: step.posture, from: e.startAt, to: e.readyAt }]
      : [];
  });

const clashes = (p: Plan) => {
  const spans = held(p);
  return spans.flatMap((a, i) =>
    spans
      .slice(i + 1)
      .flatMap((b) => (a.posture !== b.posture && a.from < b.to && b.from < a.to ? [`${a.id} + ${b.id}`] : [])),
  );
};

describe("walls foamed in the shell", () => {
  const three = planned(
    bareTank((v) => {
      v.background.walls = WALLS.map((face) => plainWall(face, { finish: "grout" }));
    }),
  );
  it("are done in turn: no two lie down at once while one sets", () => {
    expect(held(three).length).toBeGreaterThan(9);
    expect(clashes(three)).toEqual([]);
  });
  it("turn the shell over more than once, panels not at all", () => {
    const panels = planned(
      bareTank((v) => {
        v.background.walls = WALLS.map((face) =>
          plainWall(face, { finish: "grout", buildUp: "panels", depth: statedMm(50) }),
        );
      }),
    );
    const own = held(three).filter((s) => s.id.startsWith("background/"));
    expect(new Set(own.map((s) => s.posture))).toEqual(new Set(["onBack", "onLeft", "onRight"]));
    expect(held(panels).filter((s) => s.id.startsWith("background/"))).toEqual([]);
  });
  it("never clash in any of the demo's builds, whichever way their walls are made", () => {
    for (const build of demoBuilds())
      for (const buildUp of ["foam", "coirMat", "bought"] as const) {
        const copy = structuredClone(build);
        for (const wall of chosenVariant(copy).background.walls) Object.assign(wall, { buildUp, up: false });
        expect(clashes(planned(copy)), `${build.name}, ${buildUp}`).toEqual([]);
      }
  });
});

describe("the demo's builds", () => {
  const plans = Object.fromEntries(demoBuilds().map((b) => [b.name, planned(b)]));
  it("have the walls and the ground they should", () => {
    const walls = (name: string) =>
      chosenVariant(demoBuilds().find((b) => b.name === name)!).background.walls.map((w) => w.buildUp);
    expect(walls("Haberdasher's cabinet")).toEqual(["foam", "foam", "foam"]);
    expect(walls("Flat-pack 1500")).toEqual(["panels", "panels", "panels"]);
    expect(walls("Tower on end")).toEqual(["coirMat"]);
    const strata = (name: string) => plans[name]!.shell.levels.strata.map((s) => s.id);
    expect(strata("Haberdasher's cabinet")).toEqual(["drain", "mix"]);
    expect(strata("Nursery tub")).toEqual(["drain", "mix"]);
    expect(strata("Flat-pack 1500")).toEqual(["mix"]);
    expect(plans["Ant yard"]!.steps.some((s) => s.id === "shell/pour")).toBe(true);
  });
  it("plan a pool of 14 litres in the cabinet, kept from its land", () => {
    // 460 × 508 less half of a pane of 6 mm, and of two sides of its box of twin-wall board 4 mm: 90 each; 60 of water.
    const POOL_L = ((460 - 3) * 508 - 2 * 90 * 4) * 60e-6;
    const cabinet = plans["Haberdasher's cabinet"]!;
    expect(cabinet.figures.find((f) => f.id === "vessels/pool/litres")!.value).toBeCloseTo(POOL_L, 2);
    expect(cabinet.snags.some((s) => s.rule === "ground/land-soaked")).toBe(false);
  });
});
