import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { areaCost, lowerBound, payer } from "./bound";
import type { NestInstance, NestSolution } from "./format";
import { mixesBelow } from "./mixes";
import { growOffcut, largestOffcut } from "./offcut";
import { solutionOf } from "./output";
import { poolArea } from "./pool";
import { inMicrometres, type Problem } from "./problem";
import { DEARER, RealPatterns } from "./real";
import { Relaxation } from "./relax";
import { anneal, copyLayout, HEAT, type Layout, onMix } from "./search";
import { sheetBySheet } from "./sheetBySheet";
import { type Costed, compareCosted, goOn, start } from "./start";

/* How much is tried, found by trial on `npm run bench:nest`. */

/** Packings made from nothing before the search begins. */
const STARTS = 16;
/** Changes of the first round, and by how much each further round is longer, up to a limit. */
const STEPS = { first: 1500, longer: 1.3, most: 80_000 } as const;
/** Mixes of sheets that are tried in turn: the roomiest of those cheaper than the best. */
const AIMS = 8;
/** While the cost is not proved least, one round in this many goes to the offcut: fewer where exact patterns lead on. */
const OFFCUT_EVERY = { exact: 20, rounded: 5 } as const;
/** How far towards the bound a try at a cheaper answer reaches at most, and how that changes with success and failure. */
const AMBITION = { most: 0.4, more: 1.2, less: 0.6 } as const;
/** Tries at a larger offcut that may fail in a row before the answer is left as it is. */
const OFFCUT_TRIES = 60;

/** Pieces from which a layout is made sheet after sheet too. */
const MANY_PIECES = 120;

/**
 * Rounds of the search before column generation: early where patterns can be cut as they are, later where it only raises
 * the bound, and late with many kinds, where it takes long and the area says as much.
 */
const RELAX_AFTER = { few: { exact: 1, rounded: 5 }, many: { exact: 14, rounded: 14 } } as const;
const MANY_KINDS = 100;
/** How much of it goes into one round. */
const RELAX_ROUNDS = 30;
/** Rounds in which patterns that can be cut are gathered. */
const REAL_ROUNDS = 20;
/** Packings from nothing whose sheets are patterns to begin with. */
const FIRST_PATTERNS = 30;
/** How often a search starts from those patterns. */
const DIVE = 0.9;
/** Layouts made of them before it is asked whether there can be a cheaper one at all. */
const DIVES_FIRST = 3;
/** What a layout of those patterns is changed by: it is good already, so less heat and fewer changes. */
const DIVE_SCHEDULE = { hot: 0.1, cold: 0.01, steps: 12_000 } as const;

/** Rounds in which limited stock is tried to hold more. */
const FULLER_ROUNDS = 40;

/** Rounds of the answer that the plan and the tally use: fixed, so that it depends on instance and seed alone. */
export const PLAN_ROUNDS = 2;

/** A search under way. */
export interface Search {
  /** One more round; false once nothing is left to try. */
  round: () => boolean;
  /** The best answer so far. */
  best: () => NestSolution;
  /** What the best answer costs, at least how much any must, and the largest offcut as a share of the largest sheet. */
  state: () => { cost: number; bound: number; offcut: number; rounds: number };
}

/** The least any cutting of these parts can cost by their area alone, without nesting them. */
export function areaBound(instance: NestInstance): number {
  const { kinds, counts, stocks } = inMicrometres(instance);
  return areaCost(poolArea(kinds, { left: counts }), stocks);
}

/**
 * Begins a search: a quick packing at once, then round by round a cheaper mix of sheets, and at equal cost a larger
 * offcut. The same instance, seed and number of rounds give the same answer.
 * @param instance parts and stock in millimetres (`panel-nest/1`)
 * @param stopped asked within a round too; true breaks it off, and the best so far stands
 */
export function search(instance: NestInstance, stopped: () => boolean = () => false): Search {
  const problem = inMicrometres(instance);
  const { kinds, counts, stocks, minSide } = problem;
  const generator = xoroshiro128plus(instance.seed);
  const random = () => (generator.next() >>> 0) / 2 ** 32;
  const payable = payer(kinds, counts, stocks);
  let bound = lowerBound(kinds, counts, stocks, payable);
  let relaxation: Relaxation | undefined;
  let relaxed = false;
  let real: RealPatterns | undefined;
  let dives = 0;
  /** The cost that the last of them was to be cheaper than. */
  let divedFor = Number.POSITIVE_INFINITY;
  /** No bound is to be had beyond what there is. */
  let settled = false;
  let best = firstAnswer(problem, bound.cost, random);
  let offcut = largestOffcut(best, minSide);
  let rounds = 0;
  let failures = 0;
  /** How far the next offcut reaches towards all that is left: less after each failure. */
  let reach = 0.6;
  /** Share of the way to the bound that the next try goes. */
  let ambition: number = AMBITION.most;
  const kept = new Map<string, Layout>();

  const relaxAfter = RELAX_AFTER[counts.length > MANY_KINDS ? "many" : "few"];

  const missing = () => best.pool.left.some((n) => n > 0);
  const stepsNow = () => Math.min(STEPS.most, STEPS.first * STEPS.longer ** rounds);

  const cheaper = (): boolean => {
    const area = poolArea(kinds, { left: counts });
    const mixes = missing() ? [] : mixesBelow(stocks, area, best.cost, bound.cost);
    if (mixes.length === 0) return false;
    // The roomiest mixes first, but none is left untried for long. Where there are many, those well below the best; less
    // far below after each that was not reached.
    const target = best.cost - ambition * (best.cost - bound.cost);
    const within = mixes.filter(({ cost }) => cost <= target + 1e-9);
    const aims = within.length > 0 ? within : mixes;
    const mix = aims[Math.floor(random() ** 3 * Math.min(aims.length, AIMS))]!;
    const key = mix.sheets.join();
    const last = kept.get(key);
    const dived =
      real?.promises(best.cost) && random() < DIVE ? real.dive(best.cost, random, () => !stopped()) : undefined;
    const layout = dived ?? (last && random() < 0.7 ? last : onMix(best, mix.sheets, kinds, stocks, random));
    if (dived) {
      dives++;
      divedFor = best.cost;
    }
    const schedule = dived ? DIVE_SCHEDULE : { ...HEAT, steps: stepsNow() };
    if (anneal(layout, kinds, { ...schedule, stopped }, random) === 0) {
      best = { ...layout, cost: dived?.cost ?? mix.cost };
      offcut = largestOffcut(best, minSide);
      kept.clear();
      failures = 0;
      reach = 0.6;
      ambition = Math.min(AMBITION.most, ambition * AMBITION.more);
    } else {
      if (!dived) kept.set(key, layout);
      ambition *= AMBITION.less;
    }
    return true;
  };

  /** A layout made sheet after sheet, of many pieces: to go on from where it is better. */
  const fromSheets = (): boolean => {
    if (counts.reduce((a, b) => a + b, 0) < MANY_PIECES || best.cost <= bound.cost + 1e-9) return false;
    const layout = sheetBySheet(kinds, counts, stocks, random, stopped);
    if (compareCosted(kinds, layout, best) < 0) {
      best = layout;
      offcut = largestOffcut(best, minSide);
    }
    return true;
  };

  /** Whether fractions of patterns that can be cut cost no more than the bound. */
  const reached = (): boolean => real !== undefined && payable(real.value) <= bound.cost + 1e-9;

  const raiseTo = (least: number): void => {
    const cost = payable(least);
    if (cost > bound.cost + 1e-9) bound = { ...bound, cost, proof: "columns" };
  };

  /** Raises the bound by column generation, some rounds at a time. */
  const raiseBound = (): boolean => {
    if (rounds <= relaxAfter.rounded || missing() || relaxed) return false;
    relaxation ??= new Relaxation(kinds, counts, stocks, best.sheets);
    // Where patterns can be cut, what they come to shows more, and sooner.
    if (relaxation.grid?.step) return false;
    relaxation.advance(RELAX_ROUNDS, () => !stopped());
    raiseTo(relaxation.bound);
    // Where the patterns so far come to no more than the bound says, more of them cannot raise it.
    relaxed = relaxation.done || payable(relaxation.value) <= bound.cost + 1e-9;
    return true;
  };

  /** Gathers patterns that can be cut, some rounds at a time, until they promise something cheaper. */
  const gather = (): boolean => {
    if (rounds <= relaxAfter.exact || missing()) return false;
    relaxation ??= new Relaxation(kinds, counts, stocks, best.sheets);
    const { grid } = relaxation;
    if (!grid?.step) return false;
    if (!real) {
      const known = Array.from({ length: FIRST_PATTERNS }, () => start(kinds, counts, stocks, random).sheets).flat();
      known.push(...copyLayout(best).sheets);
      real = new RealPatterns(kinds, counts, stocks, { ...grid, step: grid.step }, known, relaxation.steady);
    }
    if (real.done || reached() || (divedFor !== best.cost && real.promises(best.cost))) return false;
    real.advance(REAL_ROUNDS, () => !stopped() && !reached());
    relaxation.ask(real.asked);
    raiseTo(relaxation.bound);
    return true;
  };

  /** Raises the bound where patterns that can be cut, none left out, come to more than it. */
  const raiseFurther = (): boolean => {
    if (!real?.done || settled || missing()) return false;
    if (dives < DIVES_FIRST && real.promises(best.cost)) return false;
    if (real.exceeds(bound.cost, () => !stopped())) raiseTo(bound.cost + DEARER);
    else settled = true;
    return true;
  };

  /** With limited stock: what found no place is tried again on every sheet there is. */
  const fuller = (): boolean => {
    if (!missing() || best.sheets.length === 0) return false;
    const tried = { ...copyLayout(best), cost: best.cost };
    anneal(tried, kinds, { ...HEAT, stopped, steps: stepsNow() }, random);
    // Other parts are left over now, and may fit a sheet that those before did not.
    const layout = goOn(tried, kinds, stocks, random);
    if (poolArea(kinds, layout.pool) < poolArea(kinds, best.pool)) best = layout;
    offcut = largestOffcut(best, minSide);
    return rounds < FULLER_ROUNDS;
  };

  const largerOffcut = (): boolean => {
    if (missing() || best.sheets.length === 0 || failures >= OFFCUT_TRIES) return false;
    const room = best.sheets.reduce((sum, s) => sum + s.root.w * s.root.h, 0) - poolArea(kinds, { left: counts });
    const aim = Math.max(offcut * 1.005, minSide * minSide, offcut + (room - offcut) * reach * (0.5 + random()));
    const layout =
      aim <= room
        ? growOffcut(best, aim, kinds, stocks, minSide, { ...HEAT, stopped, steps: stepsNow() / 3 }, random)
        : undefined;
    if (layout) {
      best = { ...layout, cost: best.cost };
      offcut = Math.max(aim, largestOffcut(best, minSide));
      failures = 0;
    } else {
      failures++;
      reach = Math.max(0.02, reach * 0.85);
    }
    return true;
  };

  return {
    round: () => {
      rounds++;
      if (rounds === 1 && fromSheets()) return true;
      const proved = !missing() && best.cost <= bound.cost + 1e-9;
      if (proved) return largerOffcut();
      // Where patterns can be cut as they are, they lead to the cheapest answers: the rest waits for them.
      const exact = relaxation?.grid?.step !== undefined;
      if (!exact && rounds % OFFCUT_EVERY.rounded === 0 && largerOffcut()) return true;
      if ((exact || rounds % 2 === 0) && (gather() || raiseBound() || raiseFurther())) return true;
      if (exact && rounds % OFFCUT_EVERY.exact === 0 && largerOffcut()) return true;
      return cheaper() || gather() || raiseBound() || fuller() || largerOffcut();
    },
    best: () => solutionOf(instance, problem, best, bound),
    state: () => ({
      cost: best.cost,
      bound: bound.cost,
      offcut: offcut / Math.max(1, ...stocks.map((s) => s.w * s.h)),
      rounds,
    }),
  };
}

/** The best of some packings from nothing: most placed, then least cost, then the largest offcut. */
function firstAnswer({ kinds, counts, stocks, minSide }: Problem, bound: number, random: () => number): Costed {
  let best: { layout: Costed; offcut: number } | undefined;
  for (let i = 0; i < STARTS; i++) {
    const layout = start(kinds, counts, stocks, random);
    const offcut = largestOffcut(layout, minSide);
    if (!best || (compareCosted(kinds, layout, best.layout) || best.offcut - offcut) < 0) best = { layout, offcut };
    // A large job is answered at once, and made better afterwards.
    if (i >= 1 && counts.length * layout.sheets.length > 2000) break;
    if (i >= 7 && poolArea(kinds, best.layout.pool) === 0 && best.layout.cost <= bound + 1e-9) break;
  }
  return best!.layout;
}

/**
 * Cuts rectangles from sheets by edge-to-edge cuts, at the least cost found, then with the largest offcut.
 * @param instance parts and stock in millimetres (`panel-nest/1`)
 * @param rounds of search at most; fewer where nothing is left to try
 * @param mayGoOn asked between rounds and within them; false stops with the best so far
 * @returns every placeable part placed, the rest named, with a lower bound on the cost
 * @example
 * const stock = [{ id: "sheet", w: 1000, h: 500, price: 40, count: null }];
 * const parts = [{ id: "side", w: 480, h: 480, qty: 2, rotate: true }];
 * const terms = { kerf: 3, trim: 0, seed: 1, timeLimitMs: 2000, offcutMinSide: 100 };
 * nest({ format: "panel-nest/1", dim: 2, ...terms, stock, parts }).bound; // { cost: 40, sheets: 1, proof: "area" }
 */
export function nest(
  instance: NestInstance,
  rounds = PLAN_ROUNDS,
  mayGoOn: (done: number) => boolean = () => true,
): NestSolution {
  let done = 0;
  const running = search(instance, () => !mayGoOn(done));
  while (done < rounds && mayGoOn(done) && running.round()) done++;
  return running.best();
}
