import type { Standing } from "../linear/master";
import { BoundedFinder } from "./bounded";
import { CountedFinder } from "./counted";
import { drawTaste, fillNode } from "./fill";
import type { Grid } from "./grid";
import { givenBy, type Pattern, PatternMaster, sheetOf } from "./patternMaster";
import { poolOf } from "./pool";
import type { Layout } from "./search";
import { clear, copyTree, eachPart, freeNode, type Kind, type Node, recount, type Stock } from "./tree";

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

/** Once a sheet is cut the rest is asked for patterns this many times. */
const AGAIN = 2;
/** Patterns that are looked at again once a sheet is cut. */
const KEPT = 1500;
/** A pattern taken at least so much of is taken up whole at once. */
const MOSTLY_TAKEN = 0.75;
/** A pattern is cut only while so much of its sheet is parts still wanted. */
const WELL_USED = 0.6;
/** How much chance there is in which pattern comes next. */
const CHANCE = 0.25;

/** Takes the parts a sheet has too many of off it; `left` is what is still asked for, and is counted down. */
function prune(node: Node, left: number[]): void {
  if (node.first && node.second) {
    prune(node.first, left);
    prune(node.second, left);
  } else if (node.part >= 0 && left[node.part]!-- <= 0) {
    left[node.part]!++;
    clear(node);
  }
}

/** What those of a pattern's parts come to that are still wanted. */
function wantedOf(root: Node, left: readonly number[], of: (kind: number) => number): number {
  const seen = new Map<number, number>();
  let sum = 0;
  eachPart(root, (kind) => {
    const n = seen.get(kind) ?? 0;
    seen.set(kind, n + 1);
    if (n < left[kind]!) sum += of(kind);
  });
  return sum;
}

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
  private readonly cheapest: number;

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
    this.cheapest = Math.min(...stocks.filter((s) => s.price > 0).map((s) => s.price));
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
    return this.value <= below - this.cheapest + 1e-6;
  }

  /** Those patterns worth most for their sheets, by the duals and of what is still wanted. */
  private worthiest(patterns: readonly Pattern[], duals: ArrayLike<number>, left: readonly number[]): Pattern[] {
    return patterns
      .map((pattern) => ({
        pattern,
        over: wantedOf(pattern.root, left, (kind) => duals[kind]!) - this.stocks[pattern.stock]!.price,
      }))
      .sort((a, b) => b.over - a.over)
      .slice(0, KEPT)
      .map(({ pattern }) => pattern);
  }

  /**
   * A layout from the patterns: the one taken most is cut, the programme goes on for the rest with new patterns of what is
   * left, and so on while the sheets cost less than a limit. What finds no place is left in the pool.
   * @param below what the sheets must cost less than
   */
  dive(below: number, random: () => number, goOn: () => boolean): Layout & { cost: number } {
    const { kinds, stocks } = this;
    const left = [...this.counts];
    const sheets: Layout["sheets"] = [];
    const used = stocks.map(() => 0);
    let cost = 0;
    const affordable = (stock: number) =>
      cost + stocks[stock]!.price < below - 1e-9 && used[stock]! < stocks[stock]!.count;
    /** Share of a pattern that is parts still wanted. */
    const useful = (root: Node) => wantedOf(root, left, (kind) => kinds[kind]!.area) / (root.w * root.h);
    const cut = ({ stock, root }: Pattern): boolean => {
      if (!affordable(stock)) return false;
      const copy = copyTree(root);
      prune(copy, left);
      recount(copy);
      sheets.push({ stock, root: copy });
      used[stock]!++;
      cost += stocks[stock]!.price;
      return true;
    };
    let programme = new PatternMaster(left, stocks, this.master);
    let standing: Standing | undefined = programme.solve(goOn);
    let { duals } = standing;
    while (left.some((n) => n > 0) && goOn()) {
      if (!standing) {
        // The arithmetic did not carry the programme to the rest: it is made anew of the patterns worth most.
        const known = this.worthiest(programme.patterns, duals, left);
        programme = new PatternMaster(
          left,
          stocks.map((s, i) => ({ ...s, count: s.count - used[i]! })),
        );
        for (const { stock, root } of known) programme.take(stock, root);
        standing = programme.solve(goOn);
      }
      for (let again = 0; again < AGAIN && sheets.length > 0 && goOn(); again++) {
        const proposal: Float64Array = standing.duals.map((d) => Math.max(0, d));
        if (!this.ask(programme, proposal, left)) break;
        standing = programme.solve(goOn);
      }
      ({ duals } = standing);
      const ranked = [...standing.taken]
        .map(([column, amount]) => ({ column, pattern: programme.patterns[column]!, amount }))
        .filter(({ pattern }) => affordable(pattern.stock) && useful(pattern.root) > WELL_USED)
        .map((taken) => ({ ...taken, rank: taken.amount + CHANCE * random() }))
        .sort((a, b) => b.rank - a.rank);
      const before = sheets.length;
      for (const { column, pattern, amount } of ranked) {
        const first = sheets.length === before;
        if ((first || (standing && amount >= MOSTLY_TAKEN)) && cut(pattern)) standing = programme.have(column);
      }
      if (sheets.length === before) break;
    }
    const pool = poolOf(left);
    const byArea = stocks.map((s, i) => ({ i, dear: s.price / (s.w * s.h) })).sort((a, b) => a.dear - b.dear);
    for (let next = byArea.find(({ i }) => affordable(i)); next; next = byArea.find(({ i }) => affordable(i))) {
      const stock = stocks[next.i]!;
      const root = freeNode(stock.w, stock.h);
      fillNode(root, kinds, pool, drawTaste(random), random);
      if (root.parts === 0) break;
      sheets.push({ stock: next.i, root });
      used[next.i]!++;
      cost += stock.price;
    }
    return { sheets, pool, cost };
  }
}
