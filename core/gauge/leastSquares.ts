import { levenbergMarquardt } from "ml-levenberg-marquardt";
import { inverse, Matrix } from "ml-matrix";

/** What is fitted: a model of so many parameters, each of which is 0 ± 1 before anything is read. */
export interface ToFit {
  /** What the model gives at some parameters, in the order of `read`. */
  model: (z: readonly number[]) => readonly number[];
  read: readonly number[];
  /** One over the variance of each reading; 0 for one that is left out. */
  weights: readonly number[];
}

/** From one step to the next, in standard deviations of what is fitted. */
const STEP = 0.15;
const MOST_STEPS = 30;
/** A sum of squares that falls by less is as good as it gets. */
const ENOUGH = 0.02;
/** Damping at first, by how much it falls after a step that helped and rises after one that did not, and where it gives up. */
const DAMPING = { first: 0.01, falls: 9, rises: 11, most: 1e4 };
/** No parameter is believed farther out, in standard deviations. */
const FARTHEST = 4;

/** How each reading goes with each parameter, by differences to both sides; a row for each reading. */
function slopesOf(model: ToFit["model"], z: readonly number[]): number[][] {
  const columns = z.map((_, k) => {
    const at = (by: number) => model(z.map((x, i) => (i === k ? x + by : x)));
    const [more, less] = [at(STEP), at(-STEP)];
    return more.map((y, i) => (y - less[i]!) / (2 * STEP));
  });
  return columns[0]!.map((_, i) => columns.map((c) => c[i]!));
}

/** Sum of squares with what was known before. */
export const misfit = ({ read, weights }: ToFit, told: readonly number[], z: readonly number[]): number =>
  told.reduce((sum, y, i) => sum + weights[i]! * (y - read[i]!) ** 2, 0) + z.reduce((sum, x) => sum + x * x, 0);

/** The same with every reading in its own standard deviations: the library's own weights are not those of its sum of squares. */
const whitened = ({ model, read, weights }: ToFit): Omit<ToFit, "weights"> => {
  const roots = weights.map(Math.sqrt);
  return { model: (z) => model(z).map((y, i) => y * roots[i]!), read: read.map((y, i) => y * roots[i]!) };
};

/**
 * The parameters that fit best, by Levenberg's and Marquardt's method, what was known before counted as a reading of each.
 * @param from where it begins, in standard deviations
 */
export function fitted(given: ToFit, from: readonly number[]): number[] {
  const { model, read } = whitened(given);
  const count = read.length;
  const data = {
    x: Array.from({ length: count + from.length }, (_, i) => i),
    y: [...read, ...from.map(() => 0)],
  };
  const at = (z: readonly number[]) => misfit(given, given.model(z), z);
  let z = [...from];
  let last = at(z);
  let damping = DAMPING.first;
  let slopes = slopesOf(model, z);
  for (let n = 0; n < MOST_STEPS && damping < DAMPING.most; n++) {
    // One step at a time: the library keeps a step that made it worse.
    const { parameterValues: next } = levenbergMarquardt(
      data,
      (params) => {
        const told = model(params);
        return (i) => (i < count ? told[i]! : params[i - count]!);
      },
      {
        ...{ initialValues: z, maxIterations: 1, damping },
        ...{ minValues: from.map(() => -FARTHEST), maxValues: from.map(() => FARTHEST) },
        jacobianFunction: (params) => (i) => (i < count ? slopes[i]! : params.map((_, k) => (k === i - count ? 1 : 0))),
      },
    );
    const now = at(next);
    if (now >= last) {
      damping *= DAMPING.rises;
      continue;
    }
    damping /= DAMPING.falls;
    z = [...next];
    const gained = last - now;
    last = now;
    if (gained < ENOUGH) break;
    slopes = slopesOf(model, z);
  }
  return z;
}

/** How sure the parameters are: the inverse of JᵀWJ, with what was known before of each. */
export function covarianceAt({ model, weights }: ToFit, z: readonly number[]): number[][] {
  const slopes = new Matrix(slopesOf(model, z));
  const weighed = slopes.clone();
  for (const [i, w] of weights.entries()) weighed.mulRow(i, w);
  const sure = inverse(slopes.transpose().mmul(weighed).add(Matrix.eye(z.length)));
  // Rounding leaves its two halves a hair apart.
  return sure.add(sure.transpose()).div(2).to2DArray();
}
