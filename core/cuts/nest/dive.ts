import type { Standing } from "../linear/master";
import { drawTaste, fillNode } from "./fill";
import { type Pattern, PatternMaster } from "./patternMaster";
import { poolOf } from "./pool";
import type { Layout } from "./search";
import { clear, copyTree, eachPart, freeNode, type Kind, type Node, recount, type Stock } from "./tree";

/* How much is tried, found by trial on `npm run bench:nest`. */

/** While what is left no longer promises to come cheap enough, it is asked for patterns this many times. */
const AGAIN = 20;
/** Patterns tried as the next while the rest is too dear after them. */
const TRIES = 2;
/** Patterns that are looked at again where the programme is made anew. */
const KEPT = 1500;
/** A pattern taken at least so much of is taken up whole at once. */
const MOSTLY_TAKEN = 0.75;
/** A pattern is cut only while so much of its sheet is parts still wanted. */
const WELL_USED = 0.6;
/** How much chance there is in which pattern comes next. */
const CHANCE = 0.25;
/** Share of the kinds left at which several ways on are tried, and how many. */
const HALFWAY = 0.45;
const FROM_HALFWAY = 6;
/** Share of its rows still open below which a programme is made anew without the others. */
const STILL_OPEN = 0.6;
/** What a cost may be passed by, as rounding goes. */
const ROUNDING = 1e-6;

/** Patterns of the whole, and how to come by more for what is left. */
export interface Gathered {
  kinds: readonly Kind[];
  counts: readonly number[];
  stocks: readonly Stock[];
  master: PatternMaster;
  /** Takes up patterns worth more than their sheet by these duals, made of so many of each kind; whether any was new. */
  ask: (master: PatternMaster, duals: Float64Array, left: readonly number[]) => boolean;
}

/** How far a layout has come. */
interface Reached {
  left: number[];
  used: number[];
  sheets: Layout["sheets"];
  cost: number;
  /** The programme for what is left, and where it stands. */
  programme: PatternMaster;
  standing: Standing;
}

/** A pattern that the programme takes, and how much of it. */
interface Taken {
  column: number;
  pattern: Pattern;
  amount: number;
}

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

const openOf = (left: readonly number[]): number => left.reduce((sum, n) => sum + (n > 0 ? 1 : 0), 0);

/** The most that fractions of patterns may come to where whole sheets are to cost less than a limit. */
export const mostUnder = (below: number, stocks: readonly Stock[]): number =>
  below - Math.min(...stocks.filter((s) => s.price > 0).map((s) => s.price)) + ROUNDING;

/** What the sheets cost and the rest will, parts of sheets allowed. */
const promised = ({ cost, standing }: Reached): number => cost + standing.value;

/**
 * A layout from patterns: one the programme takes is cut, the programme goes on for the rest, with new patterns where it
 * needs them, and so on while the sheets cost less than a limit. Where the rest comes out too dear after one pattern,
 * others are tried in its place. What finds no place is left in the pool.
 * @param below what the sheets must cost less than
 * @param goOn asked between steps; false leaves what has no place yet to be filled in as it comes
 */
export function dive(
  { kinds, counts, stocks, master, ask }: Gathered,
  below: number,
  random: () => number,
  goOn: () => boolean,
): Layout & { cost: number } {
  const limit = mostUnder(below, stocks);
  const affordable = ({ cost, used }: Pick<Reached, "cost" | "used">, stock: number) =>
    cost + stocks[stock]!.price < below - 1e-9 && used[stock]! < stocks[stock]!.count;

  /** Asks for patterns until what is left promises to come cheap enough, or there are none. */
  const price = (at: Reached): Reached => {
    for (let again = 0; again < AGAIN && promised(at) > limit && goOn(); again++) {
      const proposal: Float64Array = at.standing.duals.map((d) => Math.max(0, d));
      if (!ask(at.programme, proposal, at.left)) break;
      at.standing = at.programme.solve(goOn);
    }
    return at;
  };

  /** The programme made anew, of the patterns worth most by the duals. */
  const anew = (patterns: readonly Pattern[], duals: ArrayLike<number>, left: number[], used: number[]) => {
    const over = ({ root, stock }: Pattern) => wantedOf(root, left, (kind) => duals[kind]!) - stocks[stock]!.price;
    const known = patterns.map((pattern) => ({ pattern, over: over(pattern) })).sort((a, b) => b.over - a.over);
    const programme = new PatternMaster(
      left,
      stocks.map((s, i) => ({ ...s, count: s.count - used[i]! })),
    );
    for (const { pattern } of known.slice(0, KEPT)) programme.take(pattern.stock, pattern.root);
    return programme;
  };

  /** Patterns to cut next, the likeliest first. */
  const ranked = (at: Reached): Taken[] =>
    [...at.standing.taken]
      .map(([column, amount]) => ({ column, pattern: at.programme.patterns[column]!, amount }))
      .filter(({ pattern: { stock, root } }) => {
        const useful = wantedOf(root, at.left, (kind) => kinds[kind]!.area) / (root.w * root.h);
        return affordable(at, stock) && useful > WELL_USED;
      })
      .map((taken) => ({ taken, rank: taken.amount + CHANCE * random() }))
      .sort((a, b) => b.rank - a.rank)
      .map(({ taken }) => taken);

  /** Where one comes by cutting patterns, as far as they can be afforded. */
  const cut = (from: Reached, patterns: readonly Taken[]): Reached => {
    const at = { ...from, left: [...from.left], used: [...from.used], sheets: [...from.sheets] };
    let programme = new PatternMaster(at.left, stocks, from.programme);
    let standing: Standing | undefined = from.standing;
    for (const { column, pattern } of patterns) {
      if (!standing || !affordable(at, pattern.stock)) break;
      const root = copyTree(pattern.root);
      prune(root, at.left);
      recount(root);
      at.sheets.push({ stock: pattern.stock, root });
      at.used[pattern.stock]!++;
      at.cost += stocks[pattern.stock]!.price;
      standing = programme.have(column);
    }
    // Where the arithmetic does not carry the programme to the rest, or most of its rows are done with.
    if (!standing || openOf(at.left) < STILL_OPEN * programme.kinds) {
      programme = anew(programme.patterns, from.standing.duals, at.left, at.used);
      standing = programme.solve(goOn);
    }
    return price({ ...at, programme, standing });
  };

  /** Cuts pattern after pattern, while that promises to come cheap enough or `doomed` too, and while `on` says so. */
  const descend = (from: Reached, on: (at: Reached) => boolean, doomed: boolean): Reached => {
    let at = from;
    while (on(at) && goOn() && (doomed || promised(at) <= limit)) {
      const next = ranked(at);
      const tries = promised(at) <= limit ? TRIES : 1;
      let best: Reached | undefined;
      for (let i = 0; i < Math.min(tries, next.length) && goOn(); i++) {
        const others = i === 0 ? next.slice(1).filter(({ amount }) => amount >= MOSTLY_TAKEN) : [];
        const tried = cut(at, [next[i]!, ...others]);
        if (!best || promised(tried) < promised(best)) best = tried;
        if (promised(best) <= limit) break;
      }
      if (!best) break;
      at = best;
    }
    return at;
  };

  const programme = new PatternMaster([...counts], stocks, master);
  const begun: Reached = {
    left: [...counts],
    used: stocks.map(() => 0),
    sheets: [],
    cost: 0,
    programme,
    standing: programme.solve(goOn),
  };
  const all = openOf(counts);
  const halfway = descend(begun, ({ left }) => openOf(left) > HALFWAY * all, false);
  const isOpen = ({ left }: Reached) => openOf(left) > 0;
  let at = halfway;
  for (let time = 0; time < FROM_HALFWAY && promised(halfway) <= limit && goOn(); time++) {
    at = descend(halfway, isOpen, false);
    if (!isOpen(at)) break;
  }
  at = descend(at, isOpen, true);

  const { sheets } = at;
  const pool = poolOf(at.left);
  const byArea = stocks.map((s, i) => ({ i, dear: s.price / (s.w * s.h) })).sort((a, b) => a.dear - b.dear);
  const next = () => byArea.find(({ i }) => affordable(at, i));
  for (let stock = next(); stock; stock = next()) {
    const { w, h, price: dear } = stocks[stock.i]!;
    const root = freeNode(w, h);
    fillNode(root, kinds as Kind[], pool, drawTaste(random), random);
    if (root.parts === 0) break;
    sheets.push({ stock: stock.i, root });
    at.used[stock.i]!++;
    at.cost += dear;
  }
  return { sheets, pool, cost: at.cost };
}
