import { formatExactLength, formatFineLength, formatNumber, type LengthDisplay, MILLIMETRES } from "../../units/format";
import { atLeast, atMost, ceil, floor } from "../../units/tolerance";
import { evaporationMmPerDay, ROOM_FACTOR } from "./evaporation";
import { fitSlope, halfWidth, type Point, type Slope, slopeError, together } from "./fit";
import type { Interval, LeakInput, LeakReading, LeakVerdict } from "./format";

/** Readings of shell and pan this close are of one moment, minutes. */
const SAME_MOMENT = 10;
/** A level may seem to rise by so many reading errors, three of a difference of two readings; more is a refill. */
const RISE = 4.3;
/** Further hours that are looked ahead. */
const LOOK_AHEAD_HOURS = 14 * 24;

export type LeakAnswer = { ok: true; value: LeakVerdict } | { ok: false; message: string };

const hoursOf = (at: string) => Date.parse(at) / 3_600_000;
const points = (readings: readonly LeakReading[]): Point[] =>
  readings.map((r) => ({ hours: hoursOf(r.at), mm: r.levelMm }));

/** What is wrong with a series, in words; undefined when nothing is. */
function fault(
  name: string,
  readings: readonly LeakReading[],
  errorMm: number,
  display: LengthDisplay,
): string | undefined {
  const level = (mm: number) => (display.unit === "mm" ? formatNumber(mm, 3) : formatExactLength(mm, display));
  if (readings.length < 2)
    return `${name}: ${readings.length === 0 ? "no reading" : "one reading"}; a loss needs two at least. Read again.`;
  for (let i = 1; i < readings.length; i++) {
    const [before, now] = [readings[i - 1]!, readings[i]!];
    if (hoursOf(now.at) <= hoursOf(before.at))
      return `${name}: the reading of ${now.at} comes after that of ${before.at} in the list but not in time. Put them in order.`;
    if (now.levelMm > before.levelMm + RISE * errorMm)
      return `${name}: the level rose from ${level(before.levelMm)} to ${level(now.levelMm)}${display.unit === "mm" ? " mm" : ""} by ${now.at}. If it was refilled, start again with the reading after; if not, read again.`;
  }
  return undefined;
}

const within = (list: Point[], from: number, to: number) =>
  list.filter((p) => atLeast(p.hours, from) && atMost(p.hours, to));

/** Shell less pan where each reading has one of the same moment; undefined where they have not. */
function differences(shell: readonly Point[], pan: readonly Point[]): Point[] | undefined {
  if (shell.length !== pan.length) return undefined;
  const paired = shell.map((s, i) => ({
    hours: s.hours,
    mm: s.mm - pan[i]!.mm,
    apart: Math.abs(s.hours - pan[i]!.hours),
  }));
  return paired.every((p) => atMost(p.apart * 60, SAME_MOMENT)) ? paired : undefined;
}

const interval = (value: number, half: number): Interval => ({ value, low: value - half, high: value + half });
const times = ({ value, low, high }: Interval, by: number): Interval => ({
  value: value * by,
  low: low * by,
  high: high * by,
});

/** Fits of both series and of the leak between them. */
interface Fits {
  shell: Slope;
  pan: Slope;
  /** Of shell less pan, where both were read at the same moments. */
  difference: Slope | undefined;
  /** What the pan may differ from the shell by. */
  unlike: { error: number; freedom: number };
  leak: { value: number; half: number };
}

function fitBoth(shell: readonly Point[], pan: readonly Point[], errorMm: number, mismatch: number): Fits {
  const [shellFit, panFit] = [fitSlope(shell, errorMm), fitSlope(pan, errorMm)];
  const paired = differences(shell, pan);
  const unlike = { error: Math.abs(mismatch * panFit.mmPerDay), freedom: Number.POSITIVE_INFINITY };
  const difference = paired && fitSlope(paired, errorMm * Math.SQRT2);
  const leak = difference
    ? { value: difference.mmPerDay, half: halfWidth(together([difference, unlike])) }
    : { value: shellFit.mmPerDay - panFit.mmPerDay, half: halfWidth(together([shellFit, panFit, unlike])) };
  return { shell: shellFit, pan: panFit, difference, unlike, leak };
}

/** Hours of a series gone on with at its median spacing. */
function goneOn(list: readonly Point[], more: number): number[] {
  const gap = spacing(list);
  const last = list.at(-1)!.hours;
  return [...list.map((p) => p.hours), ...Array.from({ length: more }, (_, i) => last + (i + 1) * gap)];
}

/** The median of the hours between readings. */
function spacing(list: readonly Point[]): number {
  const gaps = list.slice(1).map((p, i) => p.hours - list[i]!.hours);
  return gaps.sort((a, b) => a - b)[Math.floor(gaps.length / 2)]!;
}

/**
 * Hours until readings at the same spacing, scattering as so far about the same lines, would tell; null when that is too
 * far off. Each more makes it surer, so the first number that tells is found by halving.
 */
function moreHours(shell: readonly Point[], pan: readonly Point[], fits: Fits, input: LeakInput): number | null {
  const gap = spacing(shell);
  const tells = (more: number): boolean => {
    const { low, high } = interval(fits.leak.value, halfAhead(shell, pan, fits, more, input.readingErrorMm));
    return low > input.toleranceMmPerDay || (high < input.toleranceMmPerDay && high >= 0);
  };
  let [short, enough] = [0, floor(LOOK_AHEAD_HOURS / gap)];
  if (enough < 1 || !tells(enough)) return null;
  while (enough - short > 1) {
    const middle = Math.floor((short + enough) / 2);
    if (tells(middle)) enough = middle;
    else short = middle;
  }
  return ceil(enough * gap);
}

/** Half the leak's interval after so many more readings. */
function halfAhead(shell: readonly Point[], pan: readonly Point[], fits: Fits, more: number, errorMm: number): number {
  const errors = fits.difference
    ? [slopeError(goneOn(shell, more), fits.difference, errorMm * Math.SQRT2)]
    : [slopeError(goneOn(shell, more), fits.shell, errorMm), slopeError(goneOn(pan, more), fits.pan, errorMm)];
  return halfWidth(together([...errors, fits.unlike]));
}

/** A loss in words, two digits after the point in millimetres, as many as tell the same in inches. */
const rate =
  (display: LengthDisplay) =>
  (mmPerDay: number): string =>
    `${formatFineLength(mmPerDay, display, 2)} a day`;

/**
 * The verdict of a water test (source: water-test): tight needs both the numbers and dry papers.
 * @param input readings of the shell, and of an open pan standing inside it
 * @param display the units its reasons are told in
 * @returns the verdict with 95 % intervals, or what is wrong with the readings and what to do
 * @example
 * const readings = [
 *   { at: "2026-05-02T09:00:00Z", levelMm: 120 },
 *   { at: "2026-05-03T09:00:00Z", levelMm: 116 },
 * ];
 * const terms = { waterAreaM2: 0.5, readingErrorMm: 0.3, toleranceMmPerDay: 0.5, control: null, room: null };
 * judgeLeak({ ...terms, readings, outsidePaper: "wet" }).value; // { verdict: "leaks", … }
 */
export function judgeLeak(input: LeakInput, display = MILLIMETRES): LeakAnswer {
  const mm = rate(display);
  const { readingErrorMm: errorMm, toleranceMmPerDay: tolerance, outsidePaper, waterAreaM2, control } = input;
  const wrong =
    fault("The shell", input.readings, errorMm, display) ??
    (control ? fault("The pan", control.readings, errorMm, display) : undefined);
  if (wrong) return { ok: false, message: wrong };

  if (!control) return { ok: true, value: withoutPan(input, mm) };
  const [allShell, allPan] = [points(input.readings), points(control.readings)];
  const from = Math.max(allShell[0]!.hours, allPan[0]!.hours) - SAME_MOMENT / 60;
  const to = Math.min(allShell.at(-1)!.hours, allPan.at(-1)!.hours) + SAME_MOMENT / 60;
  const [shell, pan] = [within(allShell, from, to), within(allPan, from, to)];
  if (shell.length < 2 || pan.length < 2)
    return {
      ok: false,
      message:
        "Shell and pan were not read over the same hours: two readings of each at least must lie in the span common to both.",
    };
  const fits = fitBoth(shell, pan, errorMm, control.mismatch);
  const shellMmPerDay = interval(fits.shell.mmPerDay, halfWidth(fits.shell));
  const evaporationMmPerDay = interval(fits.pan.mmPerDay, halfWidth(fits.pan));
  const leak = interval(fits.leak.value, fits.leak.half);
  const answer = (verdict: LeakVerdict["verdict"], more: number | null, why: string): LeakAnswer => ({
    ok: true,
    value: {
      verdict,
      shellMmPerDay,
      evaporationMmPerDay,
      leakMmPerDay: leak,
      // A millimetre on a square metre is a litre.
      leakMlPerDay: times(leak, waterAreaM2 * 1000),
      moreHours: more,
      why,
    },
  });
  if (outsidePaper === "wet")
    return answer("leaks", 0, "A paper under a seam is wet: water comes out, whatever the levels say.");
  if (leak.low > tolerance)
    return answer(
      "leaks",
      0,
      `The shell loses ${mm(leak.value)} more than the pan, at least ${mm(leak.low)}; ${mm(tolerance)} is let pass.`,
    );
  if (leak.high < 0)
    return answer(
      "cannotTell",
      null,
      `The pan loses more than the shell, by ${mm(-leak.high)} at least: it does not stand for it. Put it inside, out of sun and draught, its rim and water near the shell's level.`,
    );
  if (leak.high < tolerance) {
    if (outsidePaper === "notLooked")
      return answer("cannotTell", 0, "The levels say tight; look at the papers under the seams.");
    return answer(
      "tight",
      0,
      leak.low > 0
        ? `Tight as asked: a small loss of ${mm(leak.value)} was measured, at most ${mm(leak.high)}, under the ${mm(tolerance)} let pass.`
        : `The shell loses no more than the pan, give or take ${mm(fits.leak.half)}, and the papers are dry.`,
    );
  }
  const more = moreHours(shell, pan, fits, input);
  const spread = `The leak may be anything from ${mm(Math.max(0, leak.low))} to ${mm(leak.high)}; ${mm(tolerance)} is let pass`;
  return answer(
    "cannotTell",
    more,
    more === null
      ? `${spread}. More readings will not settle it within 14 days: read finer, or make the pan more like the shell.`
      : `${spread}. About ${more} h more at this rate of reading would tell.`,
  );
}

/** Without a pan: evaporation as a room would have it, or not known at all. */
function withoutPan(input: LeakInput, mm: (mmPerDay: number) => string): LeakVerdict {
  const { readingErrorMm, toleranceMmPerDay: tolerance, outsidePaper, waterAreaM2, room } = input;
  const fit = fitSlope(points(input.readings), readingErrorMm);
  const half = halfWidth(fit);
  const shellMmPerDay = interval(fit.mmPerDay, half);
  const guess = room ? evaporationMmPerDay(room) : undefined;
  const evaporation =
    guess === undefined ? null : { value: guess, low: guess * ROOM_FACTOR.low, high: guess * ROOM_FACTOR.high };
  const leak = evaporation && {
    value: fit.mmPerDay - evaporation.value,
    low: fit.mmPerDay - evaporation.value - Math.hypot(half, evaporation.high - evaporation.value),
    high: fit.mmPerDay - evaporation.value + Math.hypot(half, evaporation.value - evaporation.low),
  };
  const common = {
    shellMmPerDay,
    evaporationMmPerDay: evaporation,
    leakMmPerDay: leak,
    leakMlPerDay: leak && times(leak, waterAreaM2 * 1000),
    moreHours: null,
  };
  if (outsidePaper === "wet")
    return {
      ...common,
      verdict: "leaks",
      moreHours: 0,
      why: "A paper under a seam is wet: water comes out, whatever the levels say.",
    };
  if (!leak)
    return {
      ...common,
      verdict: "cannotTell",
      why: `The shell loses ${mm(fit.mmPerDay)}; without a pan nobody knows how much of it the air took. Stand an open pan of the same water inside.`,
    };
  if (leak.low > tolerance)
    return {
      ...common,
      verdict: "leaks",
      moreHours: 0,
      why: `The shell loses ${mm(fit.mmPerDay)}; the room can take ${mm(evaporation!.high)} of it at most.`,
    };
  if (leak.high < 0)
    return {
      ...common,
      verdict: "cannotTell",
      why: "The shell loses less than this room would take: the estimate does not fit it. Stand an open pan inside.",
    };
  if (leak.high < tolerance && outsidePaper === "dry")
    return {
      ...common,
      verdict: "tight",
      moreHours: 0,
      why: `The shell loses no more than such a room takes, ${mm(leak.high)} more at most, and the papers are dry; a pan would be surer.`,
    };
  if (leak.high < tolerance)
    return {
      ...common,
      verdict: "cannotTell",
      moreHours: 0,
      why: "The levels say tight; look at the papers under the seams.",
    };
  return {
    ...common,
    verdict: "cannotTell",
    why: `The room is known too roughly: evaporation of ${mm(evaporation!.low)} to ${mm(evaporation!.high)}. Stand an open pan inside.`,
  };
}
