import { sampleRankCorrelation } from "simple-statistics";
import type { ClimateInput } from "../climate/format";
import { run } from "../climate/run";
import { bandOf } from "../sure/bands";
import { drawsOf } from "../sure/draws";
import { turnedTo } from "../sure/turn";
import type { Sure } from "./answer";
import type { DayAsk } from "./ask";
import { SURE_RUNS } from "./facts";
import { mean } from "./hours";

/** All designs are drawn alike, so that one can be held beside another. */
const SEED = 20;
/** Steps of a draw, s. */
const STEP_S = 120;
/** Wet for so many hours of the last day a wall fogs. */
const FOG_HOURS = 1;

/** What one draw comes to. */
export interface SureRun {
  /** In standard deviations of each unknown. */
  z: readonly number[];
  tempC: number[];
  rh: number[];
  fogs: { face: string; fogs: boolean }[];
  drainFull: boolean;
  runsDry: boolean;
}

/** What is drawn of a design: as many lists as there are runs. */
export const sureDraws = ({ doubt }: DayAsk, runs = SURE_RUNS): number[][] => drawsOf(doubt, runs, SEED);

/** One draw of a design run for its month. */
export function sureRun({ input, doubt }: DayAsk, z: readonly number[]): SureRun {
  const drawn: ClimateInput = turnedTo({ ...input, stepS: STEP_S }, doubt.unknowns, z);
  const ran = run(drawn);
  return {
    z,
    tempC: ran.hourly.tempC.slice(-24),
    rh: ran.hourly.rh.slice(-24),
    fogs: input.walls.map(({ face }, i) => ({
      face,
      fogs: ran.wetLastDay[i]!.reduce((sum, h) => sum + h, 0) >= FOG_HOURS,
    })),
    drainFull: ran.drainFullDay !== null,
    runsDry: ran.storeEmptyDay !== null,
  };
}

/** What share of what makes draws differ each unknown has: squares of rank correlations, brought to one. */
function sharesOf(runs: readonly SureRun[], of: (run: SureRun) => number): number[] {
  const values = runs.map(of);
  const [first] = values;
  if (runs.length < 3 || values.every((x) => x === first)) return runs[0]!.z.map(() => 0);
  const squares = runs[0]!.z.map((_, i) => {
    const column = runs.map((r) => r.z[i]!);
    return column.every((x) => x === column[0]) ? 0 : sampleRankCorrelation(column, values) ** 2;
  });
  const whole = squares.reduce((sum, x) => sum + x, 0);
  return squares.map((x) => (whole > 0 ? x / whole : 0));
}

/**
 * How sure a day is, by as many draws as were run.
 * @param runs one at least
 * @param of how many there are to be
 */
export function sureOf({ doubt, wanders }: DayAsk, runs: readonly SureRun[], of = SURE_RUNS): Sure {
  const share = (holds: (run: SureRun) => boolean) => runs.filter(holds).length / runs.length;
  const [byTemp, byRh] = [sharesOf(runs, (r) => mean(r.tempC)), sharesOf(runs, (r) => mean(r.rh))];
  return {
    ...{ runs: runs.length, of },
    tempC: bandOf(
      runs.map((r) => r.tempC),
      wanders.k,
    ),
    rh: bandOf(
      runs.map((r) => r.rh),
      wanders.rh,
    ),
    fog: runs[0]!.fogs.map(({ face }, i) => ({ face, share: share((r) => r.fogs[i]!.fogs) })),
    drainFull: share((r) => r.drainFull),
    runsDry: share((r) => r.runsDry),
    matters: doubt.unknowns.map(({ id }, i) => ({ id, tempC: byTemp[i]!, rh: byRh[i]! })),
  };
}
