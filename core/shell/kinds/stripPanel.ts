import type { Board } from "../../materials/board";
import type { Sum } from "../../units/sum";
import type { Panel, Strip } from "../shell";

/**
 * A strip of a front frame as a piece to be cut.
 * @param bedMm what lies between its ends and the panels it stands between
 */
export function stripPanel(strip: Strip, sheet: Pick<Board, "id" | "thicknessMm" | "grained">, bedMm = 0): Panel {
  const lying = strip.role !== "stile";
  const { widthMm, heightMm } = strip;
  const beds: Sum = bedMm > 0 ? [" − ", 2 * bedMm, " two beds"] : [];
  return {
    id: `front/${strip.id}`,
    label: strip.label,
    face: "front",
    lengthMm: (lying ? widthMm : heightMm) - 2 * bedMm,
    widthMm: lying ? heightMm : widthMm,
    thicknessMm: sheet.thicknessMm,
    materialId: sheet.id,
    grained: sheet.grained,
    working: lying
      ? { length: [widthMm, " between the sides", ...beds], width: [heightMm, " high"] }
      : { length: [heightMm, " between dam and head rail", ...beds], width: [widthMm, " wide"] },
  };
}
