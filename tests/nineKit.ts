import { statedMm } from "../core/design/measure";
import { newBuild, newVariant } from "../core/document/create";
import type { Build } from "../core/document/schema";
import type { Place } from "../core/shell/kinds/panelKit/names";
import type { Delivered, PanelKitShell } from "../core/shell/kinds/panelKit/schema";
import { plainWall } from "./bareTank";

const panel = (place: Place, length: number, width: number, own: Partial<Delivered> = {}): Delivered => ({
  ...{ id: place.toLowerCase(), place, material: "pvcFoam", groove: null },
  ...{ length: statedMm(length), width: statedMm(width), thickness: statedMm(10) },
  holes: { count: 0, bore: statedMm(6) },
  ...own,
});

/** A kit of nine panels, 1000 × 500 × 800 outside, 10 mm; slips on its back, coats on four of its faces. */
export function nineKit(
  school: PanelKitShell["putUp"]["school"],
  change?: (shell: PanelKitShell, build: Build) => void,
): Build {
  const variant = newVariant("panelKit");
  const shell = variant.shell as PanelKitShell;
  const glass = { material: "glass" as const, thickness: statedMm(4) };
  Object.assign(shell.found, { width: statedMm(1000), depth: statedMm(500), height: statedMm(800) });
  shell.found.panels = [
    panel("base", 1000, 490),
    panel("top", 1000, 490),
    panel("left", 780, 490),
    panel("right", 780, 490),
    panel("back", 1000, 800),
    panel("foot", 980, 100),
    panel("head", 980, 60),
    panel("doorLeft", 616, 487, glass),
    panel("doorRight", 616, 487, glass),
  ];
  shell.found.fasteners.count = 60;
  shell.putUp.school = school;
  shell.groundDepth = statedMm(60);
  variant.seal.stacks = (["base", "left", "right", "back"] as const).map((face) => ({
    face,
    layers: [
      { id: "key-1", layer: "key", coats: null, damp: false },
      { id: "rubber-1", layer: "rubberBrush", coats: null, damp: false },
    ],
  }));
  variant.background.walls = [plainWall("back", { buildUp: "veneer", depth: statedMm(15), relief: statedMm(0) })];
  const build = newBuild("Nine panels", { unit: "mm" }, variant);
  change?.(shell, build);
  return build;
}
