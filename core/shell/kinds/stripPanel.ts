import type { MaterialOf } from "../../materials/schema";
import { formatNumber } from "../../units/format";
import type { Panel, Strip } from "../shell";

/** A strip of a front frame as a piece to be cut. */
export function stripPanel(strip: Strip, sheet: MaterialOf<"sheet">): Panel {
  const lying = !strip.id.startsWith("stile");
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
      ? { length: `${formatNumber(widthMm, 2)} between the sides`, width: `${formatNumber(heightMm, 2)} high` }
      : { length: `${formatNumber(heightMm, 2)} between dam and head rail`, width: `${formatNumber(widthMm, 2)} wide` },
  };
}
