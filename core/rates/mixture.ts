import { normalCdf } from "../units/normal";

/** What is known of a normal variable of unknown mean and variance: a normal-inverse-gamma distribution. */
export interface Belief {
  /** The mean's own middle, and how many entries it is worth. */
  mean: number;
  weight: number;
  /** Of the variance: inverse gamma with this shape and scale. */
  shape: number;
  scale: number;
}

/**
 * What entries make of a belief: the conjugate update (source: gelman-bda).
 * @param xs natural logarithms of what was measured ÷ planned
 */
export function believe(prior: Belief, xs: readonly number[]): Belief {
  const n = xs.length;
  if (n === 0) return prior;
  const middle = xs.reduce((a, x) => a + x, 0) / n;
  const squares = xs.reduce((a, x) => a + (x - middle) ** 2, 0);
  const weight = prior.weight + n;
  return {
    mean: (prior.weight * prior.mean + n * middle) / weight,
    weight,
    shape: prior.shape + n / 2,
    scale: prior.scale + squares / 2 + (prior.weight * n * (middle - prior.mean) ** 2) / (2 * weight),
  };
}

const STEPS = 160;
/** How far in ln(variance) either side of its middle is looked. */
const REACH = 10;

/** Variances with their shares, evenly in their logarithm. */
function variances({ shape, scale }: Belief): { variance: number; share: number }[] {
  const middle = Math.log(scale / shape);
  const width = REACH / Math.sqrt(shape);
  const list = Array.from({ length: STEPS }, (_, i) => {
    const ln = middle + width * ((2 * (i + 0.5)) / STEPS - 1);
    // The density of ln(variance), but for a factor; from its top, so that it stays within what a number can be.
    return { variance: Math.exp(ln), share: Math.exp(-shape * (ln - middle) - scale / Math.exp(ln) + shape) };
  });
  const sum = list.reduce((a, { share }) => a + share, 0);
  return list.map(({ variance, share }) => ({ variance, share: share / sum }));
}

/** A quantile of normals mixed over the variance. */
function quantileOf(parts: readonly { at: number; sd: number; share: number }[], p: number): number {
  const below = (x: number) => parts.reduce((a, { at, sd, share }) => a + share * normalCdf((x - at) / sd), 0);
  let low = Math.min(...parts.map(({ at, sd }) => at - 9 * sd));
  let high = Math.max(...parts.map(({ at, sd }) => at + 9 * sd));
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (below(middle) < p) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * A quantile of the next entry's logarithm: what one more would be.
 * @param p 0–1
 */
export const nextQuantile = (belief: Belief, p: number): number =>
  quantileOf(
    variances(belief).map(({ variance, share }) => ({
      ...{ at: belief.mean, share },
      sd: Math.sqrt(variance * (1 + 1 / belief.weight)),
    })),
    p,
  );

/**
 * A quantile of the logarithm of the lognormal mean, μ + σ²/2: what many come to on average.
 * @param p 0–1
 */
export const meanQuantile = (belief: Belief, p: number): number =>
  quantileOf(
    variances(belief).map(({ variance, share }) => ({
      ...{ at: belief.mean + variance / 2, share },
      sd: Math.sqrt(variance / belief.weight),
    })),
    p,
  );
