import { CoveringMaster, type Standing } from "../linear/master";
import type { Grid } from "./grid";
import type { Piece } from "./pattern";
import { cutNode, eachPart, freeNode, type Kind, type Node, type Stock } from "./tree";

/** A way to cut one sheet. */
export interface Pattern {
  stock: number;
  root: Node;
}

/** How many of each kind a pattern gives. */
export function givenBy(piece: Piece | undefined, given = new Map<number, number>()): Map<number, number> {
  if (!piece) return given;
  if ("entry" in piece) given.set(piece.entry.kind, (given.get(piece.entry.kind) ?? 0) + 1);
  else {
    givenBy(piece.first, given);
    givenBy(piece.second, given);
  }
  return given;
}

/** A covering programme of patterns: each kind as often as wanted, and no stock more often than there is of it. */
export class PatternMaster {
  /** The real ones among the patterns, by their number. */
  readonly patterns: Pattern[];
  private readonly known: Set<string>;
  private readonly limited: number[];
  /** The kinds that have a row: those wanted when it was made. */
  private readonly rowed: number[];
  private readonly rowOf: Int32Array;
  private readonly master: CoveringMaster;

  /**
   * @param wanted how many of each kind
   * @param from a programme to stand where it stands, and from there to go its own way
   */
  constructor(
    private readonly wanted: readonly number[],
    private readonly stocks: readonly Stock[],
    from?: PatternMaster,
  ) {
    this.limited = stocks.flatMap((s, i) => (s.count < 1e6 ? [i] : []));
    this.patterns = from ? [...from.patterns] : [];
    this.known = new Set(from?.known);
    const dearest = Math.max(...stocks.map((s) => s.price));
    this.rowed = from?.rowed ?? wanted.flatMap((n, kind) => (n > 0 ? [kind] : []));
    this.rowOf = new Int32Array(wanted.length).fill(-1);
    this.rowed.forEach((kind, row) => {
      this.rowOf[kind] = row;
    });
    this.master =
      from?.master.copy() ??
      new CoveringMaster(
        [...this.rowed.map((kind) => wanted[kind]!), ...this.limited.map((i) => -stocks[i]!.count)],
        // What no pattern gives is dearer than any sheet.
        100 * Math.max(1, dearest),
      );
  }

  /**
   * Takes one sheet of a pattern off what is asked for, and goes on to the optimum for the rest.
   * @returns where it stands; nothing where the arithmetic does not carry it there
   */
  have(column: number): Standing | undefined {
    this.master.have(column);
    const standing = this.master.resolve();
    return standing && this.byKind(standing);
  }

  /** How many duals there are: of all kinds, and then of stocks that are limited. */
  get rows(): number {
    return this.wanted.length + this.limited.length;
  }

  /** Kinds that were wanted when it was made, each a row of the programme. */
  get kinds(): number {
    return this.rowed.length;
  }

  solve(goOn?: () => boolean): Standing {
    return this.byKind(this.master.solve(goOn));
  }

  /** With the duals of all kinds, and then of limited stocks. */
  private byKind(standing: Standing): Standing {
    const duals = new Float64Array(this.rows);
    this.rowed.forEach((kind, row) => {
      duals[kind] = standing.duals[row]!;
    });
    this.limited.forEach((_, i) => {
      duals[this.wanted.length + i] = standing.duals[this.rowed.length + i]!;
    });
    return { ...standing, duals };
  }

  /** What one more sheet of a stock is charged beyond its price, where it is limited. */
  charged(stock: number, duals: ArrayLike<number>): number {
    const at = this.limited.indexOf(stock);
    return at < 0 ? 0 : duals[this.wanted.length + at]!;
  }

  isLimited(stock: number): boolean {
    return this.limited.includes(stock);
  }

  /** Takes a real pattern up, for what it gives of what is wanted; its number, or nothing where it is known. */
  take(stock: number, root: Node): number | undefined {
    const given = new Map<number, number>();
    eachPart(root, (kind) => given.set(kind, (given.get(kind) ?? 0) + 1));
    const at = this.takeCounts(stock, given, (kind) => this.wanted[kind]!);
    if (at !== undefined) this.patterns[at] = { stock, root };
    return at;
  }

  /** Takes up what a pattern gives, real or not. */
  takeCounts(
    stock: number,
    given: ReadonlyMap<number, number>,
    most: (kind: number) => number = () => Number.POSITIVE_INFINITY,
  ): number | undefined {
    const rows = [...given.keys()].filter((kind) => this.wanted[kind]! > 0).sort((a, b) => a - b);
    const gives = rows.map((kind) => Math.min(given.get(kind)!, most(kind)));
    const key = `${stock}:${rows.join()}:${gives.join()}`;
    if (rows.length === 0 || this.known.has(key)) return undefined;
    this.known.add(key);
    const limit = this.limited.indexOf(stock);
    return this.master.add({
      cost: this.stocks[stock]!.price,
      rows: [...rows.map((kind) => this.rowOf[kind]!), ...(limit < 0 ? [] : [this.rowed.length + limit])],
      gives: limit < 0 ? gives : [...gives, -1],
    });
  }
}

/** A sheet cut by a pattern of an exact grid; parts lie in the corner of their block. */
export function sheetOf(piece: Piece, stock: Stock, step: NonNullable<Grid["step"]>, kinds: readonly Kind[]): Node {
  const build = (node: Node, at: Piece | undefined): void => {
    if (!at) return;
    if ("entry" in at) {
      const { w: across, h: along } = kinds[at.entry.kind]!;
      const [w, h] = at.entry.turned ? [along, across] : [across, along];
      let leaf = node;
      if (leaf.w > w) {
        cutNode(leaf, "x", w);
        leaf = leaf.first!;
      }
      if (leaf.h > h) {
        cutNode(leaf, "y", h);
        leaf = leaf.first!;
      }
      leaf.part = at.entry.kind;
      return;
    }
    cutNode(node, at.axis, at.at * (at.axis === "x" ? step.w : step.h));
    build(node.first!, at.first);
    build(node.second!, at.second);
  };
  const root = freeNode(stock.w, stock.h);
  build(root, piece);
  return root;
}
