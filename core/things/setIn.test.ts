import { describe, expect, it } from "vitest";
import { larderKit } from "../../demo/builds/larderKit";
import { sillBox } from "../../demo/builds/sillBox";
import { planned } from "../../tests/bareTank";
import type { Build } from "../document/schema";
import type { PanelKitShell } from "../shell/kinds/panelKit/schema";
import { THINGS, thingOf, thingsOf } from "./list";
import type { ThingKindId } from "./names";

const rows = (build: Build, kind: ThingKindId) => thingsOf(planned(build)).filter((t) => t.kind === kind);

describe("what is set into a shell, or set up beside it", () => {
  it("is a row each: nine panels by their places, a liner, a shelf", () => {
    expect(rows(larderKit(), "kitPanel").map((t) => t.name)).toEqual([
      ...["Base", "Top", "Left side", "Right side", "Back"],
      ...["Foot of the front", "Head of the front", "Left door", "Right door"],
    ]);
    expect(rows(larderKit(), "kitPanel")[4]!.says).toBe("864 × 706 × 12");
    expect(rows(larderKit(), "liner")[0]!.says).toMatch(/rated for warmth · up 110 mm/);
    expect(rows(sillBox(), "stand")[0]!.says).toBe("3 on it · 2 brackets");
    expect(rows(sillBox(), "kitPanel")).toEqual([]);
    expect(rows(sillBox(), "liner")).toEqual([]);
    expect(rows(larderKit(), "stand")).toEqual([]);
  });
  it("is taken off, and asks for nothing then", () => {
    const kit = larderKit();
    const variant = kit.variants[0]!;
    THINGS.kitPanel.off!(variant, "head", kit);
    THINGS.liner.off!(variant, "liner", kit);
    expect((variant.shell as PanelKitShell).found.panels).toHaveLength(8);
    expect(planned(kit).shell.strips.map((s) => s.id)).toEqual(["foot"]);
    expect(planned(kit).steps.map((s) => s.id)).not.toContain("seal/liner");
    const box = sillBox();
    THINGS.stand.off!(box.variants[0]!, "stand", box);
    expect(planned(box).figures.some((f) => f.id.startsWith("stand/"))).toBe(false);
  });
  it("is where its snags are settled", () => {
    const p = planned(sillBox());
    const order = p.snags.find((s) => s.rule === "stand/order")!;
    expect(thingOf(order, p)).toMatchObject({ kind: "stand" });
    const lid = p.snags.find((s) => s.rule === "clear/lid-slides-open")!;
    expect(thingOf(lid, p)).toMatchObject({ kind: "survey", name: "Lid" });
  });
});
