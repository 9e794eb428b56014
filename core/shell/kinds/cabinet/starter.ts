import { statedMm } from "../../../design/measure";
import type { CabinetShell } from "./schema";

const board = (thicknessMm: number): CabinetShell["found"]["faces"]["base"] => ({
  material: "chipboard",
  thickness: statedMm(thicknessMm),
});

/** Starting values for a board cabinet with glass doors; the survey replaces them. */
export const starterCabinet = (): CabinetShell => ({
  kind: "cabinet",
  found: {
    width: statedMm(900),
    depth: statedMm(450),
    height: statedMm(1500),
    faces: {
      base: board(16),
      top: board(16),
      left: board(16),
      right: board(16),
      back: { material: "mdf", thickness: statedMm(4) },
      front: { material: "glass", thickness: statedMm(4) },
    },
    doors: { leaves: 2, opens: "swing", meetingGap: statedMm(3), edgeGap: statedMm(2) },
    frame: statedMm(0),
    below: { height: null, material: "chipboard", thickness: statedMm(16) },
    shelves: [],
    holes: { count: 0, dia: statedMm(5), plugged: false },
    legs: null,
  },
  ...{ tray: null, dam: null, floor: null },
  groundDepth: null,
  topLoadKg: statedMm(0),
});
