import { unknownKind } from "../sure/unknowns";
import { capital } from "../units/capital";
import { formatNumber } from "../units/format";
import type { Sure } from "./answer";
import type { SharedBands } from "./inBand";

/** A share as so many of ten, as anybody says odds. */
export function oddsWords(share: number): string {
  if (share <= 0.02) return "hardly ever";
  if (share >= 0.98) return "nearly always";
  return `${formatNumber(10 * share, 0)} of 10`;
}

/** Which unknown matters most to what somebody lives by, and what would tell it: that is the one to measure. */
export function mattersMost({ matters }: Pick<Sure, "matters">, bands: SharedBands): string[] {
  return (["tempC", "rh"] as const).flatMap((of) => {
    if (!bands[of] && (bands.tempC || bands.rh)) return [];
    const [most] = [...matters].sort((a, b) => b[of] - a[of]);
    if (!most || most[of] === 0) return [];
    const { name, measure } = unknownKind(most.id);
    return [
      `${of === "rh" ? "Its air" : "Its warmth"} hangs most on ${name} (${formatNumber(100 * most[of], 0)} % of what it may be off by): ${measure} tells that.`,
    ];
  });
}

/** What of ten months as the room and all that is unknown may be comes about. */
export const oddsOf = ({ fog, drainFull, runsDry }: Sure): string[] => [
  ...fog
    .filter((f) => f.share > 0.02 && f.face === "front")
    .map((f) => `${capital(f.face)} fogs: ${oddsWords(f.share)}`),
  ...(drainFull > 0 ? [`The drainage is full within a month: ${oddsWords(drainFull)}`] : []),
  ...(runsDry > 0 ? [`The substrate runs dry within a month: ${oddsWords(runsDry)}`] : []),
];
