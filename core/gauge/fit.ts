import type { ClimateInput } from "../climate/format";
import { type Known, memory } from "../figures/figure";
import { turnedTo } from "../sure/turn";
import type { Unknown } from "../sure/unknowns";
import { asTold, FULL_RH, type GaugeLabel, INSTRUMENT_UNKNOWNS, instrumentAt } from "./instrument";
import { covarianceAt, fitted, misfit, type ToFit } from "./leastSquares";
import { PASS_STEPS_S } from "./passes";
import type { AirFit } from "./schema";
import { type Off, type OffSpread, offOf, settlesFor, spreadOf } from "./spread";
import { over, type Read, type Stretch } from "./week";

/** Readings of a shell, and what it was designed to be. */
export interface FitGiven {
  /** Of the design as nobody had measured it. */
  input: ClimateInput;
  unknowns: readonly Unknown[];
  read: Read;
  stretch: Stretch;
  label: GaugeLabel;
}

/** What readings told, but for which readings they were. */
export type Fit = Omit<AirFit, "kind" | "read">;

/** Before anything is fitted the model may be off by so much, as standard deviations, K and % rh. From memory. */
const AT_FIRST = { k: 0.5, rh: 3 };
/** No gauge is trusted closer than this: what its last digit hides. From memory. */
const CLOSEST = { k: 0.05, rh: 0.4 };
/** The model's own steps hide so much, as standard deviations: a thermostat's cycle, an hour's mean. By `npm run bench:gauge`. */
const HIDDEN = { k: 0.012, rh: 0.12 };
/** So many hours about its drying out the air falls as the water happens to end: they are held to only so well, K and % rh. From memory. */
const DRYING = { hours: 8, k: 1, rh: 25 };
/**
 * Where each unknown is looked for, one after another, before the fit goes on from the best: a store that runs dry an hour
 * sooner is a step that no slope tells of.
 */
const LOOKED_AT = [-2, -1.4, -0.9, -0.45, 0, 0.45, 0.9, 1.4, 2];
/**
 * The model is no straight line where it was fitted: what is left unknown is taken so many times as wide, squared, that nine of
 * ten intervals hold the truth (`npm run bench:gauge`). From memory.
 */
const CURVED: Known = { value: 1.3, basis: memory };

interface Spreads {
  k: OffSpread;
  rh: OffSpread;
}

const rootMeanSquare = (off: Off): number => {
  const known = off.filter((x) => x !== null);
  return Math.sqrt(known.reduce((sum, x) => sum + x * x, 0) / Math.max(1, known.length));
};

/** Moves each unknown to wherever it fits better, one after another. */
function lookedRound(given: ToFit, from: readonly number[], unknowns: number): number[] {
  const at = (z: readonly number[]) => misfit(given, given.model(z), z);
  let [z, best] = [[...from], at(from)];
  for (let k = 0; k < unknowns; k++)
    for (const there of LOOKED_AT) {
      const other = z.map((x, i) => (i === k ? there : x));
      const now = at(other);
      if (now < best) [z, best] = [other, now];
    }
  return z;
}

/**
 * Fits what is unknown of a shell, and of its gauge, to a stretch of readings. What goes on from hour to hour in what is
 * left tells less than as many hours by themselves: each counts for (1 − ρ)/(1 + ρ) of one (source: bayley-hammersley).
 * @returns what is known after each pass, one for each of `PASS_STEPS_S`: the last is as good as it gets, the others may be kept where
 *   it is stopped
 */
export function* fitting({ input, unknowns, read, stretch, label }: FitGiven): Generator<Fit, void> {
  const count = unknowns.length;
  const known = new Map<string, ReturnType<typeof over>>();
  const airAt = (z: readonly number[], stepS: number) => {
    const own = z.slice(0, count);
    const key = `${stepS} ${own.join()}`;
    const air = known.get(key) ?? over({ ...input, stepS }, stretch, (i) => turnedTo(i, unknowns, own));
    known.set(key, air);
    return air;
  };
  const toldAt = (z: readonly number[], stepS: number) => asTold(airAt(z, stepS), instrumentAt(z.slice(count), label));
  const offAt = (z: readonly number[], stepS: number) => {
    const told = toldAt(z, stepS);
    return { k: offOf(read.tempC, told.tempC), rh: offOf(read.rh, told.rh) };
  };
  let z = [...unknowns.map((u) => u.at), ...Array.from({ length: INSTRUMENT_UNKNOWNS }, () => 0)];
  const first = offAt(z, PASS_STEPS_S[0]);
  const none = { alike: 0.5, strays: new Set<number>() };
  let spreads: Spreads = { k: { sigma: AT_FIRST.k, ...none }, rh: { sigma: AT_FIRST.rh, ...none } };
  let firstHours = 0;
  const problem = (stepS: number): ToFit => {
    const { ranOut } = airAt(z, stepS);
    const weightsOf = (list: Read["tempC"], { sigma, alike, strays }: OffSpread, drying: number, full: number) =>
      list.map((y, h) => {
        if (y === null || h < firstHours || strays.has(h) || y >= full) return 0;
        const dries = ranOut.some((out) => Math.abs(h - out) <= DRYING.hours);
        return (1 - alike) / (1 + alike) / (sigma ** 2 + (dries ? drying ** 2 : 0));
      });
    return {
      model: (at) => {
        const { tempC, rh } = toldAt(at, stepS);
        return [...tempC, ...rh];
      },
      read: [...read.tempC, ...read.rh].map((y) => y ?? 0),
      weights: [
        ...weightsOf(read.tempC, spreads.k, DRYING.k, Number.POSITIVE_INFINITY),
        ...weightsOf(read.rh, spreads.rh, DRYING.rh, FULL_RH.value),
      ],
    };
  };
  for (const [pass, stepS] of PASS_STEPS_S.entries()) {
    z = fitted(problem(stepS), z);
    if (pass === 0) {
      firstHours = settlesFor(offAt(z, stepS).rh);
      z = fitted(problem(stepS), lookedRound(problem(stepS), z, count));
    }
    const off = offAt(z, stepS);
    const settled = (list: Off) => list.map((x, h) => (h < firstHours ? null : x));
    spreads = { k: spreadOf(settled(off.k), CLOSEST.k), rh: spreadOf(settled(off.rh), CLOSEST.rh) };
    const covariance = covarianceAt(problem(stepS), z);
    const wanders = ({ sigma, alike }: OffSpread, hidden: number) => Math.hypot(sigma * Math.sqrt(alike), hidden);
    const drift = count + 2;
    yield {
      unknowns: unknowns.map((u, i) => ({ ...u, at: z[i]! })),
      covariance: covariance.slice(0, count).map((row) => row.slice(0, count).map((x) => CURVED.value * x)),
      wanders: { k: wanders(spreads.k, HIDDEN.k), rh: wanders(spreads.rh, HIDDEN.rh) },
      instrument: instrumentAt(z.slice(count), label),
      driftSigmas: z[drift]! / Math.sqrt(covariance[drift]![drift]!),
      before: { k: rootMeanSquare(first.k), rh: rootMeanSquare(first.rh) },
      after: { k: rootMeanSquare(settled(off.k)), rh: rootMeanSquare(settled(off.rh)) },
      leftOut: [...new Set([...spreads.k.strays, ...spreads.rh.strays])].sort((a, b) => a - b),
      firstHours,
      stopped: pass < PASS_STEPS_S.length - 1,
    };
  }
}

/** The fit as good as it gets. */
export const fitOf = (given: FitGiven): Fit => [...fitting(given)].at(-1)!;
