import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyGround } from "../../../tests/anyInside";
import { bareTank, planned, pressed, snagOf } from "../../../tests/bareTank";
import { dividerOf } from "../../../tests/inside";
import { jobInput } from "../../../tests/job";
import { planUnproved } from "../../../tests/quick";
import { statedMm } from "../../design/measure";
import type { Variant } from "../../document/schema";
import { LIES } from "../../levels/strata";
import { isLaid, layersLie } from "../lies";
import { RECIPES } from "../mix";
import { LAYER_KIND_IDS, LAYER_KINDS } from "./kinds";
import type { Layer } from "./schema";

const tank = (layers: Layer[], more?: (v: Variant) => void) =>
  bareTank((v) => {
    v.shell.groundDepth = statedMm(140);
    v.ground.layers = layers;
    more?.(v);
  });
const mix: Layer = { id: "mix", kind: "mix", zone: null, depth: null, ...structuredClone(RECIPES[0]!.mix) };
const begin = (kind: Layer["kind"], id: string = kind) => LAYER_KINDS[kind].begin(id) as Layer;

describe("a list of layers", () => {
  it("is poured by hand: gravel, clay, a second barrier under sand, and a bagged mix between (900 × 450)", () => {
    const build = tank([
      { ...begin("drain", "gravel"), body: "gravel", depth: statedMm(20) } as Layer,
      { ...begin("drain", "clay"), depth: statedMm(30) } as Layer,
      begin("barrier", "low"),
      begin("bagged"),
      begin("barrier", "high"),
      begin("sand"),
      begin("moss"),
    ]);
    const p = planned(build);
    const litres = Object.fromEntries(layersLie(p.site).map(({ layer, lies }) => [layer.id, lies.litres]));
    // 0.405 m²: 20, 30, what is left of 140 under 20 of sand, 20 of sand, and 20 of moss on top.
    const byHand = { gravel: 8.1, clay: 12.15, bagged: 0.405 * 70, sand: 8.1, moss: 8.1 };
    for (const [id, l] of Object.entries(byHand)) expect(litres[id], id).toBeCloseTo(l, 9);
    expect(p.parts.filter((x) => x.id.startsWith("ground/")).map((x) => x.id)).toEqual(["ground/low", "ground/high"]);
    const supply = (id: string) => p.supplies.find((s) => s.materialId === id)!;
    // A bagged mix settles by 15 %: 28.35 L as it lies are 33.4 L out of the bag.
    expect(supply("fill-bagged").likely).toBeCloseTo((0.405 * 70e3) / 0.85, 3);
    expect(supply("cloth-weedcloth").likely).toBeCloseTo(2 * 960 * 510, 3);
  });
  it("is laid in its order, each layer once the one beneath it is", () => {
    fc.assert(
      fc.property(anyGround, (ground) => {
        const build = tank([], (v) => {
          v.ground = { ...ground, layers: ground.layers.map((l) => ({ ...l, zone: null })) };
        });
        const p = planUnproved(jobInput(build));
        const laid = layersLie(p.site)
          .filter(({ layer, lies }) => isLaid(layer, lies))
          .map(({ layer: l }) => p.diary.entries.find((e) => e.stepId === `ground/${l.kind}/${l.id}`)!);
        for (let i = 1; i < laid.length; i++) expect(laid[i]!.startAt).toBeGreaterThanOrEqual(laid[i - 1]!.readyAt);
      }),
      { numRuns: 40 },
    );
  });
  it("is told of a second that fills up, a drain layer on top, and one that lies in no part of the floor", () => {
    expect(pressed(tank([mix, begin("bagged")]), "ground/two-fill-up").left).toBeUndefined();
    expect(snagOf(tank([mix, begin("sand")]), "ground/two-fill-up")).toBeUndefined();
    const over = pressed(tank([mix, begin("drain")]), "ground/drain-on-top");
    expect(over.left).toBeUndefined();
    expect(over.variant.ground.layers.map((l) => l.kind)).toEqual(["drain", "mix"]);
    const gone = { ...mix, zone: "gone:a" };
    expect(pressed(tank([gone]), "ground/layer-nowhere").left).toBeUndefined();
    expect(
      snagOf(
        tank([{ ...mix, zone: "d:a" }], (v) => void v.dividers.push(dividerOf())),
        "ground/layer-nowhere",
      ),
    ).toBeUndefined();
  });
  it("has every kind begin with what its limits let pass, and says of what it is", () => {
    // Only one of them fills up.
    const every = LAYER_KIND_IDS.map((kind) => {
      const layer = begin(kind);
      return layer.kind === "bagged" ? { ...layer, depth: statedMm(10) } : layer;
    });
    const p = planned(tank(every));
    for (const [i, layer] of every.entries()) {
      expect(LAYER_KINDS[layer.kind].word).not.toBe("");
      expect(
        p.steps.some((s) => s.id === `ground/${layer.kind}/${layer.id}`),
        layer.kind,
      ).toBe(true);
      expect(Object.keys(LIES)).toContain(every[i]!.kind);
    }
  });
});
