import { ML_PER } from "../../../units/quantity";
import type { TubShell } from "./schema";

/** A way a label's volume may have come about, and how far it is from the label. */
export interface Explanation {
  words: string;
  ml: number;
  /** (this − label) ÷ label. */
  off: number;
  fits: boolean;
}

/** Within this share of the label an explanation fits; makers round, and tapes slip. From memory. */
const FIT_SHARE = 0.04;
/** Makers fill tubs to about this under the rim when they speak of contents, mm. From memory. */
const BELOW_RIM_MM = 25;

/**
 * Ways in which a label's volume could be meant, against the tub as measured.
 * @param found the survey, with a claim in mL
 * @param volumeBelow inside volume below a height, mL
 * @returns each with its volume, nearest first; empty without a claim
 */
export function explainClaim(found: TubShell["found"], volumeBelow: (zMm: number) => number): Explanation[] {
  const { claim, rimLength, rimWidth, height, wall } = found;
  if (!claim) return [];
  const box = (l: number, w: number, h: number) => (l * w * h) / 1000;
  const full = volumeBelow(height.value);
  const candidates: [string, number][] = [
    ["filled to the rim", full],
    ["filled to 25 mm under the rim", volumeBelow(Math.max(1, height.value - BELOW_RIM_MM))],
    [
      "rim length × rim width × height, as if the walls did not taper",
      box(rimLength.value, rimWidth.value, height.value),
    ],
    [
      "outside sizes multiplied",
      box(rimLength.value + 2 * wall.value, rimWidth.value + 2 * wall.value, height.value + wall.value),
    ],
    ["the number is of quarts, read as gallons", full * (ML_PER.gal / ML_PER.qt)],
    ["the number is of gallons, read as quarts", full * (ML_PER.qt / ML_PER.gal)],
    ["the number is of quarts, read as litres", full * (1000 / ML_PER.qt)],
    ["the number is of litres, read as quarts", full * (ML_PER.qt / 1000)],
  ];
  return candidates
    .map(([words, ml]) => ({
      words,
      ml,
      off: (ml - claim.value) / claim.value,
      fits: Math.abs(ml - claim.value) <= FIT_SHARE * claim.value,
    }))
    .sort((a, b) => Math.abs(a.off) - Math.abs(b.off));
}
