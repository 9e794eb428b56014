import type { Levels } from "../../levels/levels";
import type { FaceMaterial } from "../../materials/face";
import type { Rect } from "../faces";
import type { Strip } from "../shell";
import type { Size3 } from "../size";
import type { SheetShell } from "./sheet/schema";

/**
 * The front frame of anything with an open front: dam at the foot, vent rail on it, head rail under the top, stiles between them; all between the sides.
 * @returns the strips there are, and the opening they leave
 */
export function layFront(
  front: SheetShell["front"],
  inside: Size3,
  levels: Levels,
  material: FaceMaterial,
): { strips: Strip[]; opening: Rect } {
  const { dam, ventRail, headRail, stile } = front;
  const full = inside.widthMm;
  const strips: Strip[] = [];
  if (dam)
    strips.push({ id: "dam", role: "dam", label: "Dam", material, uMm: 0, vMm: 0, widthMm: full, heightMm: dam.value });
  if (ventRail)
    strips.push({
      id: "vent-rail",
      role: "ventRail",
      label: "Vent rail",
      material,
      uMm: 0,
      vMm: levels.damTopMm,
      widthMm: full,
      heightMm: ventRail.value,
    });
  if (headRail)
    strips.push({
      id: "head-rail",
      role: "headRail",
      label: "Head rail",
      material,
      uMm: 0,
      vMm: levels.openingHighMm,
      widthMm: full,
      heightMm: headRail.value,
    });
  const heightMm = levels.openingHighMm - levels.openingLowMm;
  const stileMm = stile?.value ?? 0;
  if (stile) {
    strips.push({
      id: "stile-left",
      role: "stile",
      label: "Stile left",
      material,
      uMm: 0,
      vMm: levels.openingLowMm,
      widthMm: stileMm,
      heightMm,
    });
    strips.push({
      id: "stile-right",
      role: "stile",
      label: "Stile right",
      material,
      uMm: full - stileMm,
      vMm: levels.openingLowMm,
      widthMm: stileMm,
      heightMm,
    });
  }
  return {
    strips,
    opening: { uMm: stileMm, vMm: levels.openingLowMm, widthMm: full - 2 * stileMm, heightMm },
  };
}
