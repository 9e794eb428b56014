import { type BarProblem, type ColumnAnswer, columnBound, type Pattern } from "./columns";

/** A pattern taken at least so much of is cut at once. */
const ALL_BUT_WHOLE = 0.9;
/** Patterns known that are tried for the rest, the last ones found, and rounds of column generation for others. */
const KNOWN = 200;
const ROUNDS = 10;
/** How much chance there is in which pattern comes next. */
const CHANCE = 0.3;

/**
 * Patterns in whole numbers: those taken most are cut, column generation is run anew for the rest, and so on.
 * @param first column generation's answer to the whole problem
 * @param below what the bars must cost less than; undefined is answered where they would not
 * @param random numbers from 0 to 1; other numbers, other cuttings
 */
export function dive(
  problem: BarProblem,
  first: ColumnAnswer,
  below: number,
  random: () => number,
  goOn: () => boolean,
): Pattern[] | undefined {
  const pieces = problem.pieces.map((p) => ({ ...p }));
  const bars = problem.bars.map((b) => ({ ...b }));
  const chosen: Pattern[] = [];
  let cost = 0;
  let { taken } = first;
  const known = first.patterns.slice(-KNOWN);
  while (true) {
    const ranked = taken
      .map(({ pattern, amount }) => ({ pattern, amount, rank: amount + CHANCE * random() }))
      .sort((a, b) => b.rank - a.rank);
    let cuts = 0;
    for (const { pattern, amount } of ranked) {
      if (cuts > 0 && amount < ALL_BUT_WHOLE) break;
      const fits = pattern.counts.every((n, i) => n <= pieces[i]!.count) && bars[pattern.bar]!.count > 0;
      for (let times = Math.max(1, Math.floor(amount + 1e-6)); times > 0 && fits; times--) {
        if (pattern.counts.some((n, i) => n > pieces[i]!.count)) break;
        pattern.counts.forEach((n, i) => {
          pieces[i]!.count -= n;
        });
        bars[pattern.bar]!.count--;
        cost += bars[pattern.bar]!.price;
        chosen.push(pattern);
        cuts++;
      }
    }
    if (pieces.every((p) => p.count === 0)) return cost < below - 1e-9 ? chosen : undefined;
    // A piece left out of the programme keeps its place in the patterns, by a count of nought.
    const open = pieces.flatMap((p, i) => (p.count > 0 ? [i] : []));
    if (cuts === 0 || !goOn()) return undefined;
    const dear = (bound: number) => cost + bound > below - 1e-6;
    const begin = known.map(({ bar, counts }) => ({
      bar,
      counts: open.map((i) => Math.min(counts[i]!, pieces[i]!.count)),
    }));
    const rest = columnBound({ pieces: open.map((i) => pieces[i]!), bars }, goOn, dear, begin, ROUNDS);
    if (dear(rest.bound)) return undefined;
    taken = rest.taken.map(({ pattern, amount }) => ({
      amount,
      pattern: {
        bar: pattern.bar,
        counts: pieces.map((_, i) => {
          const at = open.indexOf(i);
          return at < 0 ? 0 : pattern.counts[at]!;
        }),
      },
    }));
  }
}
