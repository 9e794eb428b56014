import type { Variant } from "../design/schema";
import type { Levels } from "../levels/levels";
import type { Size3 } from "./box";
import type { Rect } from "./faces";

export type StripId = "dam" | "vent-rail" | "head-rail" | "stile-left" | "stile-right";

/** A strip of the front frame, as a rectangle on the front face. */
export interface Strip extends Rect {
  id: StripId;
  label: string;
}

/**
 * The front frame: dam at the foot, vent rail on it, head rail under the top, stiles between them; all between the sides.
 * @returns the strips there are, and the opening they leave
 */
export function layFront(variant: Variant, inside: Size3, levels: Levels): { strips: Strip[]; opening: Rect } {
  const { dam, ventRail, headRail, stile } = variant.shell.front;
  const full = inside.widthMm;
  const strips: Strip[] = [];
  if (dam) strips.push({ id: "dam", label: "Dam", uMm: 0, vMm: 0, widthMm: full, heightMm: dam.value });
  if (ventRail)
    strips.push({
      id: "vent-rail",
      label: "Vent rail",
      uMm: 0,
      vMm: levels.damTopMm,
      widthMm: full,
      heightMm: ventRail.value,
    });
  if (headRail)
    strips.push({
      id: "head-rail",
      label: "Head rail",
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
      label: "Stile left",
      uMm: 0,
      vMm: levels.openingLowMm,
      widthMm: stileMm,
      heightMm,
    });
    strips.push({
      id: "stile-right",
      label: "Stile right",
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
