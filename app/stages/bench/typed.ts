import { MOST_MINUTES } from "#core/bench/names";
import { formatMinutes } from "#core/units/format";
import { parseDecimal } from "#core/units/number";

/** Long for a step of an evening: likely two steps, or minutes typed for hours. */
const LONG_MINUTES = 480;
/** More packs than a builder of one shell opens. */
const MOST_PACKS = 10_000;

/** What is wrong with minutes as they were typed, and whether that keeps them out. */
export function minutesFault(minutes: number | null | undefined, planned: number): { stops: boolean; words: string } {
  if (minutes === null) return { stops: false, words: "" };
  if (minutes === undefined) return { stops: true, words: "Type minutes as a number, such as 25, or leave it empty." };
  if (minutes <= 0 || minutes > MOST_MINUTES)
    return { stops: true, words: `Type minutes from 1 to ${MOST_MINUTES}, or leave it empty: nobody looked.` };
  if (minutes > LONG_MINUTES && minutes > 3 * planned)
    return {
      stops: false,
      words: `${formatMinutes(minutes)} for a step planned at ${formatMinutes(planned)}: kept as typed, and your rate follows it. Were breaks in it?`,
    };
  return { stops: false, words: "" };
}

/**
 * Packs as they were typed, as an amount of the material; nothing typed is none, and undefined what is no number.
 * @param content of a pack, in the material's own unit
 */
export function readPacks(text: string, content: number): number | undefined {
  if (text.trim() === "") return 0;
  const count = parseDecimal(text);
  return count === undefined || count < 0 || count > MOST_PACKS ? undefined : count * content;
}
