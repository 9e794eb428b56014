import { describe, expect, it } from "vitest";
import { dividerOf, poolOf } from "../../tests/inside";
import { planned, tankOf } from "../../tests/tankOf";
import { statedMm } from "../design/measure";
import type { Variant } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { areaMm2 } from "../shell/outline";
import { THINGS } from "../things/list";
import { insideSolids } from "../views/insideSolids";
import { cutStrata } from "./cutStrata";
import type { Layer } from "./layers/schema";
import { fillOf } from "./mass";
import { RECIPES } from "./mix";
import { floorZones } from "./zones";

const drain = (id: string, body: "clay" | "gravel", mm: number): Layer => ({
  ...{ id, kind: "drain", zone: null, body, depth: statedMm(mm) },
});

/**
 * An open tank 750 × 370 inside: double mesh front to back 315 from the left, land left of it (clay 50 and gravel 20, mix to
 * 110), pool right of it with a box 90 × 90 in its corner, water at 60.
 */
const shared = (more?: (v: Variant) => void) =>
  tankOf({ lengthMm: 762, widthMm: 382, heightMm: 400, glassMm: 6 }, (v) => {
    v.shell.groundDepth = statedMm(110);
    v.seal.standingWater = statedMm(60);
    v.ground.layers = [
      drain("clay", "clay", 50),
      drain("gravel", "gravel", 20),
      { id: "mix", kind: "mix", zone: null, depth: null, ...structuredClone(RECIPES[0]!.mix) },
    ];
    v.dividers = [
      dividerOf({
        ...{ id: "mesh", name: "Double mesh", watertight: false, height: statedMm(150) },
        line: { from: { on: "front", at: statedMm(315) }, to: { on: "back", at: statedMm(315) } },
        layers: [
          { id: "layer-1", of: "mesh", material: "fly-screen" },
          { id: "layer-2", of: "mesh", material: "fly-screen" },
        ],
      }),
    ];
    v.vessels = [poolOf({ zone: "mesh:b", wayOut: "stones" })];
    v.boxes = [
      {
        ...{ id: "box", name: "Pump box", origin: "made", face: "base", u: statedMm(705), v: statedMm(325) },
        ...{ width: statedMm(90), length: statedMm(90), height: null, of: "twinWall", material: "twin-wall-4" },
        ...{ held: "hotGlue", foot: { mesh: "fly-screen", height: statedMm(30) }, hose: statedMm(14), cover: "lifts" },
      },
    ];
    more?.(v);
  });

describe("land and water that share one level through double mesh", () => {
  const p = planned(shared());
  const fills = Object.fromEntries(fillOf(p.site).map((f) => [f.id, f.litres]));
  const within = (litres: number, hand: number) => expect(Math.abs(litres / hand - 1)).toBeLessThan(0.02);

  it("holds 9.66 L of pool, 2.94 L in its land, 12.6 L together, less mesh and the walls of its box (worked by hand)", () => {
    within(fills.water!, 9.66);
    within(fills.held!, 2.94);
    within(p.figures.find((f) => f.id === "ground/shared-water")!.value, 12.6);
    // Exactly: half of two meshes of 0.28 wire, and two sides of the box of 4 mm: the others are the tank's own.
    const box = 2 * 90 * 4;
    expect(fills.water!).toBeCloseTo((435 * 370 - (0.56 / 2) * 370 - box) * 60e-6, 3);
    expect(fills.held!).toBeCloseTo((315 - 0.28) * 370 * 60e-6 * 0.42, 3);
    expect(p.figures.find((f) => f.id === "vessels/pool/litres")!.value).toBeCloseTo(fills.water!, 9);
  });
  it("doses conditioner by all of it", () => {
    const litres = p.figures.find((f) => f.id === "ground/shared-water")!.value;
    expect(p.figures.find((f) => f.id === "vessels/conditioner")!.value).toBeCloseTo(litres * 0.25, 9);
  });
  it("is cut as it lies: the section's areas are the litres", () => {
    const pieces = cutStrata(p.site, "leftRight", 185);
    const area = (kind: string) => pieces.filter((q) => q.kind === kind).reduce((sum, q) => sum + areaMm2(q.points), 0);
    // Through the middle of the depth, which the box in the corner is behind.
    expect(area("drain")).toBeCloseTo(315 * 70, 6);
    expect(area("water")).toBeCloseTo(435 * 60, 6);
    expect(area("mix")).toBeCloseTo(315 * 40, 6);
    expect(area("divider")).toBeCloseTo(0.56 * 150, 6);
  });
  it("has a part of the floor on either side, its box's two own sides to cut and its mesh twice", () => {
    expect(floorZones(p.site).map((z) => [z.words, z.pool?.name])).toEqual([
      ["left of double mesh", undefined],
      ["right of double mesh", "Pool"],
    ]);
    const cut = (id: string) => p.parts.filter((q) => q.id.startsWith(id)).map((q) => [q.id, q.lengthMm, q.widthMm]);
    expect(cut("boxes/box")).toEqual([
      ["boxes/box/front", 394, 90],
      ["boxes/box/left", 394, 86],
      ["boxes/box/cover", 95, 95],
      ["boxes/box/screen", 90, 60],
    ]);
    expect(cut("dividers/mesh").map(([, l, w]) => [l, w])).toEqual([
      [367, 150],
      [367, 150],
    ]);
  });
  it("stands in the model where the net and the sections have it", () => {
    const solids = insideSolids(p.shell, p.site.variant, p.site.book);
    const extent = (id: string, axis: 0 | 1 | 2) => {
      const at = solids.find((x) => x.id === id)!.mesh.points.map((q) => q[axis]);
      return [Math.min(...at), Math.max(...at)];
    };
    // On the floor of the net, the box is its rectangle; up to the lid.
    const { placed } = THINGS.box;
    const rect = placed!.rect(placed!.items(p.site.variant)[0]!);
    expect(extent("box-box", 0)).toEqual([rect.uMm, rect.uMm + rect.widthMm]);
    expect(extent("box-box", 1)).toEqual([rect.vMm, rect.vMm + rect.heightMm]);
    expect(extent("box-box", 2)).toEqual([0, p.shell.levels.topMm]);
    // In the section left to right, the mesh stands where it stands in the model.
    const cut = cutStrata(p.site, "leftRight", 185).find((q) => q.kind === "divider")!.points;
    const span = (i: 0 | 1) => [Math.min(...cut.map((q) => q[i])), Math.max(...cut.map((q) => q[i]))];
    for (const [axis, along] of [
      [0, 0],
      [2, 1],
    ] as const)
      extent("divider-mesh", axis).forEach((mm, i) => {
        // The model draws no mesh thinner than a millimetre.
        expect(Math.abs(mm - span(along)[i]!)).toBeLessThan(0.5);
      });
  });
  it("dates its steps: divider and box before the drainage layer, the pool filled after the substrate", () => {
    const at = (id: string) => p.diary.entries.find((e) => e.stepId === id)!;
    const order = ["dividers/set/mesh", "ground/drain/clay", "ground/drain/gravel", "ground/mix/mix", "vessels/fill"];
    for (let i = 1; i < order.length; i++)
      expect(at(order[i]!).startAt, order[i]!).toBeGreaterThanOrEqual(at(order[i - 1]!).readyAt);
    expect(at("boxes/set/box").readyAt).toBeLessThanOrEqual(at("ground/drain/clay").startAt);
  });
  it("lays a layer on one side alone where it is said to lie there, and says where that side is gone", () => {
    const sandy = shared((v) => {
      v.ground.layers.push({ id: "sand", kind: "sand", zone: "mesh:a", depth: statedMm(10) });
    });
    const own = fillOf(planned(sandy).site).find((f) => f.id === "sand")!;
    expect(own.litres).toBeCloseTo((315 - 0.28) * 370 * 10e-6, 6);
    const gone = structuredClone(sandy);
    chosenVariant(gone).dividers = [];
    const rules = planned(gone).snags.map((s) => s.rule);
    expect(rules).toContain("ground/layer-nowhere");
    expect(rules).toContain("vessels/pool-nowhere");
  });
});
