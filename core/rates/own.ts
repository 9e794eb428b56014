import { remembering } from "../cache/remembering";
import type { FigureInput } from "../figures/figure";
import { Z95 } from "../units/normal";
import { RATE_SPAN } from "../workshop/rates";
import { type Belief, believe, meanQuantile, nextQuantile } from "./mixture";
import type { PastWork } from "./schema";

/** A builder's own rate, as factors on the rate everyone starts from. */
export interface OwnRate {
  entries: number;
  /** What many come to on average, with its 95 % interval. */
  mean: number;
  meanLow: number;
  meanHigh: number;
  /** The middle of the next one, and its 5–95 % span. */
  middle: number;
  low: number;
  high: number;
}

/** The same as the spread of a logarithm. */
export const START_SPREAD = Math.log(RATE_SPAN.high / RATE_SPAN.low) / (2 * Z95);

/**
 * What is believed before any entry: one job differs from the next about as much as the starting rates are wide, and builders
 * from one another as much. It weighs as much as one entry for the middle, and as two for the spread, so that a hand with
 * some entries is told by them.
 * @param spread standard deviation of the logarithm
 */
const before = (spread: number): Belief => ({ mean: 0, weight: 1, shape: 1, scale: spread ** 2 });

/**
 * A builder's own rate from what was planned and done (source: gelman-bda).
 * @param ratios what was done ÷ what was planned at the starting rate; all over 0
 * @param spread of the starting rate, standard deviation of its logarithm
 */
export const ownRate = (ratios: readonly number[], spread = START_SPREAD): OwnRate => kept(ratios, spread);

/** Every build of a workshop asks for the same rates. */
const MOST_KEPT = 512;
const kept = remembering(rateOf, MOST_KEPT);

function rateOf(ratios: readonly number[], spread: number): OwnRate {
  const belief = believe(
    before(spread),
    ratios.map((r) => Math.log(r)),
  );
  const of = (ln: number) => Math.exp(ln);
  return {
    entries: ratios.length,
    mean: of(meanQuantile(belief, 0.5)),
    meanLow: of(meanQuantile(belief, 0.025)),
    meanHigh: of(meanQuantile(belief, 0.975)),
    middle: of(belief.mean),
    low: of(nextQuantile(belief, 0.05)),
    high: of(nextQuantile(belief, 0.95)),
  };
}

/** Ratios beyond this were mistyped, or were another job altogether: they teach nothing (source: bench). */
const MOST_RATIO = 20;

const keyOf = ({ of, id }: Pick<PastWork, "of" | "id">) => `${of} ${id}`;

/** The own rates of a builder, by kind of work and by material. */
export interface OwnRates {
  /** What is known of one; undefined where the log says nothing of it. */
  of: (of: PastWork["of"], id: string, spread?: number) => OwnRate | undefined;
  known: readonly { of: PastWork["of"]; id: string }[];
}

/**
 * The own rates that past work comes to; each is worked out when it is first asked for.
 * @param past what was planned and done, in any order
 */
export function ownRates(past: readonly PastWork[]): OwnRates {
  const ratios = new Map<string, number[]>();
  const known: { of: PastWork["of"]; id: string }[] = [];
  for (const { planned, actual, ...of } of past) {
    const ratio = actual / planned;
    if (!(ratio >= 1 / MOST_RATIO && ratio <= MOST_RATIO)) continue;
    const list = ratios.get(keyOf(of));
    if (list) list.push(ratio);
    else {
      ratios.set(keyOf(of), [ratio]);
      known.push({ of: of.of, id: of.id });
    }
  }
  const rates = new Map<string, OwnRate>();
  return {
    known,
    of: (of, id, spread = START_SPREAD) => {
      const own = ratios.get(keyOf({ of, id }));
      if (!own) return undefined;
      const key = `${keyOf({ of, id })} ${spread}`;
      const rate = rates.get(key) ?? ownRate(own, spread);
      rates.set(key, rate);
      return rate;
    },
  };
}

/** A builder's own rate as an input of a figure: a factor, with its basis. */
export const ownInput = (name: string, { entries, mean }: OwnRate): FigureInput => ({
  name,
  value: mean,
  unit: "×",
  basis: { kind: "log", entries },
});
