import equal from "fast-deep-equal";
import type { Brief, Variant } from "../document/schema";
import { type Fact, factsOf } from "../ledgers/facts";
import { gather, type TradeLedger } from "../ledgers/ledger";
import type { Log } from "../log/schema";
import type { Book } from "../materials/schema";
import { buildShell } from "../shell/buildShell";
import type { Shell } from "../shell/shell";
import { makeSite, type Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import type { Workshop } from "../workshop/schema";
import { TRADES } from "./list";

/** All the trades are run with. */
export interface RunInput {
  brief: Brief;
  variant: Variant;
  book: Book;
  workshop: Workshop;
  log: Log;
  /** A JSON Pointer into the variant as one into the build, for fixes. */
  at: (path: string) => string;
  /** What is told from outside, before any trade. */
  told?: readonly Fact[];
  /** Only judged: fixes are not looked for. */
  judged?: boolean;
}

/** One trade's run: what it was given, and what it made of it. */
interface Ran {
  trade: Trade;
  given: readonly unknown[];
  ledger: TradeLedger;
}

/** A run of all trades: the shell, and each trade's ledger by its id. */
export interface Run {
  shell: Shell;
  shellGiven: readonly unknown[];
  site: Site;
  ran: ReadonlyMap<string, Ran>;
}

const same = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((x, i) => Object.is(x, b[i]));

/** What a shell is built from: `buildShell` reads nothing else of the variant. */
const shellGivenOf = ({ shell, faces, ground, seal }: Variant, book: Book): unknown[] => [
  ...[book, shell, faces, ground.front, ground.layers],
  seal.standingWater,
];

/** The trades so that each comes after all whose facts it needs. */
function inTurn(trades: readonly Trade[]): Trade[] {
  const turn: Trade[] = [];
  const left = [...trades];
  while (left.length > 0) {
    const next = left.findIndex((t) =>
      t.needs.every((n) => !left.some((o) => o !== t && o.gives.some((g) => g.key === n.key))),
    );
    if (next < 0) throw new Error(`Trades need one another's facts in a circle: ${left.map((t) => t.id).join(", ")}`);
    turn.push(...left.splice(next, 1));
  }
  return turn;
}

/** What was told that a trade needs, in the order of the trades. */
function toldFor({ needs }: Trade, ran: ReadonlyMap<string, Ran>, outside: readonly Fact[]): Fact[] {
  if (needs.length === 0) return [];
  const told = outside.filter((f) => needs.some((n) => n.key === f.key));
  for (const { id } of TRADES)
    for (const f of ran.get(id)?.ledger.facts ?? []) if (needs.some((n) => n.key === f.key)) told.push(f);
  return told;
}

/** The trades in their turn: the list is the same for every run. */
const TURN = inTurn(TRADES);

/**
 * Builds the shell and runs the trades, each once all it needs is told. What a trade makes follows from the parts of the
 * variant it reads, the shell, the brief, the bench's own and the facts it needs alone: where none of these has changed since
 * a run before, its ledger is that run's.
 * @param before runs to take unchanged ledgers from, the first that has one
 */
export function runTrades(
  { brief, variant, book, workshop, log, at, judged, told: outside = [] }: RunInput,
  before: readonly Run[] = [],
): Run {
  const shellGiven = shellGivenOf(variant, book);
  const shell = before.find((b) => same(b.shellGiven, shellGiven))?.shell ?? buildShell(variant, book);
  const site = makeSite({ brief, variant, shell, book, workshop, at, ...(judged && { judged }) });
  const ran = new Map<string, Ran>();
  const bench = [book, workshop, log, at(""), brief, shell];
  for (const trade of TURN) {
    const needed = toldFor(trade, ran, outside);
    const given = [...bench, ...trade.reads.map((name) => variant[name]), ...needed.map((f) => f.value)];
    const were = before.flatMap((b) => b.ran.get(trade.id) ?? []);
    const was = were.find((w) => same(w.given, given));
    if (was) {
      ran.set(trade.id, was);
      continue;
    }
    const ledger = trade.plan(site, { facts: factsOf(needed), log });
    // The newest of what was told before: what is told again as it was is the very same.
    const told = were.at(-1);
    ran.set(trade.id, {
      trade,
      given,
      ledger: told ? { ...ledger, facts: kept(ledger.facts, told.ledger.facts) } : ledger,
    });
  }
  return { shell, shellGiven, site, ran };
}

/** The facts that some trade needs. */
const NEEDED = new Set(TRADES.flatMap((t) => t.needs.map((n) => n.key)));

/**
 * Facts told again as they were are the very same ones, so that a trade that needs them sees no change. A function, which
 * may hold more than it shows, is only ever the same as itself.
 */
const kept = (facts: readonly Fact[], before: readonly Fact[]): Fact[] =>
  facts.map((f) =>
    NEEDED.has(f.key) ? (before.find((was) => was.key === f.key && equal(was.value, f.value)) ?? f) : f,
  );

/** All ledgers of a run as one, in the order of the trades. */
export const gathered = ({ ran }: Run): TradeLedger => gather(TRADES.map((t) => ran.get(t.id)!.ledger));
