import type { Opening } from "../shell/shell";
import type { Site } from "../shell/site";
import { climateEnds } from "./door/ends";
import { paneMoves } from "./door/movement";
import { type Infill, infillOf } from "./leaf/stuff";
import { surroundOf } from "./leaf/surround";

/** How much more an opening grows than what runs in it, from making to each end of the climate, mm; less than 0 where it binds. */
export interface Seasons {
  dryMm: number;
  wetMm: number;
}

const none = { typed: "0", value: 0, how: "stated" } as const;

/** What a pane without bars moves and bends by. */
export const paneStuff = (infill: Infill) => paneMoves(infillOf(infill, { rebate: none, play: none }, undefined));

/**
 * By both ends of the climate (source: door-rules): (α of the opening − α of the pane)·L·ΔT − swelling of the pane·L·Δ%.
 * @param lengthMm the length both share
 */
export function seasonsOf(
  site: Site,
  opening: Pick<Opening, "face">,
  lengthMm: number,
  { growthPerK, moisturePerPercent }: Pick<ReturnType<typeof paneStuff>, "growthPerK" | "moisturePerPercent">,
): Seasons {
  const { made, dry, wet } = climateEnds(site);
  const perK = surroundOf(site, opening).growthPerK.value - growthPerK;
  const at = ({ tempC, moisturePercent }: typeof made) =>
    lengthMm * (perK * (tempC - made.tempC) - moisturePerPercent * (moisturePercent - made.moisturePercent));
  return { dryMm: at(dry), wetMm: at(wet) };
}

/** How far a gap opens at its worst end, mm. */
export const opensMm = ({ dryMm, wetMm }: Seasons): number => Math.max(0, dryMm, wetMm);

/** How far it closes at its worst end, mm, and which that is. */
export const closesMm = ({ dryMm, wetMm }: Seasons): { mm: number; at: "dry" | "wet" } =>
  dryMm < wetMm ? { mm: Math.max(0, -dryMm), at: "dry" } : { mm: Math.max(0, -wetMm), at: "wet" };
