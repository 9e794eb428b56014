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

const UNITS = { l: "litres", qt: "quarts", gal: "gallons" } as const;

/** The label's number in another unit than it was taken for, as a volume to set against the label. */
function mistakenUnits(typed: string, fullMl: number): [string, number][] {
  const word = /([a-z]+)[^a-z]*$/i.exec(typed)?.[1]?.toLowerCase() ?? "l";
  const taken = word.startsWith("q") ? "qt" : word.startsWith("g") ? "gal" : "l";
  return (Object.keys(UNITS) as (keyof typeof UNITS)[])
    .filter((meant) => meant !== taken)
    .map((meant) => [`${UNITS[meant]} taken for ${UNITS[taken]}`, fullMl * (ML_PER[taken] / ML_PER[meant])]);
}

/**
 * Ways in which a label's volume could be meant, against the tub as measured.
 * @param found the survey, with a claim in mL
 * @param volumeBelow inside volume below a height, mL
 * @param say a length in the build's own units
 * @returns each with its volume, nearest first; empty without a claim
 */
export function explainClaim(
  found: TubShell["found"],
  volumeBelow: (zMm: number) => number,
  say: (mm: number) => string,
): Explanation[] {
  const { claim, rimLength, rimWidth, height, wall } = found;
  if (!claim) return [];
  const box = (l: number, w: number, h: number) => (l * w * h) / 1000;
  const full = volumeBelow(height.value);
  const candidates: [string, number][] = [
    ["filled to the rim", full],
    [`filled to ${say(BELOW_RIM_MM)} under the rim`, volumeBelow(Math.max(1, height.value - BELOW_RIM_MM))],
    [
      "rim length × rim width × height, as if the walls did not taper",
      box(rimLength.value, rimWidth.value, height.value),
    ],
    [
      "outside sizes multiplied",
      box(rimLength.value + 2 * wall.value, rimWidth.value + 2 * wall.value, height.value + wall.value),
    ],
    ...mistakenUnits(claim.typed, full),
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
