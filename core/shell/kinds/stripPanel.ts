import type { MaterialOf } from "../../materials/schema";
import type { Panel, Strip } from "../shell";

/** A strip of a front frame as a piece to be cut. */
export function stripPanel(strip: Strip, sheet: MaterialOf<"sheet">): Panel {
  const lying = strip.role !== "stile";
  const { widthMm, heightMm } = strip;
  return {
    id: `front/${strip.id}`,
    label: strip.label,
    face: "front",
    lengthMm: lying ? widthMm : heightMm,
    widthMm: lying ? heightMm : widthMm,
    thicknessMm: sheet.thicknessMm,
    materialId: sheet.id,
    grained: sheet.grained,
    working: lying
      ? { length: [widthMm, " between the sides"], width: [heightMm, " high"] }
      : { length: [heightMm, " between dam and head rail"], width: [widthMm, " wide"] },
  };
}
