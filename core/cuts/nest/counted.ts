import { type Fields, fieldsFor, isAsMuch, together } from "./fields";
import type { Entry, Grid } from "./grid";
import { cellsOf, PatternFinder, type Piece } from "./pattern";
import { givenBy } from "./patternMaster";

/** Pairs of cuttings put together for one table, some seconds' worth, beyond which it is given up. */
const MOST_PAIRS = 4e7;
/** Patterns read from one table. */
const MOST_READ = 30;
/** Worth that is no gain but rounding. */
const ROUNDING = 1e-9;

/** A cutting of a block. */
interface Cutting {
  worth: number;
  /** What it uses of the kinds counted, in fields side by side. */
  used: Int32Array;
  /** A part, or at which side's index it is cut in which two. */
  from: { entry: Entry } | { axis: "x" | "y"; index: number; first: Cutting; second: Cutting };
}

/**
 * What edge-to-edge cuttings of a sheet are worth that use no part more often than there are. Only blocks are looked at
 * that can lie in a cutting worth more than asked. Where the best uses a kind too often, that kind is counted and the
 * table made anew (state space relaxed and tightened by steps: Righini & Salani 2008; from memory).
 */
export class CountedFinder {
  private readonly plain: PatternFinder;
  private readonly cells: ReturnType<typeof cellsOf>;
  /** The most that can be had around each block, less what is asked. */
  private readonly around: Float64Array;
  /** Which row of the table a block has; −1 where it can be in no cutting worth enough. */
  private readonly row: Int32Array;
  private rows = 0;
  /** The parts that each block is the smallest to hold. */
  private readonly parts = new Map<number, Entry[]>();
  /** For each row its block's cuttings, the best first: none of them uses more than one that is worth as much. */
  private cuttings: Cutting[][] = [];
  private counted: number[] = [];
  private fields: Fields;
  private sum = new Int32Array(1);
  private values: ArrayLike<number> = [];
  /** What a cutting of the block under way must be worth more than: what is asked, or one that uses nothing counted. */
  private floor = 0;

  /**
   * @param grid to reckon on; where its steps only bound, so does what is found
   * @param counts how many there are of each kind
   */
  constructor(
    private readonly grid: Grid,
    private readonly counts: readonly number[],
  ) {
    this.plain = new PatternFinder(grid);
    this.cells = cellsOf(grid);
    this.around = new Float64Array(this.cells.m * this.cells.n);
    this.row = new Int32Array(this.cells.m * this.cells.n);
    this.fields = fieldsFor(counts, []);
    for (const { entry, p, q } of this.cells.places) {
      const cell = p * this.cells.n + q;
      this.parts.set(cell, [...(this.parts.get(cell) ?? []), entry]);
    }
  }

  /**
   * Cuttings of a stock worth more than asked of it.
   * @param values of the kinds
   * @param asked for each stock; infinite for one that is not to be had
   * @param goOn asked before each table
   * @returns some, if there are any; none is a proof that there are none; undefined where it was given up
   */
  above(
    values: ArrayLike<number>,
    asked: readonly number[],
    goOn: () => boolean,
  ): { stock: number; piece: Piece }[] | undefined {
    this.values = values;
    this.plain.fill(values);
    let worth = (cell: number) => this.plain.worth[cell]!;
    let some = (stock: number, least: number) => this.plain.patterns(stock, least + ROUNDING, MOST_READ);
    // Begun anew with nothing counted: few kinds tell which blocks matter, before more of them make the table long.
    this.count([]);
    for (let more: number[] = []; goOn(); ) {
      if (more.length > 0) {
        this.lookAround(asked, worth);
        if (this.rows === 0) return [];
        if (!this.fill(goOn)) return undefined;
        worth = (cell) => this.cuttings[this.row[cell]!]?.[0]?.worth ?? 0;
        some = (stock, least) => this.patterns(stock, least);
      }
      const found: { stock: number; piece: Piece }[] = [];
      const tooMany = new Set<number>();
      asked.forEach((least, stock) => {
        for (const piece of some(stock, least)) {
          const over = [...givenBy(piece)].filter(([kind, n]) => n > this.counts[kind]!);
          if (over.length === 0) found.push({ stock, piece });
          for (const [kind] of over) tooMany.add(kind);
        }
      });
      if (found.length > 0 || tooMany.size === 0) return found;
      more = [...tooMany];
      this.count([...this.counted, ...more]);
    }
    return undefined;
  }

  private count(kinds: number[]): void {
    this.counted = kinds;
    this.fields = fieldsFor(this.counts, kinds);
    this.sum = new Int32Array(this.fields.words);
  }

  /** Finds which blocks can lie in a cutting worth more than asked, by what they are worth at most and what is around them. */
  private lookAround(asked: readonly number[], worth: (cell: number) => number): void {
    const { around, grid } = this;
    const { m, n, floorW, floorH } = this.cells;
    const { widths, heights } = grid;
    const most = Float64Array.from(around, (_, cell) => worth(cell));
    around.fill(Number.NEGATIVE_INFINITY);
    asked.forEach((least, stock) => {
      const cell = this.rootOf(stock);
      around[cell] = Math.max(around[cell]!, -least);
    });
    this.row.fill(-1);
    this.rows = 0;
    for (let p = m - 1; p > 0; p--)
      for (let q = n - 1; q > 0; q--) {
        const cell = p * n + q;
        const here = around[cell]!;
        if (most[cell]! + here <= ROUNDING) continue;
        this.row[cell] = this.rows++;
        const offer = (block: number, beside: number) => {
          if (here + most[beside]! > around[block]!) around[block] = here + most[beside]!;
        };
        if (around[cell - n]! < here) around[cell - n] = here;
        if (around[cell - 1]! < here) around[cell - 1] = here;
        for (let a = 1; a < p && 2 * widths[a]! <= widths[p]!; a++) {
          const x = a * n + q;
          const y = floorW[widths[p]! - widths[a]!]! * n + q;
          if (here + most[x]! + most[y]! <= ROUNDING) continue;
          offer(x, y);
          offer(y, x);
        }
        for (let b = 1; b < q && 2 * heights[b]! <= heights[q]!; b++) {
          const x = p * n + b;
          const y = p * n + floorH[heights[q]! - heights[b]!]!;
          if (here + most[x]! + most[y]! <= ROUNDING) continue;
          offer(x, y);
          offer(y, x);
        }
      }
  }

  /** Fills the table; false where it takes too long. */
  private fill(goOn: () => boolean): boolean {
    const { row, values, grid, around, sum } = this;
    const { m, n, floorW, floorH } = this.cells;
    const { widths, heights } = grid;
    const { word, one } = this.fields;
    const cuttings: Cutting[][] = Array.from({ length: this.rows }, () => []);
    this.cuttings = cuttings;
    const top = new Float64Array(this.rows).fill(Number.NEGATIVE_INFINITY);
    let pairs = 0;
    for (let p = 1; p < m; p++) {
      if (pairs > MOST_PAIRS || !goOn()) return false;
      for (let q = 1; q < n; q++) {
        const cell = p * n + q;
        if (row[cell]! < 0) continue;
        const here = cuttings[row[cell]!]!;
        this.floor = ROUNDING - around[cell]!;
        for (const entry of this.parts.get(cell) ?? []) {
          if (values[entry.kind]! <= this.floor) continue;
          sum.fill(0);
          if (word[entry.kind]! >= 0) sum[word[entry.kind]!] = one[entry.kind]!;
          if (this.isNew(here, values[entry.kind]!)) this.put(here, values[entry.kind]!, { entry });
        }
        for (const smaller of [row[cell - n]!, row[cell - 1]!])
          for (const cutting of cuttings[smaller] ?? []) {
            if (cutting.worth <= this.floor) break;
            sum.set(cutting.used);
            if (this.isNew(here, cutting.worth)) this.put(here, cutting.worth, cutting.from);
          }
        for (let a = 1; a < p && 2 * widths[a]! <= widths[p]!; a++) {
          const [ones, others] = [row[a * n + q]!, row[floorW[widths[p]! - widths[a]!]! * n + q]!];
          if (ones < 0 || others < 0 || top[ones]! + top[others]! <= this.floor) continue;
          pairs += this.join(here, cuttings[ones]!, cuttings[others]!, "x", a);
        }
        for (let b = 1; b < q && 2 * heights[b]! <= heights[q]!; b++) {
          const [ones, others] = [row[p * n + b]!, row[p * n + floorH[heights[q]! - heights[b]!]!]!];
          if (ones < 0 || others < 0 || top[ones]! + top[others]! <= this.floor) continue;
          pairs += this.join(here, cuttings[ones]!, cuttings[others]!, "y", b);
        }
        if (here.length > 0) top[row[cell]!] = here[0]!.worth;
      }
    }
    return true;
  }

  /** Takes up what the cuttings of two blocks come to side by side, where that is worth enough; answers how many were tried. */
  private join(here: Cutting[], ones: Cutting[], others: Cutting[], axis: "x" | "y", index: number): number {
    const { sum } = this;
    const { words } = this.fields;
    let tried = 0;
    const most = others[0]!.worth;
    for (const first of ones) {
      if (first.worth + most <= this.floor) break;
      for (const second of others) {
        const worth = first.worth + second.worth;
        if (worth <= this.floor) break;
        tried++;
        if (!together(this.fields, first.used, 0, second.used, 0)) continue;
        for (let w = 0; w < words; w++) sum[w] = first.used[w]! + second.used[w]!;
        if (this.isNew(here, worth)) this.put(here, worth, { axis, index, first, second });
      }
    }
    return tried;
  }

  /** Whether none of these cuttings is worth as much as one that uses the sum, and uses no more. */
  private isNew(here: Cutting[], worth: number): boolean {
    for (const cutting of here) {
      if (cutting.worth < worth) break;
      if (isAsMuch(this.fields, this.sum, cutting.used)) return false;
    }
    return true;
  }

  /** Takes a cutting that uses the sum up among others; of those worth less, what uses as much or more goes out. */
  private put(here: Cutting[], worth: number, from: Cutting["from"]): void {
    const { sum } = this;
    let i = 0;
    while (i < here.length && here[i]!.worth >= worth) i++;
    let to = i;
    for (let k = i; k < here.length; k++) if (!isAsMuch(this.fields, here[k]!.used, sum)) here[to++] = here[k]!;
    here.length = to;
    here.splice(i, 0, { worth, used: sum.slice(), from });
    if (sum.every((n) => n === 0)) this.floor = worth;
  }

  private rootOf(stock: number): number {
    const { floorW, floorH, n } = this.cells;
    const { w, h } = this.grid.stocks[stock]!;
    return floorW[w]! * n + floorH[h]!;
  }

  /** Cuttings of a stock worth more than asked, the best first. */
  private patterns(stock: number, least: number): Piece[] {
    const row = this.row[this.rootOf(stock)]!;
    if (row < 0) return [];
    return this.cuttings[row]!.filter(({ worth }) => worth > least + ROUNDING)
      .slice(0, MOST_READ)
      .map((cutting) => this.read(cutting));
  }

  private read({ from }: Cutting): Piece {
    if ("entry" in from) return from;
    const { axis, index, first, second } = from;
    const at = (axis === "x" ? this.grid.widths : this.grid.heights)[index]!;
    return { axis, at, first: this.read(first), second: this.read(second) };
  }
}
