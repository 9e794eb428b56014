import type { Entry, Grid } from "./grid";

/** How a sheet is cut, in steps of a grid: a part, two pieces cut apart, or nothing. */
export type Piece =
  | { entry: Entry }
  | { axis: "x" | "y"; at: number; first: Piece | undefined; second: Piece | undefined };

/** Index of the largest side not over each number of steps. */
function floorOf(sides: Int32Array, most: number): Int32Array {
  const floor = new Int32Array(most + 1);
  for (let x = 0, i = 0; x <= most; x++) {
    while (i + 1 < sides.length && sides[i + 1]! <= x) i++;
    floor[x] = i;
  }
  return floor;
}

/** Whether every part may be turned, and the sheet too: then a block and the same one turned hold the same. */
export function isSymmetric({ entries, widths, heights }: Grid): boolean {
  const ways = new Set(entries.map((e) => `${e.kind}/${e.w}/${e.h}`));
  return widths.join() === heights.join() && entries.every((e) => ways.has(`${e.kind}/${e.h}/${e.w}`));
}

/** The cells of a table over the sides of blocks: which holds so many steps, and which each part lies in. */
export function cellsOf({ entries, widths, heights }: Grid) {
  const floorW = floorOf(widths, widths.at(-1)!);
  const floorH = floorOf(heights, heights.at(-1)!);
  const holding = (sides: Int32Array, floor: Int32Array, size: number) =>
    sides[floor[size]!] === size ? floor[size]! : floor[size]! + 1;
  // A part lies in the smallest block that holds it; its own sides are reachable but for those made to be none.
  const places = entries.map((entry) => ({
    entry,
    p: holding(widths, floorW, entry.w),
    q: holding(heights, floorH, entry.h),
  }));
  return { m: widths.length, n: heights.length, floorW, floorH, places };
}

/**
 * The most that any edge-to-edge cutting of a sheet is worth, parts in any number, by dynamic programming over the sides
 * a block can have (Gilmore & Gomory, "The theory and computation of knapsack functions", 1966; from memory, checked by
 * test against every cutting of small sheets).
 */
export class PatternFinder {
  private readonly m: number;
  private readonly n: number;
  private readonly floorW: Int32Array;
  private readonly floorH: Int32Array;
  /** What each block is worth, by its sides' indices, once filled. */
  readonly worth: Float64Array;
  private readonly places: { entry: Entry; p: number; q: number }[];
  private readonly symmetric: boolean;
  private values: ArrayLike<number> = [];

  constructor(private readonly grid: Grid) {
    const { m, n, floorW, floorH, places } = cellsOf(grid);
    this.m = m;
    this.n = n;
    this.floorW = floorW;
    this.floorH = floorH;
    this.places = places;
    this.worth = new Float64Array(m * n);
    this.symmetric = isSymmetric(grid);
  }

  /** Fills the table for these values of the kinds. */
  fill(values: ArrayLike<number>): void {
    const { m, n, worth, floorW, floorH } = this;
    const { widths, heights } = this.grid;
    this.values = values;
    worth.fill(0);
    for (const { entry, p, q } of this.places) worth[p * n + q] = Math.max(worth[p * n + q]!, values[entry.kind]!);
    for (let p = 0; p < m; p++) {
      const row = p * n;
      // Where every part may be turned, a block and the same one turned are worth the same.
      const end = this.symmetric ? p : n;
      if (p > 0)
        for (let q = 0; q < end; q++) if (worth[row - n + q]! > worth[row + q]!) worth[row + q] = worth[row - n + q]!;
      const width = widths[p]!;
      for (let a = 1; a < p && 2 * widths[a]! <= width; a++) {
        const one = a * n;
        const other = floorW[width - widths[a]!]! * n;
        for (let q = 0; q < end; q++) {
          const sum = worth[one + q]! + worth[other + q]!;
          if (sum > worth[row + q]!) worth[row + q] = sum;
        }
      }
      if (this.symmetric) worth[p] = worth[row]!;
      for (let q = 1; q < (this.symmetric ? p + 1 : n); q++) {
        let best = Math.max(worth[row + q]!, worth[row + q - 1]!);
        const height = heights[q]!;
        for (let b = 1; b < q && 2 * heights[b]! <= height; b++) {
          const sum = worth[row + b]! + worth[row + floorH[height - heights[b]!]!]!;
          if (sum > best) best = sum;
        }
        worth[row + q] = best;
        if (this.symmetric) worth[q * n + p] = best;
      }
    }
  }

  /** What the best pattern of a stock is worth. */
  best(stock: number): number {
    const { p, q } = this.cellOf(stock);
    return this.worth[p * this.n + q]!;
  }

  /**
   * Patterns of a stock worth more than a threshold, the best first, each with another first cut.
   * @param most how many at most
   */
  patterns(stock: number, threshold: number, most: number): Piece[] {
    const { p, q } = this.cellOf(stock);
    const { worth, n, floorW, floorH } = this;
    const { widths, heights } = this.grid;
    const found: { value: number; make: () => Piece | undefined }[] = [];
    for (let a = 1; a < p && 2 * widths[a]! <= widths[p]!; a++) {
      const r = floorW[widths[p]! - widths[a]!]!;
      const value = worth[a * n + q]! + worth[r * n + q]!;
      if (value > threshold)
        found.push({
          value,
          make: () => ({ axis: "x", at: widths[a]!, first: this.read(a, q), second: this.read(r, q) }),
        });
    }
    for (let b = 1; b < q && 2 * heights[b]! <= heights[q]!; b++) {
      const r = floorH[heights[q]! - heights[b]!]!;
      const value = worth[p * n + b]! + worth[p * n + r]!;
      if (value > threshold)
        found.push({
          value,
          make: () => ({ axis: "y", at: heights[b]!, first: this.read(p, b), second: this.read(p, r) }),
        });
    }
    found.sort((a, b) => b.value - a.value);
    // What fills the sheet without a cut of it, or is worth more than any that is cut.
    if (worth[p * n + q]! > Math.max(threshold, found[0]?.value ?? 0))
      found.unshift({ value: worth[p * n + q]!, make: () => this.read(p, q) });
    return found.slice(0, most).flatMap(({ make }) => make() ?? []);
  }

  private cellOf(stock: number): { p: number; q: number } {
    const { w, h } = this.grid.stocks[stock]!;
    return { p: this.floorW[w]!, q: this.floorH[h]! };
  }

  /** The pattern that a cell's worth came from; the table says only how much, so each way is tried. */
  private read(p: number, q: number): Piece | undefined {
    const { worth, n, floorW, floorH } = this;
    const { widths, heights } = this.grid;
    const value = worth[p * n + q]!;
    if (value <= 0) return undefined;
    if (p > 0 && worth[(p - 1) * n + q] === value) return this.read(p - 1, q);
    if (q > 0 && worth[p * n + q - 1] === value) return this.read(p, q - 1);
    const place = this.places.find((at) => at.p === p && at.q === q && this.values[at.entry.kind] === value);
    if (place) return { entry: place.entry };
    for (let a = 1; a < p && 2 * widths[a]! <= widths[p]!; a++) {
      const r = floorW[widths[p]! - widths[a]!]!;
      if (worth[a * n + q]! + worth[r * n + q]! === value)
        return { axis: "x", at: widths[a]!, first: this.read(a, q), second: this.read(r, q) };
    }
    for (let b = 1; b < q && 2 * heights[b]! <= heights[q]!; b++) {
      const r = floorH[heights[q]! - heights[b]!]!;
      if (worth[p * n + b]! + worth[p * n + r]! === value)
        return { axis: "y", at: heights[b]!, first: this.read(p, b), second: this.read(p, r) };
    }
    return undefined;
  }
}
