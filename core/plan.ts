import { type BoughtAndUsed, boughtAndUsed } from "./bench/bought";
import { closingStands } from "./bench/closing/standing";
import { inOwnHand } from "./bench/ownHand";
import { pastWork } from "./bench/past";
import { benchSnags } from "./bench/rules/rules";
import { type StepStands, stepsStanding } from "./bench/standing";
import { stillNeeded, usedUp } from "./bench/use";
import { type BuyLedger, planBuying } from "./buying/planBuying";
import { type KeptNesting, knowing, type Nester, rememberingNester } from "./cuts/nester";
import { misfits, ownMisfits, planCuts } from "./cuts/planCuts";
import { lastCutAt, sheetsAtSaw } from "./cuts/record/bench";
import type { SheetGroup } from "./cuts/sheets";
import type { DayAnswer } from "./day/answer";
import { DAY, type DayFact, KEPT_DAYS, type KeptDays } from "./day/facts";
import { hoursInBand, safeHoursInBand } from "./day/inBand";
import { keptDays, standingIn } from "./day/kept";
import { formatLocal, parseLocal } from "./design/localTime";
import { type DiaryLedger, planDiary } from "./diary/planDiary";
import type { Build } from "./document/schema";
import { chosenVariant, variantPath } from "./document/variant";
import { AUDIT, type AuditFact } from "./escape/facts";
import { type Facts, fact, factsOf } from "./ledgers/facts";
import {
  emptyLedger,
  gather,
  type SettledStep,
  type Step,
  type Supply,
  type TradeLedger,
  type Wait,
} from "./ledgers/ledger";
import { MASS, type MassFact } from "./ledgers/masses";
import type { Log } from "./log/schema";
import type { Book } from "./materials/schema";
import { type OwnRates, ownRates } from "./rates/own";
import type { PastWork, Regret } from "./rates/schema";
import { TEST } from "./seal/test/facts";
import type { TestStanding } from "./seal/test/standing";
import type { Shell } from "./shell/shell";
import type { Site } from "./shell/site";
import { type Judge, settleSnags } from "./snags/settle";
import type { Stock } from "./stock/schema";
import { type Tally, tallyUp } from "./tally";
import { again, type PlanMemory, planMemory, runAgain, runFixed } from "./trades/memory";
import { gathered, type RunInput } from "./trades/run";
import type { Workshop } from "./workshop/schema";

/** All a plan depends on. Plain data; the same input gives the same plan on any machine. */
export interface PlanInput {
  design: Build;
  /** What has happened at the bench. */
  log: Log;
  /** Better nestings found by search, kept beside the build. */
  nestings: KeptNesting[];
  /** Days worked out of its air, kept beside the build by what they answer. */
  days?: readonly DayAnswer[];
  /** What other builds of this builder taught: work that was planned and then done. */
  past?: readonly PastWork[];
  /** What was to be done otherwise next time, by other builds' benches. */
  regrets?: readonly Regret[];
  book: Book;
  stock: Stock;
  workshop: Workshop;
  /** Local time on the workshop's clock, `2026-03-02T09:00`. */
  now: string;
  seed: number;
}

/** The five ledgers, and what the screens draw from. */
export interface Plan extends Omit<TradeLedger, "facts" | "steps"> {
  /** Each waits only for steps that there are. */
  steps: SettledStep[];
  site: Site;
  shell: Shell;
  /** What the trades told one another. */
  facts: Facts;
  masses: MassFact[];
  /** Each trade's and each reckoner's own ledger, by its id; their steps wait for milestones. */
  ledgers: ReadonlyMap<string, TradeLedger>;
  /** Every way out, and how each resident passes them. */
  audit: AuditFact;
  /** Where the water test stands by the log. */
  test: TestStanding;
  /** How each step stands by the log, and what was bought and used for it. */
  stands: ReadonlyMap<string, StepStands>;
  bought: BoughtAndUsed;
  /** Supplies at the rates everyone starts from, in the order of `supplies`. */
  startSupplies: Supply[];
  groups: SheetGroup[];
  buying: BuyLedger;
  diary: DiaryLedger;
  tally: Tally;
}

const NO_DAYS: readonly DayAnswer[] = [];
const NO_PAST: readonly PastWork[] = [];
const NO_REGRETS: readonly Regret[] = [];

/** What the log of a build, and other builds, say of the bench. */
interface BenchRead {
  stands: ReadonlyMap<string, StepStands>;
  bought: BoughtAndUsed;
  own: OwnRates;
}
const readBench = (log: Log, past: readonly PastWork[]): BenchRead => ({
  ...{ stands: stepsStanding(log), bought: boughtAndUsed(log) },
  own: ownRates([...past, ...pastWork(log)]),
});

/** What the trades of a design are run with. */
const runInput = ({ book, workshop, log }: PlanInput, design: Build, kept: KeptDays): RunInput => ({
  told: [fact(KEPT_DAYS, kept)],
  brief: design.brief,
  variant: chosenVariant(design),
  ...{ book, workshop, log },
  at: (path) => variantPath(design, path),
});

/** Materials of which something is still to be bought. */
const toBuy = (buying: BuyLedger): Set<string> =>
  new Set(
    buying.lines
      .filter((line) => line.likelyMinor === null || line.safe.some(({ count }) => count > 0))
      .map((line) => line.materialId),
  );

/**
 * Nothing is used before it is fetched, unless it is on hand. A step that waits for another which uses the same has it there.
 * @param wanted materials of which something is still to be bought
 */
function untilFetched(steps: readonly Step[], wanted: ReadonlySet<string>): (step: Step) => Wait | undefined {
  const used = new Map<string, string[]>();
  for (const { id, uses } of steps) {
    const missing = uses?.filter((u) => wanted.has(u)) ?? [];
    if (missing.length > 0) used.set(id, missing);
  }
  const hasIt = ({ after }: Step, material: string) =>
    after.some((a) => "id" in a && used.get(a.id)?.includes(material) === true);
  return (step) => (used.get(step.id)?.some((material) => !hasIt(step, material)) ? FETCHED : undefined);
}
const FETCHED: Wait = { reached: "fetched", because: "what it uses must be there" };

/** Hours of the day in everyone's band, where that is worked out and somebody has said what it is. */
function inBandOf(residents: Build["brief"]["residents"], day: DayFact | undefined): Tally["inBand"] {
  const { usual, sure } = day?.answer ?? {};
  const likelyHours = usual ? hoursInBand(residents, usual) : null;
  return likelyHours === null ? null : { likelyHours, safeHours: sure ? safeHoursInBand(residents, sure) : null };
}

/**
 * One design in, five ledgers out: levels and shell, then the trades, each once what it needs is told, then the reckoners
 * over the gathered ledgers. The design must have passed `checkDesign` with the same book.
 * @param input the design and all it is computed with
 * @param nester answers nesting questions; give one that remembers to recompute fast
 * @param underWay true while the design is still being dragged or typed: fixes are then not proved
 * @param memory what the last plan of the same build left; it changes how long this one takes, never what it says
 */
export function plan(
  input: PlanInput,
  nester: Nester = rememberingNester(),
  underWay = false,
  memory: PlanMemory = planMemory(),
): Plan {
  const { design, book, stock, workshop, seed } = input;
  const asked = knowing(nester, input.nestings);
  const kept = keptDays(input.days ?? NO_DAYS);
  const run = runAgain(runInput(input, design, kept), memory);
  const { shell, site } = run;
  const trades = gathered(run);

  const { parts } = trades;
  const cutFrom = [shell, run.shellGiven, design.brief.units, site.at(""), book, workshop, parts, stock, seed];
  const cuts = again(memory, "cuts", [...cutFrom, input.nestings, input.log], () =>
    planCuts(site, {
      parts,
      stock,
      seed,
      nester: asked,
      atSaw: sheetsAtSaw(input.log),
      lastCutAt: lastCutAt(input.log),
    }),
  );
  const past = input.past ?? NO_PAST;
  const { stands, bought, own } = again(memory, "bench", [input.log, past], () => readBench(input.log, past));
  const made = gather([trades, cuts]);
  const hand = inOwnHand(made.steps, made.supplies, own);
  const buying = planBuying(site, {
    ...{ parts: trades.parts, supplies: stillNeeded(hand.supplies, hand.steps, stands), whole: hand.supplies },
    ...{ groups: cuts.groups, stock, now: input.now, bought, usedUp: usedUp(hand.steps, stands) },
  });
  const before = gather([{ ...made, steps: hand.steps, supplies: hand.supplies }, buying]);
  const diary = planDiary(site, {
    steps: before.steps,
    alsoAfter: untilFetched(before.steps, toBuy(buying)),
    now: parseLocal(input.now) ?? 0,
    measured: factsOf(trades.facts).one(DAY)?.gate?.words,
    stands,
  });
  const bench: TradeLedger = {
    ...emptyLedger(),
    figures: hand.figures,
    snags: benchSnags({
      ...{ site, stands, bought, steps: diary.settled, supplies: made.supplies, regrets: input.regrets ?? NO_REGRETS },
      closing: closingStands({ facts: factsOf(trades.facts), steps: diary.settled }, input.log),
      wanted: new Set([...hand.supplies, ...trades.parts].map(({ materialId }) => materialId)),
    }),
  };
  const all = gather([before, diary, bench]);
  const facts = factsOf(trades.facts);
  // A fix that is not about air is proved by the air as it is.
  const standing = standingIn(kept, facts.one(DAY)?.answer);
  const judge: Judge = (fixed, { patch }) => {
    const then = runFixed(runInput(input, fixed, standing), { base: run, from: chosenVariant(design), patch, memory });
    const { parts, snags } = gathered(then);
    return [
      ...snags,
      ...misfits({ parts, book, trimMm: workshop.trimMm }),
      ...ownMisfits(then.site, { parts, seed, nester: asked }),
    ];
  };
  const masses = facts.all(MASS);
  const ledgers = new Map<string, TradeLedger>();
  for (const [id, { ledger }] of run.ran) ledgers.set(id, ledger);
  ledgers.set("cuts", cuts).set("buying", buying).set("bench", bench).set("diary", diary);
  return {
    parts: all.parts,
    supplies: all.supplies,
    steps: diary.settled,
    snags: settleSnags(all.snags, design, book, underWay ? null : judge),
    figures: all.figures,
    site,
    shell,
    facts,
    masses,
    ledgers,
    audit: facts.one(AUDIT) ?? { ways: [], audits: [] },
    test: facts.one(TEST)!,
    ...{ stands: diary.stands, bought, startSupplies: made.supplies },
    groups: cuts.groups,
    buying,
    diary,
    tally: tallyUp({
      masses,
      buying,
      diary,
      steps: diary.settled,
      groups: cuts.groups,
      currency: workshop.currency,
      inBand: inBandOf(design.brief.residents, facts.one(DAY)),
    }),
  };
}

/** What a step is about, and what only the bench asks of it, is for screens and reckoners. */
const publicStep = ({
  about: _,
  work: __,
  cures: ___,
  overAt: ____,
  ownLog: _____,
  photos: ______,
  ...step
}: SettledStep) => step;

/** The plan as the `hornwort plan` command writes it: five ledgers, the tally, the nesting and the dates. */
export function publicPlan(planned: Plan) {
  const { parts, supplies, snags, figures, tally, groups, buying, diary } = planned;
  return {
    // What a part's lock and pack are known by is for screens and reckoners.
    parts: parts.map(({ grainPath: _, comesWith: __, ...part }) => part),
    supplies,
    steps: planned.steps.map(publicStep),
    snags,
    figures,
    tally,
    sheets: groups.map(({ material, bought, layout, solution: { unplaced, bound } }) => ({
      material: material.id,
      bought,
      sheets: layout.map(({ stock, parts, cuts, offcuts }) => ({ stock: stock.id, parts, cuts, offcuts })),
      unplaced,
      bound,
    })),
    shopping: buying.lines.map(({ shelf: _, over: __, ...line }) => line),
    diary: diary.entries.map((e) => ({
      step: e.stepId,
      start: formatLocal(e.startAt),
      handsEnd: formatLocal(e.handsEndAt),
      ready: formatLocal(e.readyAt),
    })),
  };
}
