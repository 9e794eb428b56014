import type { Part } from "../ledgers/ledger";
import type { Site } from "./site";

/** The shell's panels of bought sheet, as parts. */
export const panelParts = ({ shell, saySum }: Pick<Site, "shell" | "saySum">): Part[] =>
  shell.panels.map(({ id, label, lengthMm, widthMm, thicknessMm, materialId, grained, working }) => ({
    id,
    label,
    materialId,
    kind: "panel",
    lengthMm,
    widthMm,
    thicknessMm,
    qty: 1,
    grainLocked: grained,
    working: { length: saySum(working.length), width: saySum(working.width) },
  }));
