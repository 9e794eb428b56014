import type { StepStands } from "../bench/standing";
import { sharedBand } from "../day/inBand";
import type { LocalMinutes } from "../design/localTime";
import type { Figure } from "../figures/figure";
import {
  emptyLedger,
  type Milestone,
  type SettledStep,
  type Snag,
  type Step,
  type TradeLedger,
  type Wait,
} from "../ledgers/ledger";
import { settleWaits } from "../ledgers/milestones";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import { hasHours } from "../workshop/calendar";
import { CAUTION } from "../workshop/cautions";
import { WAITS } from "../workshop/rates";
import { type DoneStep, doneSteps, withOver } from "./done";
import { type Entry, schedule } from "./schedule";

export interface DiaryLedger extends TradeLedger {
  /** All steps, each waiting only for steps that there are. */
  settled: SettledStep[];
  entries: Entry[];
  /** Minutes of hands of the whole plan, done or not, and of what is still to do. */
  handsOnMinutes: number;
  leftMinutes: number;
  /** How steps stand: by the bench's log, and those a log of their own tells to be over. */
  stands: ReadonlyMap<string, StepStands>;
  /** What is done, in the order it was: as planned and as it went, side by side. */
  done: DoneStep[];
  groundInAt: LocalMinutes | null;
  plantsInAt: LocalMinutes | null;
  residentsInAt: LocalMinutes | null;
}

/** What the gauge must show for three days: everyone's band at once, as far as anybody has said. */
function bandWords({ brief: { residents } }: Pick<Site, "brief">): string {
  const [tempC, rh] = [sharedBand(residents, "tempC"), sharedBand(residents, "rh")];
  const words = [
    ...(tempC ? [`${formatNumber(tempC.low)} to ${formatNumber(tempC.high)} °C`] : []),
    ...(rh ? [`${formatNumber(rh.low)} to ${formatNumber(rh.high)} % rh`] : []),
  ];
  return words.length > 0
    ? `Steady for three days within ${words.join(" and ")}.`
    : "Steady within the residents' bands.";
}

/** The last steps of every build: a run without animals, residents in. */
function closingSteps(site: Pick<Site, "brief">, measured: string | undefined): Step[] {
  return [
    {
      id: "diary/run-empty",
      title: "Run it empty and measure",
      detail:
        "Lamps, doors and vents as they will be. Warmth and damp at the warm and the cool end, morning and night.",
      stage: "diary",
      handsOnMinutes: 20,
      waitMinutes: WAITS.runEmpty.value,
      waitFor: "three days of readings",
      after: [
        { reached: "audited", because: "doors and vents decide the climate" },
        { reached: "airedOut", because: "nobody breathes this air yet" },
        { reached: "substrateIn", because: "substrate holds water and warmth" },
        { reached: "poured", because: "a wet floor breeds mould" },
        { reached: "waterRuns", because: "it runs as it will run" },
        { reached: "wallsUp", because: "walls hold warmth" },
      ],
      reaches: ["ranEmpty"],
      splittable: true,
      toHand: ["thermometer", "hygrometer"],
      cautions: [],
      passSign: measured ? `${bandWords(site)} Read so far: ${measured}` : bandWords(site),
    },
    {
      id: "diary/residents-in",
      title: "Residents in",
      detail: "Familiar pieces from the old home first.",
      stage: "diary",
      handsOnMinutes: 30,
      waitMinutes: 0,
      after: [
        { reached: "ranEmpty", because: "measured before animals" },
        { reached: "settled", because: "plants root and the crew breeds first" },
        { reached: "planted", because: "plants come before what digs at them" },
      ],
      reaches: ["residentsIn"],
      splittable: false,
      toHand: ["catch cup", "tools"],
      cautions: [CAUTION.bite],
    },
  ];
}

/** Steps to lay, and what each waits for beside what it says itself. */
interface ToLay {
  steps: readonly Step[];
  alsoAfter: (step: Step) => Wait | undefined;
  now: LocalMinutes;
  /** What readings of the air gauge say of it already, in words. */
  measured?: string | undefined;
  /** How steps stand by the log. */
  stands: ReadonlyMap<string, StepStands>;
}

/** Every trade's steps and the closing ones, laid on the builder's own hours. */
export function planDiary(site: Site, needs: ToLay): DiaryLedger {
  const closing = closingSteps(site, needs.measured);
  const steps = settleWaits([...needs.steps, ...closing], needs.alsoAfter);
  const { hours } = site.workshop;
  const stands = withOver(steps, needs.stands);
  const entries = schedule(steps, hours, needs.now, stands);
  const done = doneSteps(steps, stands);
  const handsOnMinutes = steps.reduce((sum, s) => sum + s.handsOnMinutes, 0);
  /** When the last step that reaches a milestone has that done to it; null where none does. */
  const at = (milestone: Milestone, key: "handsEndAt" | "startAt"): LocalMinutes | null => {
    const reaching = new Set(steps.filter((s) => s.reaches?.includes(milestone)).map((s) => s.id));
    const times = [
      ...entries.filter((e) => reaching.has(e.stepId)).map((e) => e[key]),
      ...done.filter((d) => reaching.has(d.stepId)).map((d) => d.doneAt),
    ];
    return times.length > 0 ? Math.max(...times) : null;
  };
  const waits = steps.filter((s) => s.waitMinutes > 0);
  const figures: Figure[] = [
    {
      id: "diary/hands-on",
      label: "Hands-on time",
      value: handsOnMinutes,
      unit: "min",
      estimate: true,
      formula: "Σ steps at the starting rates, from memory; your log will replace them",
      inputs: steps.map((s) => ({ name: s.title, value: s.handsOnMinutes, unit: "min" })),
    },
    {
      id: "diary/waits",
      label: "Waiting, all steps",
      value: waits.reduce((sum, s) => sum + s.waitMinutes, 0),
      unit: "min",
      formula: "Σ waits; many run side by side, so the diary is shorter",
      inputs: waits.map((s) => ({
        name: `${s.title}: ${s.waitFor ?? ""}`,
        value: s.waitMinutes,
        unit: "min",
      })),
    },
  ];
  return {
    ...emptyLedger(),
    steps: closing,
    settled: steps,
    snags: hourSnags(hasHours(hours)),
    figures,
    entries,
    handsOnMinutes,
    leftMinutes: entries.reduce((sum, { sessions }) => sum + sessions.reduce((own, s) => own + s.to - s.from, 0), 0),
    ...{ done, stands },
    groundInAt: at("substrateIn", "handsEndAt"),
    plantsInAt: at("planted", "handsEndAt"),
    residentsInAt: at("residentsIn", "startAt"),
  };
}

const hourSnags = (any: boolean): Snag[] =>
  any
    ? []
    : [
        {
          rule: "diary/no-hours",
          subject: "hours",
          severity: "stop",
          stage: "diary",
          title: "No hours to build in",
          sentence: "The workshop has no hours on any day, so nothing can be dated.",
          reason: "Set your evenings and weekends under Workshop.",
        },
      ];
