import { describe, expect, it } from "vitest";
import { bareTank, planned, pressed, snagOf } from "../../tests/bareTank";
import { dividerOf } from "../../tests/inside";
import { statedMm } from "../design/measure";
import type { Build, Variant } from "../document/schema";
import { sizePane } from "../panes/pane";
import { filletMl } from "../shell/fillet";
import type { Divider } from "./schema";

const tank = (own: Partial<Divider>, more?: (v: Variant) => void): Build =>
  bareTank((v) => {
    v.shell.groundDepth = statedMm(80);
    v.seal.standingWater = statedMm(60);
    v.dividers = [dividerOf(own)];
    more?.(v);
  });
const across = (mm: number) =>
  ({ from: { on: "front", at: statedMm(mm) }, to: { on: "back", at: statedMm(mm) } }) as const;

describe("a divider", () => {
  it("is cut, held and tested: 450 from wall to wall less two beds, three seams on both faces", () => {
    const p = planned(tank({}));
    const pane = p.parts.find((x) => x.id === "dividers/d/1")!;
    expect([pane.kind, pane.lengthMm, pane.widthMm, pane.thicknessMm]).toEqual(["pane", 447, 100, 6]);
    const seams = p.figures.find((f) => f.id === "dividers/d/seams")!.value;
    expect(seams).toBe(2 * (450 + 2 * 100));
    const sealant = p.supplies.find((s) => s.id.startsWith("dividers/silicone"))!;
    expect(sealant.likely).toBeGreaterThan(filletMl(6, seams));
    expect(p.steps.find((s) => s.id === "dividers/set/d")!.reaches).toEqual(["sealed", "footed"]);
    expect(p.steps.some((s) => s.id === "seal/divider-test/d")).toBe(true);
  });
  it("is sized as a plate with its top edge free, from the deeper side (by `pane`)", () => {
    const p = planned(tank({}));
    const wanted = sizePane({ waterDepthMm: 100, spanMm: 450, edges: "topFree", material: "floatGlass" });
    expect(p.figures.find((f) => f.id === "panes/d")!.value).toBe(wanted.requiredMm);
    const tall = pressed(
      tank({ height: statedMm(420), layers: [{ id: "layer-1", of: "glass", material: "glass-4" }] }),
      "panes/divider-too-thin",
    );
    expect(tall.left).toBeUndefined();
    expect(snagOf(tank({}), "panes/divider-too-thin")).toBeUndefined();
  });
  it("of twin-wall board is glued hot, of mesh is cut twice; what came with the shell is neither cut nor bought", () => {
    const twin = planned(
      tank({ watertight: false, layers: [{ id: "layer-2", of: "twinWall", material: "twin-wall-4" }] }),
    );
    expect(twin.supplies.some((s) => s.materialId === "hot-glue-stick")).toBe(true);
    expect(twin.steps.find((s) => s.id === "dividers/set/d")!.detail).toContain("glued hot");
    const mesh = { id: "layer-3", of: "mesh", material: "fly-screen" } as const;
    const twice = planned(tank({ watertight: false, layers: [mesh, mesh] }));
    expect(twice.supplies.find((s) => s.id === "dividers/fly-screen")!.likely).toBeCloseTo(2 * 447 * 100, 6);
    const found = planned(tank({ origin: "found" }));
    for (const list of [found.parts, found.supplies, found.steps])
      expect(list.filter((x) => x.id.startsWith("dividers/"))).toEqual([]);
  });
  it("is told where it meets no wall, misses one, crosses another, stands nowhere, or is too high", () => {
    const one = tank({ line: { from: { on: "front", at: statedMm(100) }, to: { on: "front", at: statedMm(300) } } });
    expect(pressed(one, "dividers/meets-no-wall")).toMatchObject({ label: "End it on the back", left: undefined });
    const misses = pressed(
      tank({ line: { ...across(600), to: { on: "back", at: statedMm(950) } } }),
      "dividers/meets-no-wall",
    );
    expect([misses.label, misses.left]).toEqual(["Set its end at 900 mm", undefined]);
    const crossed = tank({}, (v) => {
      const line = { from: { on: "left", at: statedMm(200) }, to: { on: "right", at: statedMm(200) } } as const;
      v.dividers.push(dividerOf({ id: "other", name: "Other", line }));
    });
    expect(snagOf(crossed, "dividers/cross")!.severity).toBe("stop");
    expect(pressed(tank({ line: null }), "dividers/no-line").left).toBeUndefined();
    expect(pressed(tank({ height: statedMm(900) }), "dividers/too-high").left).toBeUndefined();
    expect(planned(tank({})).snags.filter((s) => s.rule.startsWith("dividers/"))).toEqual([]);
  });
  it("of foam and stone, or mesh, called watertight is no dam (common practice, no source)", () => {
    for (const of of ["foamStone", "mesh"] as const) {
      const { snag, label, left } = pressed(
        tank({ layers: [{ id: "layer-4", of, material: null }] }),
        "dividers/not-tight",
      );
      expect([snag.severity, label, left]).toEqual(["stop", "Make it a pane of glass, siliconed in", undefined]);
    }
  });
});
