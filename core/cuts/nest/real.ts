import { BoundedFinder } from "./bounded";
import { CountedFinder } from "./counted";
import { dive, type Gathered, mostUnder } from "./dive";
import type { Grid } from "./grid";
import { givenBy, type Pattern, PatternMaster, sheetOf } from "./patternMaster";
import type { Layout } from "./search";
import type { Kind, Stock } from "./tree";

/* How much is tried, found by trial on `npm run bench:nest`. */

/** Patterns taken up for one stock in one round. */
const PATTERNS_A_ROUND = 30;
/** How often more are sought that share no part with the best: other duals then come of them, and sooner the best. */
const BESIDE = 1;
/** A pattern must be worth this much more than its sheet, as a share of the dearest, to be new. */
const FINE = 1e-6;
/** What a cost must be passed by to be dearer, as rounding goes. */
export const DEARER = 1e-5;
/** How far the duals asked about lie towards those asked before. */
const STEADY = 0.5;

/**
 * Column generation over patterns that can be cut as they are, no part more often than there are. Patterns are good ones,
 * not always the best, so what it comes to is no bound; but cuttings made of them one by one come near it.
 */
export class RealPatterns {
  /** What fractions of the patterns so far cost. */
  value = Number.POSITIVE_INFINITY;
  /** No better pattern is found. */
  done = false;
  private readonly finder: BoundedFinder;
  private counted: CountedFinder | undefined;
  private readonly master: PatternMaster;
  private readonly dearest: number;

  /**
   * @param kinds parts, µm with kerf
   * @param counts how many of each
   * @param stocks sheets, µm with kerf
   * @param grid whose steps are exact
   * @param first sheets of a nesting that is known, to begin with
   * @param asked duals to begin with; afterwards those last asked about
   */
  constructor(
    private readonly kinds: Kind[],
    private readonly counts: readonly number[],
    private readonly stocks: Stock[],
    private readonly grid: Grid & { step: NonNullable<Grid["step"]> },
    first: readonly Pattern[],
    public asked: Float64Array,
  ) {
    this.finder = new BoundedFinder(grid);
    this.master = new PatternMaster(counts, stocks);
    this.dearest = Math.max(...stocks.map((s) => s.price));
    for (const { stock, root } of first) this.master.take(stock, root);
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
      const { asked } = this;
      this.asked = proposal.map((d, i) => STEADY * d + (1 - STEADY) * asked[i]!);
      if (this.ask(this.master, this.asked, this.counts, BESIDE)) continue;
      if (!this.ask(this.master, proposal, this.counts)) this.done = true;
    }
  }

  /**
   * Takes up patterns worth more than their sheet; whether any was new.
   * @param beside how often more are sought of what the best one leaves
   */
  private ask(master: PatternMaster, duals: Float64Array, left: readonly number[], beside = 0): boolean {
    this.finder.fill(duals, left);
    let found = false;
    const rest = [...left];
    this.stocks.forEach((stock, s) => {
      if (stock.count === 0) return;
      const threshold = stock.price + master.charged(s, duals) + FINE * this.dearest;
      this.finder.patterns(s, threshold, PATTERNS_A_ROUND).forEach((piece, i) => {
        if (master.take(s, sheetOf(piece, stock, this.grid.step, this.kinds)) !== undefined) found = true;
        if (i === 0) for (const [kind, n] of givenBy(piece)) rest[kind] = Math.max(0, rest[kind]! - n);
      });
    });
    return (found && beside > 0 && this.ask(master, duals, rest, beside - 1)) || found;
  }

  /**
   * Whether any cutting costs more than so much: where no pattern that can be cut is worth more than its share of it.
   * @returns true where it is proved; false where fractions of patterns cost no more; undefined where it was given up
   */
  exceeds(cost: number, goOn: () => boolean): boolean | undefined {
    const { stocks, counts, master } = this;
    this.counted ??= new CountedFinder(this.grid, counts);
    while (goOn()) {
      const { duals, value } = master.solve(goOn);
      this.value = value;
      if (value <= cost + DEARER) return false;
      const worth: number[] = Array.from(duals, (d) => Math.max(0, d));
      // Each sheet of a limited stock is charged; the rest is what all others must be worth no more than their share of.
      const charged = stocks.map((_, s) => master.charged(s, worth));
      const spent = stocks.reduce((sum, s, i) => sum + charged[i]! * s.count, 0);
      const sum = counts.reduce((all, n, kind) => all + n * worth[kind]!, 0);
      const share = (sum * (1 - DEARER)) / (cost + DEARER + spent);
      if (share < 1) return undefined;
      const asked = stocks.map((s, i) =>
        s.count === 0 ? Number.POSITIVE_INFINITY : master.isLimited(i) ? s.price + charged[i]! : s.price * share,
      );
      const found = this.counted.above(worth, asked, goOn);
      if (!found) return undefined;
      if (found.length === 0) return true;
      let fresh = false;
      for (const { stock, piece } of found)
        if (master.take(stock, sheetOf(piece, stocks[stock]!, this.grid.step, this.kinds)) !== undefined) fresh = true;
      if (!fresh) return undefined;
    }
    return undefined;
  }

  /** Whether sheets that cost less than a limit could do, parts of sheets allowed. */
  promises(below: number): boolean {
    return this.value <= mostUnder(below, this.stocks);
  }

  /** A layout from the patterns; see {@link dive}. */
  dive(below: number, random: () => number, goOn: () => boolean): Layout & { cost: number } {
    const ask: Gathered["ask"] = (master, duals, left) => this.ask(master, duals, left);
    return dive(
      { kinds: this.kinds, counts: this.counts, stocks: this.stocks, master: this.master, ask },
      below,
      random,
      goOn,
    );
  }
}
