import { type Grid, gridFor } from "./grid";
import { PatternFinder } from "./pattern";
import { givenBy, type Pattern, PatternMaster } from "./patternMaster";
import type { Kind, Stock } from "./tree";

/** Kinds beyond which the programme is too slow to be worth it. */
const MOST_KINDS = 300;
/** Patterns taken up for one stock in one round. */
const PATTERNS_A_ROUND = 30;
/** A pattern must be worth this much more than its sheet, as a share of the dearest, to be new. */
const FINE = 1e-6;
/** How far the duals asked about lie towards those of the best bound: steadier, so sooner done. */
const STEADY = 0.5;

/**
 * The least that any edge-to-edge cutting costs with fractions of patterns allowed, and parts in them more often than
 * there are, by column generation (Gilmore & Gomory, "Multistage cutting stock problems of two and more dimensions",
 * 1965; from memory, checked by test). Goes on in rounds; the bound holds after any of them (Farley 1990, from memory).
 */
export class Relaxation {
  /** No cutting costs less. */
  bound = 0;
  /** What the patterns so far come to, at their shares: the bound never passes it. */
  value = Number.POSITIVE_INFINITY;
  /** Nothing is left to gain. */
  done = false;
  /** The steps it is reckoned in. */
  readonly grid: Grid | undefined;
  private readonly finder: PatternFinder | undefined;
  private readonly master: PatternMaster;
  private readonly wanted: number[];
  private readonly dearest: number;
  /** The duals of the best bound; to begin with, what parts are worth by their area. */
  steady: Float64Array;

  /**
   * @param kinds parts, µm with kerf
   * @param counts how many of each
   * @param stocks sheets, µm with kerf
   * @param first sheets of a nesting that is known, to begin with
   */
  constructor(
    kinds: readonly Kind[],
    counts: readonly number[],
    private readonly stocks: readonly Stock[],
    first: readonly Pattern[],
  ) {
    const many = counts.filter((n) => n > 0).length;
    this.grid = many === 0 || many > MOST_KINDS ? undefined : gridFor(kinds, counts, stocks);
    this.finder = this.grid && new PatternFinder(this.grid);
    // A kind that no grid can tell apart from nothing asks for nothing.
    const seen = new Set(this.grid?.entries.map((e) => e.kind));
    this.wanted = counts.map((n, kind) => (seen.has(kind) ? n : 0));
    this.dearest = Math.max(...stocks.map((s) => s.price));
    this.master = new PatternMaster(this.wanted, stocks);
    for (const { stock, root } of first) this.master.take(stock, root);
    const cheapest = Math.min(...stocks.map((s) => s.price / (s.w * s.h)));
    this.steady = Float64Array.from({ length: this.master.rows }, (_, i) => (kinds[i]?.area ?? 0) * cheapest);
    this.done = !this.finder;
  }

  /**
   * Some rounds more.
   * @param goOn asked between and within them
   */
  advance(rounds: number, goOn: () => boolean): void {
    for (let round = 0; round < rounds && !this.done && goOn(); round++) {
      const { duals, value } = this.master.solve(goOn);
      this.value = value;
      const proposal = duals.map((d) => Math.max(0, d));
      const { steady } = this;
      const mixed = proposal.map((d, i) => STEADY * d + (1 - STEADY) * steady[i]!);
      if (this.ask(mixed)) continue;
      if (!this.ask(proposal)) this.done = true;
    }
  }

  /** Tries duals: raises the bound by them, and takes up the patterns worth more than their sheet; whether any was new. */
  ask(duals: Float64Array): boolean {
    const { finder, stocks, master } = this;
    finder!.fill(duals);
    let shrink = 1;
    let spent = 0;
    let found = false;
    stocks.forEach((stock, s) => {
      if (stock.count === 0) return;
      const charged = master.charged(s, duals);
      const price = stock.price + charged;
      const best = finder!.best(s);
      // Where a stock is limited, each sheet of it can be charged what its best pattern is worth more.
      if (master.isLimited(s)) spent += (charged + Math.max(0, best - price)) * stock.count;
      else if (best > price) shrink = Math.min(shrink, price / best);
      if (best <= price + FINE * this.dearest) return;
      for (const piece of finder!.patterns(s, price + FINE * this.dearest, PATTERNS_A_ROUND))
        if (master.takeCounts(s, givenBy(piece)) !== undefined) found = true;
    });
    const worth = this.wanted.reduce((sum, n, i) => sum + n * duals[i]!, 0);
    const bound = shrink * worth * (1 - 1e-9) - spent;
    if (bound > this.bound) {
      this.bound = bound;
      this.steady = duals;
    }
    return found;
  }
}
