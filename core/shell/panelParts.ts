import type { Part } from "../ledgers/ledger";
import type { Shell } from "./shell";

/** The shell's panels of bought sheet, as parts. */
export const panelParts = (shell: Shell): Part[] =>
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
    working,
  }));
