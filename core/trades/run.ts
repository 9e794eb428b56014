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
  /** The site as no trade sees it: with the whole variant. */
  site: Site;
  ran: ReadonlyMap<string, Ran>;
}

const same = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((x, i) => Object.is(x, b[i]));

/** What data says as one text, or undefined where a function is in it, which may hold more than it shows. */
function saidBy(data: unknown): string | undefined {
  let plain = true;
  const text = JSON.stringify(data, (_, value) => {
    if (typeof value === "function") plain = false;
    return value;
  });
  return plain ? text : undefined;
}

/** Plain data that says the same: what one trade tells again unchanged is no reason to plan another again. */
function alike(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  const said = saidBy(a);
  return said !== undefined && said === saidBy(b);
}

/** What a shell is built from: `buildShell` reads nothing else of the variant. */
const shellGivenOf = ({ shell, faces, ground, seal }: Variant, book: Book): unknown[] => [
  ...[book, shell, faces, ground.front, ground.drain, ground.charcoal],
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

/** The site as a trade sees it: only the parts of the variant that it says it reads. */
const siteFor = (site: Site, { reads }: Trade): Site => ({
  ...site,
  variant: Object.fromEntries(reads.map((name) => [name, site.variant[name]])) as Variant,
});

/**
 * Builds the shell and runs the trades, each once all it needs is told. What a trade makes follows from the parts of the
 * variant it reads, the shell, the brief, the bench's own and the facts it needs alone: where none of these has changed since
 * a run before, its ledger is that run's.
 * @param before a run to take unchanged ledgers from
 */
export function runTrades({ brief, variant, book, workshop, log, at }: RunInput, before?: Run): Run {
  const shellGiven = shellGivenOf(variant, book);
  const shell = before && same(before.shellGiven, shellGiven) ? before.shell : buildShell(variant, book);
  const site = makeSite({ brief, variant, shell, book, workshop, at });
  const ran = new Map<string, Ran>();
  for (const trade of inTurn(TRADES)) {
    const told: Fact[] = TRADES.flatMap((t) => ran.get(t.id)?.ledger.facts ?? []);
    const needed = told.filter((f) => trade.needs.some((n) => n.key === f.key));
    const given = [
      book,
      workshop,
      log,
      at(""),
      brief,
      shell,
      ...trade.reads.map((name) => variant[name]),
      ...needed.map((f) => f.value),
    ];
    const was = before?.ran.get(trade.id);
    if (was && same(was.given, given)) {
      ran.set(trade.id, was);
      continue;
    }
    const ledger = trade.plan(siteFor(site, trade), { facts: factsOf(needed), log });
    ran.set(trade.id, {
      trade,
      given,
      ledger: was ? { ...ledger, facts: kept(ledger.facts, was.ledger.facts) } : ledger,
    });
  }
  return { shell, shellGiven, site, ran };
}

/** Facts told again as they were are the very same ones, so that whoever needs them sees no change. */
const kept = (facts: readonly Fact[], before: readonly Fact[]): Fact[] =>
  facts.map((f, i) => {
    const was = before[i];
    return was && was.key === f.key && alike(was.value, f.value) ? was : f;
  });

/** All ledgers of a run as one, in the order of the trades. */
export const gathered = ({ ran }: Run): TradeLedger => gather(TRADES.map((t) => ran.get(t.id)!.ledger));
