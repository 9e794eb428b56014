import { statedMm } from "../../core/design/measure";
import { newBuild, newVariant } from "../../core/document/create";
import type { Build } from "../../core/document/schema";
import { stackOf } from "../../core/ground/layers/starts";
import type { Place } from "../../core/shell/kinds/panelKit/names";
import type { Delivered, PanelKitShell } from "../../core/shell/kinds/panelKit/schema";
import { hang } from "./hang";
import { measured, starter, wall } from "./measures";

const panel = (place: Place, length: number, width: number, own: Partial<Delivered> = {}): Delivered => ({
  ...{ id: place.toLowerCase(), place, material: "plywood", groove: null },
  ...{ length: measured(length), width: measured(width), thickness: measured(12) },
  holes: { count: 0, bore: statedMm(6) },
  ...own,
});

/** A plywood kit for spiny mice, counted and masked: sealed and slipped flat before two put it up. Two screws are short. */
export function larderKit(): Build {
  const variant = newVariant("panelKit");
  variant.name = "Sealed flat";
  const shell = variant.shell as PanelKitShell;
  const glass = { material: "glass" as const, thickness: measured(5) };
  Object.assign(shell.found, {
    ...{ width: measured(864), depth: measured(412), height: measured(706), thickness: measured(12) },
    material: "plywood",
    panels: [
      panel("base", 864, 400),
      panel("top", 864, 400),
      panel("left", 682, 400, { holes: { count: 8, bore: measured(12) } }),
      panel("right", 682, 400),
      panel("back", 864, 706),
      panel("foot", 840, 96),
      panel("head", 840, 50),
      panel("doorLeft", 532, 417, glass),
      panel("doorRight", 532, 417, glass),
    ],
    bars: { count: 4, kg: measured(0.18) },
  });
  Object.assign(shell.found.fasteners, { kind: "screw", length: statedMm(40), count: 34, spacing: statedMm(200) });
  shell.putUp = { school: "flat", margin: null };
  shell.groundDepth = statedMm(70);
  variant.seal.seams = "all";
  variant.seal.liner = { material: "cloth-liner-warm", upstand: statedMm(110) };
  variant.seal.stacks = (["base", "left", "right", "back"] as const).map((face) => ({
    face,
    layers: [
      { id: "key-1", layer: "key", coats: null, damp: false },
      { id: "varnish-1", layer: "varnish", coats: null, damp: false },
    ],
  }));
  variant.background.walls = [wall("back", { buildUp: "veneer", depth: statedMm(18), relief: statedMm(0) })];
  variant.features = [
    {
      ...{ id: "high-1", name: "High right", face: "right", kind: "mesh", origin: "made", meshOrigin: "made" },
      ...{ shape: "panel", width: statedMm(240), height: statedMm(70), mesh: "steel-mesh-6", lap: statedMm(15) },
      ...{ u: statedMm(200), v: statedMm(590) },
    },
  ];
  variant.ground = { ...variant.ground, layers: stackOf({}) };
  hang(variant, "smokeAlarm", "smoke-alarm", "Smoke alarm", {});
  const build = newBuild("Larder kit", { unit: "mm" }, variant);
  build.brief.residents = [{ ...starter("spiny-mouse"), count: 4, name: "Spiny mice" }];
  return build;
}
