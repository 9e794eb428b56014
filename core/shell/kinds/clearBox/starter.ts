import { statedMm } from "../../../design/measure";
import type { ClearBoxShell } from "./schema";

/** A clear box with a door on magnets and a lid in grooves; the survey replaces it. */
export const starterClearBox = (): ClearBoxShell => ({
  kind: "clearBox",
  found: {
    ...{ width: statedMm(300), depth: statedMm(220), height: statedMm(260), wall: statedMm(4) },
    ...{ plastic: "acrylic", joints: "welded" },
    door: {
      ...{ is: "magnets", height: null, foot: statedMm(60), gap: statedMm(1), catch: "none" },
      magnets: { count: 4, pull: statedMm(6), apart: statedMm(0.5), stop: "there" },
    },
    lid: {
      ...{ is: "slides", thickness: statedMm(3), width: null, trimTo: null, grooveDepth: statedMm(2) },
      ...{ groove: statedMm(3.5), gap: statedMm(1), home: "nothing" },
    },
    holes: { count: 0, bore: statedMm(6), where: "walls", height: statedMm(200) },
    ...{ holeEdge: null, holeApart: null, holePatch: "none" },
  },
  ...{ dam: null, floor: null, groundDepth: null, topLoadKg: statedMm(0) },
});
