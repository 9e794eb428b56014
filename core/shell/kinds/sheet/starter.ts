import { statedMm } from "../../../design/measure";
import type { SheetShell } from "./schema";

/** Starting values for one sheet box; everything in it is the builder's to change. */
export const starterSheet = (): SheetShell => ({
  kind: "sheet",
  size: {
    given: "inside",
    depthTo: "frontEdge",
    width: statedMm(1200),
    depth: statedMm(600),
    height: statedMm(600),
  },
  material: "pvc-foam-10",
  joints: {
    box: "topBaseOver",
    back: "overlaid",
    rabbetDepth: statedMm(5),
    fixing: "cementAndScrews",
    bed: null,
    screwSpacing: statedMm(175),
  },
  front: { dam: null, ventRail: null, headRail: null, stile: null },
  topLoadKg: statedMm(0),
  groundDepth: null,
});
