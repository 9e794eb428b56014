import { describe, expect, it } from "vitest";
import { bareTank, planned, pressed, snagOf } from "../../tests/bareTank";
import { put } from "../../tests/hung";
import { jobBuild, jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import type { Build, Variant } from "../document/schema";
import { newBox } from "./create";
import type { ServiceBox } from "./schema";

const box = (own: Partial<ServiceBox> = {}): ServiceBox => ({
  ...newBox("box", jobInput().book, 300, 200),
  ...own,
});
const tank = (own: Partial<ServiceBox>, more?: (v: Variant) => void): Build =>
  bareTank((v) => {
    v.shell.groundDepth = statedMm(80);
    v.seal.standingWater = statedMm(60);
    v.boxes = [box(own)];
    more?.(v);
  });

describe("a box for what must be reached", () => {
  it("is cut from four sides in the open, two in a corner, flush under the lid", () => {
    const sides = (own: Partial<ServiceBox>) =>
      planned(tank(own))
        .parts.filter((p) => p.id.startsWith("boxes/"))
        .map((p) => [p.id.split("/")[2], p.lengthMm, p.widthMm]);
    // 600 high inside; the other two stand between front and back, each 4 thick.
    expect(sides({})).toEqual([
      ["front", 600, 90],
      ["back", 600, 90],
      ["left", 600, 82],
      ["right", 600, 82],
      ["cover", 95, 95],
      ["screen", 90, 60],
    ]);
    // 90 × 90 × 300: four sides as high as it is, and a cover that overhangs by 5.
    expect(sides({ height: statedMm(300), foot: null })).toEqual([
      ["front", 300, 90],
      ["back", 300, 90],
      ["left", 300, 82],
      ["right", 300, 82],
      ["cover", 95, 95],
    ]);
    expect(sides({ u: statedMm(45), v: statedMm(45), height: statedMm(200), cover: "none" })).toEqual([
      ["back", 200, 90],
      ["right", 200, 86],
      ["screen", 90, 60],
    ]);
  });
  it("is told where silicone lets go, water finds no way in, or nobody gets in again", () => {
    expect(pressed(tank({ held: "silicone" }), "boxes/silicone-lets-go")).toMatchObject({
      label: "Key it, and glue it hot",
      left: undefined,
    });
    expect(
      snagOf(tank({ held: "silicone", of: "glass", material: "glass-4" }), "boxes/silicone-lets-go"),
    ).toBeUndefined();
    const served = (own: Partial<ServiceBox>) =>
      tank(own, (v) => {
        put(v, "waterPump", "pump");
      });
    expect(pressed(served({ foot: null }), "boxes/no-way-in").left).toBeUndefined();
    expect(snagOf(served({}), "boxes/no-way-in")).toBeUndefined();
    expect(pressed(tank({ cover: "glued" }), "boxes/cover-glued").left).toBeUndefined();
    expect(pressed(tank({ height: statedMm(700) }), "boxes/over-the-lid").left).toBeUndefined();
    expect(pressed(tank({ u: statedMm(10) }), "boxes/outside").left).toBeUndefined();
    expect(pressed(tank({ material: null }), "boxes/no-material").left).toBeUndefined();
  });
  it("does not pass the door it should go in by: lower it does", () => {
    const build = jobBuild();
    // The job's doors leave 1500 × 418 clear.
    build.variants[0]!.boxes = [
      box({ width: statedMm(430), length: statedMm(430), u: statedMm(700), v: statedMm(300) }),
    ];
    const snag = planned(build).snags.find((s) => s.rule === "front/does-not-pass" && s.subject.includes("box"))!;
    expect(snag.severity).toBe("stop");
    const { left } = pressed(build, "front/does-not-pass");
    expect(left).toBeUndefined();
    build.variants[0]!.boxes = [box({ u: statedMm(700), v: statedMm(300) })];
    expect(planned(build).snags.some((s) => s.rule === "front/does-not-pass")).toBe(false);
  });
});
