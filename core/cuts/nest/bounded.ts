import { type Fields, fieldsFor, together } from "./fields";
import type { Entry, Grid } from "./grid";
import { cellsOf, isSymmetric, type Piece } from "./pattern";

/** How a cell's worth came about. */
const NOTHING = 0;
const PART = 1;
const ACROSS = 2;
const ALONG = 3;

/**
 * Edge-to-edge cuttings of a sheet that use no part more often than there are: by dynamic programming over the sides a
 * block can have, with one cutting remembered for each block, so a good one and not always the best.
 */
export class BoundedFinder {
  private readonly m: number;
  private readonly n: number;
  private readonly floorW: Int32Array;
  private readonly floorH: Int32Array;
  private readonly worth: Float64Array;
  private readonly how: Uint8Array;
  /** Which part, or at which side's index it is cut. */
  private readonly which: Int32Array;
  /** The cell whose cutting this is: blocks a little larger hold what the smaller one held, some of them turned. */
  private readonly same: Int32Array;
  private readonly turned: Uint8Array;
  /** Whether a block and the same one turned hold the same. */
  private readonly symmetric: boolean;
  private readonly places: { at: number; entry: Entry; across: Entry }[];
  /**
   * For each height the widths at which a block comes to be worth more than one just narrower, and for each width the
   * heights: a cut anywhere else could as well be nearer the edge.
   */
  private readonly across: { at: Int32Array; many: Int32Array };
  private readonly along: { at: Int32Array; many: Int32Array };
  private fields: Fields = fieldsFor([], []);
  private used = new Int32Array(0);

  constructor(private readonly grid: Grid) {
    const { m, n, floorW, floorH, places } = cellsOf(grid);
    this.m = m;
    this.n = n;
    this.floorW = floorW;
    this.floorH = floorH;
    this.worth = new Float64Array(m * n);
    this.how = new Uint8Array(m * n);
    this.which = new Int32Array(m * n);
    this.same = new Int32Array(m * n);
    this.turned = new Uint8Array(m * n);
    this.symmetric = isSymmetric(grid);
    this.across = { at: new Int32Array(m * n), many: new Int32Array(n) };
    this.along = { at: new Int32Array(m * n), many: new Int32Array(m) };
    this.places = places.map(({ entry, p, q }) => ({
      entry,
      // The same part lying across.
      across: grid.entries.find((e) => e.kind === entry.kind && e.w === entry.h && e.h === entry.w) ?? entry,
      at: p * n + q,
    }));
  }

  /** Fills the table for these values of the kinds, and so many of each. */
  fill(values: ArrayLike<number>, counts: readonly number[]): void {
    const { m, n, worth, how, which, same, turned, symmetric, floorW, floorH } = this;
    const { widths, heights } = this.grid;
    // Kinds worth most for their size are in most blocks: first in the words, they tell at once.
    const order = this.places.map(({ entry: { kind, w, h } }) => ({ kind, dense: values[kind]! / (w * h) }));
    order.sort((a, b) => b.dense - a.dense);
    this.fields = fieldsFor(counts, [...new Set(order.map((o) => o.kind))]);
    const { words } = this.fields;
    if (this.used.length < m * n * words) this.used = new Int32Array(m * n * words);
    const { used } = this;
    const across = this.across;
    const along = symmetric ? across : this.along;
    across.many.fill(0);
    along.many.fill(0);
    worth.fill(0);
    how.fill(NOTHING);
    used.fill(0);
    this.places.forEach(({ entry: { kind }, at }, place) => {
      if (counts[kind]! <= 0 || values[kind]! <= worth[at]!) return;
      worth[at] = values[kind]!;
      how[at] = PART;
      which[at] = place;
    });
    for (let p = 0; p < m; p++)
      for (let q = 0; q < (symmetric ? p + 1 : n); q++) {
        const cell = p * n + q;
        let best = worth[cell]!;
        let from = cell;
        if (p > 0 && worth[cell - n]! > best) {
          best = worth[cell - n]!;
          from = cell - n;
        }
        if (q > 0 && worth[cell - 1]! > best) {
          best = worth[cell - 1]!;
          from = cell - 1;
        }
        let cut = NOTHING;
        let cutAt = 0;
        const width = widths[p]!;
        for (let k = 0, end = across.many[q]!; k < end; k++) {
          const a = across.at[q * m + k]!;
          if (2 * widths[a]! > width) break;
          const over = floorW[width - widths[a]!]!;
          // Turned they lie side by side in the table, which is read sooner.
          const x = symmetric ? q * n + a : a * n + q;
          const y = symmetric ? q * n + over : over * n + q;
          if (worth[x]! + worth[y]! > best && this.together(same[x]!, same[y]!)) {
            best = worth[x]! + worth[y]!;
            cut = ACROSS;
            cutAt = a;
          }
        }
        const height = heights[q]!;
        for (let k = 0, end = along.many[p]!; k < end; k++) {
          const b = along.at[p * n + k]!;
          if (2 * heights[b]! > height) break;
          const x = p * n + b;
          const y = p * n + floorH[height - heights[b]!]!;
          if (worth[x]! + worth[y]! > best && this.together(same[x]!, same[y]!)) {
            best = worth[x]! + worth[y]!;
            cut = ALONG;
            cutAt = b;
          }
        }
        if (p > 0 && best > worth[cell - n]!) across.at[q * m + across.many[q]!++] = p;
        if (q > 0 && !(symmetric && p === q) && best > worth[cell - 1]!) along.at[p * n + along.many[p]!++] = q;
        worth[cell] = best;
        if (cut !== NOTHING) {
          how[cell] = cut;
          which[cell] = cutAt;
        }
        if (cut !== NOTHING || from === cell) {
          same[cell] = cell;
          turned[cell] = 0;
          this.countUp(cell, p, q);
        } else {
          same[cell] = same[from]!;
          turned[cell] = turned[from]!;
        }
        if (symmetric && p !== q) {
          const mirror = q * n + p;
          worth[mirror] = best;
          same[mirror] = same[cell]!;
          turned[mirror] = 1 - turned[cell]!;
        }
      }
  }

  /** What a cell's own cutting uses of each kind. */
  private countUp(cell: number, p: number, q: number): void {
    const { used, same, how } = this;
    const { words, word, one } = this.fields;
    if (how[cell] === NOTHING) return;
    if (how[cell] === PART) {
      const { kind } = this.places[this.which[cell]!]!.entry;
      used[cell * words + word[kind]!] = one[kind]!;
      return;
    }
    const [x, y] = this.halves(p, q, how[cell]!, this.which[cell]!);
    for (let w = 0; w < words; w++) used[cell * words + w] = used[same[x]! * words + w]! + used[same[y]! * words + w]!;
  }

  /**
   * Cuttings of a stock worth more than a threshold, the best first, each with another first cut.
   * @param most how many at most
   */
  patterns(stock: number, threshold: number, most: number): Piece[] {
    const { worth, same, n } = this;
    const { w, h } = this.grid.stocks[stock]!;
    const [p, q] = [this.floorW[w]!, this.floorH[h]!];
    const { widths, heights } = this.grid;
    const found: { value: number; cut: number; at: number }[] = [];
    const { symmetric } = this;
    const look = (cut: number, at: number) => {
      const [x, y] = this.halves(p, q, cut, at);
      const value = worth[x]! + worth[y]!;
      if (value > threshold && this.together(same[x]!, same[y]!)) found.push({ value, cut, at });
    };
    for (let a = 1; a < p && 2 * widths[a]! <= widths[p]!; a++) look(ACROSS, a);
    // A square sheet turned is cut the other way: the same patterns.
    if (!symmetric || p !== q) for (let b = 1; b < q && 2 * heights[b]! <= heights[q]!; b++) look(ALONG, b);
    found.sort((a, b) => b.value - a.value);
    const best = found.slice(0, most).map(({ cut, at }) => this.cutPiece(p, q, cut, at, false));
    // What fills the sheet without a cut of it, or is worth more than any that is cut.
    const root = p * n + q;
    const whole = worth[root]! > Math.max(threshold, found[0]?.value ?? 0) ? this.read(root, false) : undefined;
    return whole ? [whole, ...best] : best;
  }

  /** Whether two blocks together use no part more often than there are. */
  private together(x: number, y: number): boolean {
    const { words } = this.fields;
    return together(this.fields, this.used, x * words, this.used, y * words);
  }

  /** The two cells that a cell falls into by a cut. */
  private halves(p: number, q: number, cut: number, at: number): [number, number] {
    const { n, floorW, floorH } = this;
    const { widths, heights } = this.grid;
    return cut === ACROSS
      ? [at * n + q, floorW[widths[p]! - widths[at]!]! * n + q]
      : [p * n + at, p * n + floorH[heights[q]! - heights[at]!]!];
  }

  private cutPiece(p: number, q: number, cut: number, at: number, turn: boolean): Piece {
    const [x, y] = this.halves(p, q, cut, at);
    const [first, second] = [this.read(x, turn), this.read(y, turn)];
    const across = cut === ACROSS;
    return {
      axis: across === turn ? "y" : "x",
      at: (across ? this.grid.widths : this.grid.heights)[at]!,
      first,
      second,
    };
  }

  /** The cutting of a cell, or that turned. */
  private read(of: number, turnIt: boolean): Piece | undefined {
    const cell = this.same[of]!;
    const turn = turnIt !== (this.turned[of] === 1);
    const how = this.how[cell]!;
    if (how === NOTHING) return undefined;
    const place = this.places[this.which[cell]!]!;
    if (how === PART) return { entry: turn ? place.across : place.entry };
    return this.cutPiece(Math.floor(cell / this.n), cell % this.n, how, this.which[cell]!, turn);
  }
}
