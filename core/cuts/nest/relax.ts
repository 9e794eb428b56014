import { CoveringMaster } from "../linear/master";
import { dive, type Pattern } from "./dive";
import { type Grid, gridFor } from "./grid";
import { PatternFinder, type Piece } from "./pattern";
import type { Layout } from "./search";
import { cutNode, eachPart, freeNode, type Kind, type Node, type Stock } from "./tree";

/** Kinds beyond which the programme is too slow to be worth it. */
const MOST_KINDS = 300;
/** Patterns taken up for one stock in one round. */
const PATTERNS_A_ROUND = 30;
/** A pattern must be worth this much more than its sheet, as a share of the dearest, to be new. */
const FINE = 1e-6;
/** How far the duals asked about lie towards those of the best bound: steadier, so sooner done. */
const STEADY = 0.5;

/**
 * The least that any edge-to-edge cutting costs with fractions of patterns allowed, by column generation (Gilmore &
 * Gomory, "Multistage cutting stock problems of two and more dimensions", 1965; from memory, checked by test). Goes on in
 * rounds; the bound holds after any of them (Farley 1990, from memory).
 */
export class Relaxation {
  /** No cutting costs less. */
  bound = 0;
  /** Nothing is left to gain. */
  done = false;
  private readonly grid: Grid | undefined;
  private readonly finder: PatternFinder | undefined;
  private readonly master: CoveringMaster;
  private readonly patterns: Pattern[] = [];
  private readonly known = new Set<string>();
  private readonly wanted: number[];
  private readonly limited: number[];
  private readonly dearest: number;
  /** The programme's optimum over the patterns so far. */
  private value = Number.POSITIVE_INFINITY;
  private readonly cheapest: number;
  private steady: Float64Array | undefined;

  /**
   * @param kinds parts, µm with kerf
   * @param counts how many of each
   * @param stocks sheets, µm with kerf
   * @param first sheets of a nesting that is known, to begin with
   */
  constructor(
    private readonly kinds: Kind[],
    private readonly counts: readonly number[],
    private readonly stocks: Stock[],
    first: readonly Pattern[],
  ) {
    const many = counts.filter((n) => n > 0).length;
    this.grid = many === 0 || many > MOST_KINDS ? undefined : gridFor(kinds, counts, stocks);
    this.finder = this.grid && new PatternFinder(this.grid);
    // A kind that no grid can tell apart from nothing asks for nothing.
    const seen = new Set(this.grid?.entries.map((e) => e.kind));
    this.wanted = counts.map((n, kind) => (seen.has(kind) ? n : 0));
    this.limited = stocks.flatMap((s, i) => (s.count < 1e6 ? [i] : []));
    this.cheapest = Math.min(...stocks.filter((s) => s.price > 0).map((s) => s.price));
    this.dearest = Math.max(...stocks.map((s) => s.price));
    this.master = new CoveringMaster(
      [...this.wanted, ...this.limited.map((i) => -stocks[i]!.count)],
      100 * Math.max(1, this.dearest),
    );
    if (this.finder) for (const { stock, root } of first) this.take(stock, root);
    else this.done = true;
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
      const mixed = steady && proposal.map((d, i) => STEADY * d + (1 - STEADY) * steady[i]!);
      if (mixed && this.ask(mixed)) continue;
      if (!this.ask(proposal)) this.done = true;
    }
  }

  /** Whether sheets that cost less than a limit could do, parts of sheets allowed. */
  promises(below: number): boolean {
    return this.done || this.value <= below - this.cheapest + 1e-6;
  }

  /** A layout made of its patterns, on sheets that cost less than a limit; what finds no place is in the pool. */
  dive(below: number, random: () => number): (Layout & { cost: number }) | undefined {
    if (!this.grid?.step) return undefined;
    return dive(this.master.copy(), this.patterns, this.kinds, this.counts, this.stocks, below, random);
  }

  /** Tries duals: raises the bound by them, and takes up the patterns worth more than their sheet; whether any was new. */
  private ask(duals: Float64Array): boolean {
    const { finder, stocks, kinds } = this;
    finder!.fill(duals);
    let shrink = 1;
    let spent = 0;
    let found = false;
    stocks.forEach((stock, s) => {
      if (stock.count === 0) return;
      const at = this.limited.indexOf(s);
      const limit = at < 0 ? 0 : duals[kinds.length + at]!;
      if (at >= 0) spent += limit * stock.count;
      const price = stock.price + limit;
      const best = finder!.best(s);
      if (best > price) shrink = Math.min(shrink, price / best);
      if (best <= price + FINE * this.dearest) return;
      for (const piece of finder!.patterns(s, price + FINE * this.dearest, PATTERNS_A_ROUND))
        if (this.takePiece(s, piece)) found = true;
    });
    const worth = this.wanted.reduce((sum, n, i) => sum + n * duals[i]!, 0);
    const bound = shrink * worth * (1 - 1e-9) - spent;
    if (bound > this.bound) {
      this.bound = bound;
      this.steady = duals;
    }
    return found;
  }

  private takePiece(stock: number, piece: Piece): boolean {
    const { w, h } = this.stocks[stock]!;
    if (this.grid!.step) {
      const root = freeNode(w, h);
      this.build(root, piece);
      return this.take(stock, root);
    }
    const counts = new Map<number, number>();
    const count = (p: Piece | undefined): void => {
      if (!p) return;
      if ("entry" in p) counts.set(p.entry.kind, (counts.get(p.entry.kind) ?? 0) + 1);
      else {
        count(p.first);
        count(p.second);
      }
    };
    count(piece);
    return this.takeCounts(stock, counts) !== undefined;
  }

  private take(stock: number, root: Node): boolean {
    const counts = new Map<number, number>();
    eachPart(root, (kind) => counts.set(kind, (counts.get(kind) ?? 0) + 1));
    const at = this.takeCounts(stock, counts);
    if (at !== undefined) this.patterns[at] = { stock, root };
    return at !== undefined;
  }

  private takeCounts(stock: number, counts: Map<number, number>): number | undefined {
    const rows = [...counts.keys()].filter((kind) => this.wanted[kind]! > 0).sort((a, b) => a - b);
    const gives = rows.map((kind) => counts.get(kind)!);
    const key = `${stock}:${rows.join()}:${gives.join()}`;
    if (rows.length === 0 || this.known.has(key)) return undefined;
    this.known.add(key);
    const limit = this.limited.indexOf(stock);
    return this.master.add({
      cost: this.stocks[stock]!.price,
      rows: limit < 0 ? rows : [...rows, this.kinds.length + limit],
      gives: limit < 0 ? gives : [...gives, -1],
    });
  }

  /** Cuts a free leaf by a pattern; parts lie in the corner of their block. */
  private build(node: Node, piece: Piece | undefined): void {
    if (!piece) return;
    const step = this.grid!.step!;
    if ("entry" in piece) {
      const { entry } = piece;
      let leaf = node;
      const { w: across, h: along } = this.kinds[entry.kind]!;
      const [w, h] = entry.turned ? [along, across] : [across, along];
      if (leaf.w > w) {
        cutNode(leaf, "x", w);
        leaf = leaf.first!;
      }
      if (leaf.h > h) {
        cutNode(leaf, "y", h);
        leaf = leaf.first!;
      }
      leaf.part = entry.kind;
      return;
    }
    cutNode(node, piece.axis, piece.at * (piece.axis === "x" ? step.w : step.h));
    this.build(node.first!, piece.first);
    this.build(node.second!, piece.second);
  }
}
