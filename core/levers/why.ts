import { saturationKgPerM3, vapourKgPerM3 } from "../climate/moist";
import type { DayEnd } from "../day/answer";
import { DAY } from "../day/facts";
import { mean } from "../day/hours";
import { outOf, type SharedBands } from "../day/inBand";
import type { Plan } from "../plan";
import { formatNumber, spanWords } from "../units/format";

/** Whether the room itself is out of the band, on the side that the day is: no change of air mends that. */
function roomIsOut(plan: Plan, bands: SharedBands, day: DayEnd): boolean {
  const { room, asInside } = roomOf(plan, day);
  const out = (of: "tempC" | "rh", x: number) => {
    const band = bands[of];
    return band !== null && outOf(day[of], band, of).above > 0 && x > band.high;
  };
  return out("rh", asInside) || out("tempC", room.tempC);
}

/** The room as it usually is, and how damp its air is once it is as warm as the shell's, % rh. */
function roomOf(plan: Plan, day: DayEnd) {
  const { input } = plan.facts.one(DAY)!.ask;
  const room = Array.isArray(input.room) ? input.room[0]! : input.room;
  const insideC = mean(day.tempC);
  const asInside = (100 * vapourKgPerM3(room.tempC, room.rh)) / saturationKgPerM3(insideC);
  return { room, insideC, asInside: Math.min(100, asInside) };
}

/** What of the room keeps a day out of its band, in words; nothing where it is not the room. */
function roomSays(plan: Plan, bands: SharedBands, day: DayEnd): string {
  const { room, insideC, asInside } = roomOf(plan, day);
  const rh = bands.rh && outOf(day.rh, bands.rh, "rh");
  const temp = bands.tempC && outOf(day.tempC, bands.tempC, "tempC");
  const air = `The room’s own air is ${formatNumber(asInside, 0)} % at ${formatNumber(insideC, 0)} °C`;
  const says = [
    { hours: rh?.below ?? 0, words: `${air}: too dry for any change of air, and what is wet does not make up for it.` },
    { hours: rh?.above ?? 0, words: `${air}, and what is wet in it gives more than is changed.` },
    {
      hours: temp?.below ?? 0,
      words: `The room is ${formatNumber(room.tempC, 1)} °C, and nothing in it heats for long enough.`,
    },
    { hours: temp?.above ?? 0, words: `The room is ${formatNumber(room.tempC, 1)} °C before anything in it warms it.` },
  ].sort((a, b) => b.hours - a.hours)[0]!;
  return says.hours > 0
    ? says.words
    : "A usual day would do, but not nine of ten as the room and all that nobody measured may be: see which of it matters most.";
}

/** What a day comes to, as far as anybody has said what it is to be. */
const dayWords = (day: DayEnd, bands: SharedBands): string =>
  [...(bands.tempC ? [spanWords(day.tempC, "°C", 1)] : []), ...(bands.rh ? [spanWords(day.rh, "% rh")] : [])].join(
    ", ",
  );

/**
 * Why a lever alone cannot.
 * @param nearest the setting that comes nearest, with its plan and its usual day; undefined where none could be made
 * @param stopped what keeps it from going farther
 * @param helps whether it comes any nearer to the band than it is now
 */
export function whyNot(
  nearest: { words: string; plan: Plan; day: DayEnd } | undefined,
  stopped: string | undefined,
  bands: SharedBands,
  helps: boolean,
): string {
  if (!nearest) return stopped ? `It cannot be set otherwise: ${stopped}.` : "It has no other setting.";
  const isRoom = roomIsOut(nearest.plan, bands, nearest.day);
  const cause = stopped && !isRoom ? `More of it does not go: ${stopped}.` : roomSays(nearest.plan, bands, nearest.day);
  if (!helps) return `It brings it no nearer: ${dayWords(nearest.day, bands)}. ${cause}`;
  return `At best (${nearest.words}) it is ${dayWords(nearest.day, bands)}. ${cause}`;
}
