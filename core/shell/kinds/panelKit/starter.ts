import { statedMm } from "../../../design/measure";
import type { PanelKitShell } from "./schema";

/** A kit of which nothing is on the list yet. */
export const starterPanelKit = (): PanelKitShell => ({
  kind: "panelKit",
  found: {
    ...{ width: statedMm(900), depth: statedMm(450), height: statedMm(600) },
    ...{ panels: [], material: "pvcFoam", thickness: statedMm(10), box: "topBaseOver", back: "overlaid" },
    doors: { opens: "swing", meetingGap: statedMm(2), edgeGap: statedMm(2) },
    bars: { count: 0, kg: statedMm(0.2) },
    fasteners: { kind: "screw", length: statedMm(35), count: 40, bought: 0, spacing: statedMm(200) },
    diagonals: { rising: null, falling: null },
  },
  putUp: { school: "undecided", margin: null },
  ...{ dam: null, floor: null, groundDepth: null, topLoadKg: statedMm(0) },
});
