import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import type { DoorInput } from "./format";
import { woodMoisturePercent } from "./moisture";

/** Warmth and damp of the air at making and at both ends of the climate, with the moisture wood comes to there. */
export interface AirEnd {
  tempC: number;
  rh: number;
  moisturePercent: number;
}

const at = (tempC: number, rh: number): AirEnd => ({ tempC, rh, moisturePercent: woodMoisturePercent(rh, tempC) });
const middle = ({ low, high }: { low: number; high: number }) => (low + high) / 2;

/** Wood that lies in air of 100 % takes up water past any equation; nothing is kept so. */
const DAMPEST_RH = 98;

/**
 * What a door goes through (source: door-rules): made in the middle of the room's air; at its driest and coldest the room's,
 * empty; at its wettest and warmest what its residents live in, or the room where nobody has said. Where the air inside is given
 * it widens both.
 */
export function climateEnds({ brief, air }: Pick<Site, "brief" | "air">): Record<"made" | "dry" | "wet", AirEnd> {
  const { room, residents } = brief;
  const highest = (bands: (number | undefined)[], ofRoom: number) =>
    Math.max(ofRoom, ...bands.flatMap((b) => (b === undefined ? [] : [b])));
  const tempC = highest([...residents.map((r) => r.bands.tempC?.high), air?.tempC.high], room.tempC.high);
  const rh = highest([...residents.map((r) => r.bands.rh?.high), air?.rh.high], room.rh.high);
  return {
    made: at(middle(room.tempC), middle(room.rh)),
    dry: at(
      Math.min(room.tempC.low, air?.tempC.low ?? room.tempC.low),
      Math.min(room.rh.low, air?.rh.low ?? room.rh.low),
    ),
    wet: at(tempC, Math.min(DAMPEST_RH, rh)),
  };
}

/** What each end of the climate is called. */
export const SEASON_WORDS = { dry: "cold and dry", wet: "warm and wet" } as const;
/** The air of an end, in words: `18 °C and 35 % rh`. */
export const airWords = ({ tempC, rh }: AirEnd): string =>
  `${formatNumber(tempC, 0)} °C and ${formatNumber(rh, 0)} % rh`;

/** The ends as the sizing takes them. @param madePercent moisture of the wood at making, where it was measured */
export const doorEnds = (
  ends: Record<"made" | "dry" | "wet", AirEnd>,
  madePercent: number | undefined,
): Pick<DoorInput, "made" | "dry" | "wet"> => ({
  made: { tempC: ends.made.tempC, moisturePercent: madePercent ?? ends.made.moisturePercent },
  dry: { tempC: ends.dry.tempC, moisturePercent: ends.dry.moisturePercent },
  wet: { tempC: ends.wet.tempC, moisturePercent: ends.wet.moisturePercent },
});
