import { planAir } from "./air/planAir";
import { planBackground } from "./background/planBackground";
import { type BuyLedger, planBuying } from "./buying/planBuying";
import { hungDoors } from "./closures/hung";
import { type ClosureLedger, planClosures } from "./closures/planClosures";
import { type KeptNesting, knowing, type Nester, rememberingNester } from "./cuts/nester";
import { misfits, ownMisfits, planCuts } from "./cuts/planCuts";
import { sheetsAtSaw } from "./cuts/record/bench";
import type { SheetGroup } from "./cuts/sheets";
import { formatLocal, parseLocal } from "./design/localTime";
import { type DiaryLedger, planDiary } from "./diary/planDiary";
import type { Build } from "./document/schema";
import { chosenVariant } from "./document/variant";
import { planWindows } from "./features/pane/planWindows";
import { planPorts } from "./features/port/planPorts";
import { planGround } from "./ground/planGround";
import { gather, type TradeLedger } from "./ledgers/ledger";
import { waitsThatAre } from "./ledgers/waits";
import type { Log } from "./log/schema";
import type { Book } from "./materials/schema";
import { planOdd } from "./odd/planOdd";
import { planPanes } from "./panes/planPanes";
import { planPlacement } from "./placement/planPlacement";
import { planResidents } from "./residents/planResidents";
import { planSeal } from "./seal/planSeal";
import { planTest } from "./seal/test/planTest";
import type { TestStanding } from "./seal/test/standing";
import { planService } from "./service/planService";
import { buildShell } from "./shell/buildShell";
import { planShell } from "./shell/planShell";
import type { Shell } from "./shell/shell";
import { makeSite, type Site } from "./shell/site";
import { planSlips } from "./slips/planSlips";
import { type Judge, settleSnags } from "./snags/settle";
import type { Stock } from "./stock/schema";
import { type Tally, tallyUp } from "./tally";
import type { Workshop } from "./workshop/schema";

/** All a plan depends on. Plain data; the same input gives the same plan on any machine. */
export interface PlanInput {
  design: Build;
  /** What has happened at the bench. */
  log: Log;
  /** Better nestings found by search, kept beside the build. */
  nestings: KeptNesting[];
  book: Book;
  stock: Stock;
  workshop: Workshop;
  /** Local time on the workshop's clock, `2026-03-02T09:00`. */
  now: string;
  seed: number;
}

/** The five ledgers, and what the screens draw from. */
export interface Plan extends TradeLedger {
  site: Site;
  shell: Shell;
  closures: ClosureLedger;
  /** Where the water test stands by the log. */
  test: TestStanding;
  groups: SheetGroup[];
  buying: BuyLedger;
  diary: DiaryLedger;
  tally: Tally;
}

/** Levels, shell, and the trades in their fixed order. */
function runTrades({ book, workshop, log }: PlanInput, design: Build) {
  const variant = chosenVariant(design);
  const shell = buildShell(variant, book);
  const site = makeSite(design, variant, shell, book, workshop);
  const who = planResidents(site);
  const bare = planShell(site, { hung: hungDoors(site) });
  const railSagMm = bare.figures.find((f) => f.id === "shell/rail-sag")?.value;
  const closures = planClosures(site, { railSagMm });
  const test = planTest(site, log);
  return {
    shell,
    site,
    closures,
    test: test.test,
    trades: gather([
      who,
      bare,
      closures,
      planAir(site),
      planSeal(site, test.test),
      test,
      planPanes(site),
      planPorts(site),
      planWindows(site),
      planPlacement(site),
      planBackground(site, test.test),
      planGround(site),
      planService(site),
      planOdd(site),
      planSlips(site),
    ]),
  };
}

/**
 * One design in, five ledgers out: levels and shell, then the trades in their fixed order, then the reckoners over the
 * gathered ledgers. The design must have passed `checkDesign` with the same book.
 * @param input the design and all it is computed with
 * @param nester answers nesting questions; give one that remembers to recompute fast
 * @param underWay true while the design is still being dragged or typed: fixes are then not proved
 */
export function plan(input: PlanInput, nester: Nester = rememberingNester(), underWay = false): Plan {
  const { design, book, stock, workshop, seed } = input;
  const asked = knowing(nester, input.nestings);
  const { shell, site, closures, test, trades } = runTrades(input, design);

  const cuts = planCuts(site, { parts: trades.parts, stock, seed, nester: asked, atSaw: sheetsAtSaw(input.log) });
  const buying = planBuying(site, {
    parts: trades.parts,
    supplies: trades.supplies,
    groups: cuts.groups,
    stock,
    now: input.now,
  });
  const before = gather([trades, cuts, buying]);
  const diary = planDiary(site, { steps: before.steps, now: parseLocal(input.now) ?? 0 });

  const gathered = gather([before, diary]);
  const all = { ...gathered, steps: waitsThatAre(gathered.steps) };
  const judge: Judge = (fixed) => {
    const { trades: then, site: fixedSite } = runTrades(input, fixed);
    return [
      ...then.snags,
      ...misfits({ parts: then.parts, book, trimMm: workshop.trimMm }),
      ...ownMisfits(fixedSite, { parts: then.parts, seed, nester: asked }),
    ];
  };
  return {
    ...all,
    snags: settleSnags(all.snags, design, book, underWay ? null : judge),
    site,
    shell,
    closures,
    test,
    groups: cuts.groups,
    buying,
    diary,
    tally: tallyUp({
      figures: all.figures,
      steps: all.steps,
      groups: cuts.groups,
      buying,
      diary,
      currency: workshop.currency,
    }),
  };
}

/** The plan as the `hornwort plan` command writes it: five ledgers, the tally, the nesting and the dates. */
export function publicPlan(planned: Plan) {
  const { parts, supplies, steps, snags, figures, tally, groups, buying, diary } = planned;
  return {
    parts,
    supplies,
    steps,
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
    shopping: buying.lines,
    diary: diary.entries.map((e) => ({
      step: e.stepId,
      start: formatLocal(e.startAt),
      handsEnd: formatLocal(e.handsEndAt),
      ready: formatLocal(e.readyAt),
    })),
  };
}
