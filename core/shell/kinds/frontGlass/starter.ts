import { statedMm } from "../../../design/measure";
import { bareSecondHand, starterScreen } from "../../found/schema";
import type { FrontGlassShell } from "./schema";

/** A common front-opening glass terrarium; the survey replaces it. */
export const starterFrontGlass = (): FrontGlassShell => ({
  kind: "frontGlass",
  found: {
    ...{ width: statedMm(450), depth: statedMm(450), height: statedMm(600) },
    ...{ glass: statedMm(4), basePane: statedMm(4), recess: statedMm(10) },
    sill: { height: statedMm(100), from: "inside" },
    strip: {
      ...{ height: statedMm(30), length: null, openings: "holes" },
      ...{ bore: statedMm(3), slot: statedMm(20), count: 300 },
    },
    doors: {
      ...{ leaves: 2, width: null, height: null, corner: null, latch: "turn" },
      ...{ hinge: statedMm(2), meeting: statedMm(2), head: statedMm(2), foot: statedMm(2) },
    },
    top: starterScreen(),
    notches: { count: 2, width: statedMm(20), shut: statedMm(2) },
    background: { is: "none", thickness: statedMm(30), gap: statedMm(5) },
    tempered: "unknown",
    secondHand: bareSecondHand(),
  },
  ...{ dam: null, floor: null, groundDepth: null, topLoadKg: statedMm(0) },
});
