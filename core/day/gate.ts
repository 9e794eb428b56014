import { type Known, practice } from "../figures/figure";
import type { Logged } from "../gauge/logged";
import type { AirFit, AirRead } from "../gauge/schema";
import { drifts } from "../gauge/words";
import type { Resident } from "../residents/schema";
import { formatNumber } from "../units/format";
import { isOut, LET_PASS_HOURS, type SharedBands, sharedBands } from "./inBand";

/** It is run empty for so many hours before anybody moves in. Common practice, no source. */
const HOURS: Known = { value: 72, basis: practice };

/** What the gauge's readings say of letting residents in. */
export interface Gate {
  /** Undefined where too little was read to say. */
  passes: boolean | undefined;
  words: string;
  /** Hours that were read, and those of them out of the band. */
  hours: number;
  out: number;
}

/** Readings less what a fit knows the gauge to be off by. */
function corrected(read: AirRead, fit: AirFit | undefined): Pick<AirRead, "tempC" | "rh"> {
  if (!fit || drifts(fit)) return read;
  const { offK, offRh } = fit.instrument;
  return {
    tempC: read.tempC.map((t) => (t === null ? null : t - offK)),
    rh: read.rh.map((r) => (r === null ? null : r - offRh)),
  };
}

function outHours({ tempC, rh }: Pick<AirRead, "tempC" | "rh">, bands: SharedBands): { hours: number; out: number } {
  let [hours, out] = [0, 0];
  tempC.forEach((t, h) => {
    const r = rh[h] ?? null;
    const needed = (bands.tempC ? t !== null : true) && (bands.rh ? r !== null : true);
    if (!needed) return;
    hours++;
    if ((bands.tempC && isOut(t!, bands.tempC, "tempC")) || (bands.rh && isOut(r!, bands.rh, "rh"))) out++;
  });
  return { hours, out };
}

/**
 * Judges the newest readings for whoever is to move in.
 * @returns null where nothing was read, or nobody has said what they live in
 */
export function gateOf(
  residents: readonly Resident[],
  { reads, fit }: { reads: readonly Logged<AirRead>[]; fit: Logged<AirFit> | undefined },
): Gate | null {
  const bands = sharedBands(residents);
  const read = reads.at(-1);
  if (!read || (!bands.tempC && !bands.rh)) return null;
  const known = fit?.event.read === read.entry ? fit.event : undefined;
  const first = known?.firstHours ?? 0;
  const air = corrected(read.event, known);
  const { hours, out } = outHours({ tempC: air.tempC.slice(first), rh: air.rh.slice(first) }, bands);
  const said = `${formatNumber(hours - out, 0)} of ${formatNumber(hours, 0)} hours within, by ${read.event.place}`;
  if (hours < HOURS.value)
    return { ...{ passes: undefined, hours, out }, words: `${said}: ${HOURS.value} hours are the least.` };
  const passes = out <= (LET_PASS_HOURS.value / 24) * hours;
  return { ...{ passes, hours, out }, words: `${said}${passes ? "." : ": too many are not."}` };
}
