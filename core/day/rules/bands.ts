import type { Snag } from "../../ledgers/ledger";
import { DRY_RH } from "../../residents/factors";
import type { Resident } from "../../residents/schema";
import { capital } from "../../units/capital";
import { formatNumber } from "../../units/format";
import type { DayAnswer } from "../answer";
import { least, mean, most } from "../hours";
import { type Band, LET_PASS_HOURS, outOf } from "../inBand";
import { heatersOf } from "../steady";
import { type About, toldOf } from "./told";

/** A band beside the day of it, in words. */
function sentenceOf(day: readonly number[], { low, high }: Band, unit: string, hours: number, side: string): string {
  const [from, to] = [formatNumber(least(day), 0), formatNumber(most(day), 0)];
  const air =
    from === to
      ? `${from} ${unit} all day`
      : `${from} to ${to} ${unit} over the day, ${formatNumber(mean(day), 0)} on the whole`;
  return `${air}; ${hours} hours of it ${side} the ${formatNumber(low)} to ${formatNumber(high)} it lives in.`;
}

/** What it may come to where all that is unknown goes against it, in words; nothing until that is known. */
const toBeSafe = (far: number | undefined, unit: string): string =>
  far === undefined ? "" : ` To be safe reckon with ${formatNumber(far, 0)} ${unit}.`;

/** Damp: a stop for who lives dry, and for a wet skin that dries out. */
function airSnags(resident: Resident, band: Band, { usual, ends, sure }: DayAnswer): Snag[] {
  const name = resident.name;
  const { rh } = usual;
  const { above, below } = outOf(rh, band, "rh");
  const subject = resident.id;
  if (above > LET_PASS_HOURS.value)
    return [
      toldOf("too-damp", subject, {
        severity: band.high <= DRY_RH.value ? "stop" : "mind",
        title: `Too damp for ${name}`,
        sentence: sentenceOf(rh, band, "% rh", above, "over") + toBeSafe(sure && most(sure.rh.high), "% rh"),
        reason:
          band.high <= DRY_RH.value
            ? "Who lives dry falls ill in the lungs where the air stays damp (common practice, no source)."
            : "More air high up, fewer wet surfaces, or less mist; a new shell reads high for its first days.",
        figure: "day/rh",
      }),
    ];
  if (below > LET_PASS_HOURS.value)
    return [
      toldOf("too-dry", subject, {
        severity: resident.traits.wetSkin ? "stop" : "mind",
        title: `Too dry for ${name}`,
        sentence: sentenceOf(rh, band, "% rh", below, "under") + toBeSafe(sure && least(sure.rh.low), "% rh"),
        reason: resident.traits.wetSkin
          ? "A wet skin dries out in hours (common practice, no source)."
          : "Less open mesh, more mist, or more that holds water.",
        figure: "day/rh",
      }),
    ];
  const dry = outOf(ends.dry.rh, band, "rh").below;
  const damp = outOf(ends.damp.rh, band, "rh").above;
  if (Math.max(dry, damp) <= LET_PASS_HOURS.value) return sure ? unsureSnags(resident, band, sure.rh, "% rh") : [];
  const [when, day, hours, side] =
    dry >= damp ? (["driest", ends.dry.rh, dry, "under"] as const) : (["dampest", ends.damp.rh, damp, "over"] as const);
  return [
    toldOf("room-decides", subject, {
      severity: "note",
      title: `${name}: the room decides`,
      sentence: `In the ${when} air you typed for the room: ${sentenceOf(day, band, "% rh", hours, side)}`,
      reason: "In its usual air it is within the band: watch the gauge when the season turns.",
      figure: "day/rh",
    }),
  ];
}

/** Within its band on a usual day and at the ends of the room, and yet not to be safe: a note. */
function unsureSnags(
  { id, name }: Resident,
  band: Band,
  { low, high }: { low: number[]; high: number[] },
  unit: "% rh" | "°C",
): Snag[] {
  const of = unit === "°C" ? "tempC" : "rh";
  const below = outOf(low, band, of).below;
  const above = outOf(high, band, of).above;
  if (Math.max(below, above) <= LET_PASS_HOURS.value) return [];
  const [hours, side, far] = below >= above ? [below, "under", least(low)] : [above, "over", most(high)];
  return [
    toldOf(of === "rh" ? "air-unsure" : "warmth-unsure", id, {
      severity: "note",
      title: `${name}: within its band, but not to be safe`,
      sentence: `On a usual day it is within ${formatNumber(band.low)} to ${formatNumber(band.high)} ${unit}; to be safe reckon with ${formatNumber(far, 0)} ${unit}, ${hours} hours of it ${side}.`,
      reason: "Under Air stands which unknown matters most: measured, it is one no longer.",
      figure: "day/in-band",
    }),
  ];
}

/** Warmth: in the room as it usually is, then in the coldest and the warmest. What heats, and is too weak, is told by itself. */
function warmthSnags(resident: Resident, band: Band, { usual, ends, sure }: DayAnswer, heated: boolean): Snag[] {
  const rooms = [
    ["as the room usually is", usual.tempC],
    ...(heated ? [] : [["in the coldest room you typed", ends.cold.tempC] as const]),
    ["in the warmest room you typed", ends.warm.tempC],
  ] as const;
  for (const [when, day] of rooms) {
    const { above, below } = outOf(day, band, "tempC");
    if (Math.max(below, above) <= LET_PASS_HOURS.value) continue;
    const cold = below >= above;
    return [
      toldOf(cold ? "too-cold" : "too-warm", resident.id, {
        severity: "mind",
        title: `Too ${cold ? "cold" : "warm"} for ${resident.name}`,
        sentence: `${capital(when)}: ${sentenceOf(day, band, "°C", cold ? below : above, cold ? "under" : "over")}${toBeSafe(sure && (cold ? least(sure.tempC.low) : most(sure.tempC.high)), "°C")}`,
        reason: cold
          ? "A heater, longer hours, or more that keeps warmth in. Warm and cool places within the shell are not told apart."
          : "Fewer watts, shorter hours, or more air. Warm and cool places within the shell are not told apart.",
        figure: "day/temp",
      }),
    ];
  }
  return sure ? unsureSnags(resident, band, sure.tempC, "°C") : [];
}

/** Whether everyone is to live in air they bear: before they move in. */
export function bandSnags({ site, day: { answer } }: About): Snag[] {
  if (!answer) return [];
  const heated = heatersOf(site).length > 0;
  return site.brief.residents.flatMap((r) => [
    ...(r.bands.rh ? airSnags(r, r.bands.rh, answer) : []),
    ...(r.bands.tempC ? warmthSnags(r, r.bands.tempC, answer, heated) : []),
  ]);
}
