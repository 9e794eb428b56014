import type { Operation } from "fast-json-patch";
import { run } from "../climate/run";
import { rememberingNester } from "../cuts/nester";
import { type DayAsk, keyOf } from "../day/ask";
import { DAY } from "../day/facts";
import { farOut, type SharedBands } from "../day/inBand";
import { checkDesign } from "../document/check";
import type { Snag } from "../ledgers/ledger";
import { type Plan, type PlanInput, plan } from "../plan";
import { applyFix } from "../snags/fix";
import { bandOf } from "../sure/bands";
import { drawsOf } from "../sure/draws";
import { turnedTo } from "../sure/turn";
import { planMemory } from "../trades/memory";

/** While it is looked for: steps of a run, s, and how many draws tell what is safe. */
const LOOK = { stepS: 900, draws: 12 };
/** What is found is looked at again by as many draws as the page will show. */
const PROVE = { stepS: 300, draws: 64 };
const SEED = 20;

const lastDay = ({ tempC, rh }: { tempC: number[]; rh: number[] }) => ({ tempC: tempC.slice(-24), rh: rh.slice(-24) });

/** The last day of a design's month between what nine of ten draws lie. */
function bandsOf({ input, doubt, wanders }: DayAsk, { stepS, draws }: typeof LOOK) {
  const days = drawsOf(doubt, draws, SEED).map((z) =>
    lastDay(run(turnedTo({ ...input, stepS }, doubt.unknowns, z)).hourly),
  );
  return [
    bandOf(
      days.map((d) => d.tempC),
      wanders.k,
    ),
    bandOf(
      days.map((d) => d.rh),
      wanders.rh,
    ),
  ] as const;
}

const stops = (snags: readonly Snag[]) => snags.filter((s) => s.severity === "stop" && !s.rule.startsWith("day/"));

/** Judges settings of a design's levers; what the design is planned with stays the same. */
export function judgeOf(input: PlanInput, bands: SharedBands) {
  const memory = planMemory();
  const nester = rememberingNester();
  const before = plan(input, nester, true, memory);
  const had = new Set(stops(before.snags).map((s) => `${s.rule}/${s.subject}`));
  const known = new Map<string, { likely?: number; look?: number; prove?: number }>();
  const asked = (ask: DayAsk) => {
    const key = keyOf(ask);
    const own = known.get(key) ?? {};
    known.set(key, own);
    return own;
  };

  /** A design with a patch, and what keeps it from being made. */
  function designed(patch: readonly Operation[]): { plan: Plan; refused: string | undefined } {
    const design = patch.length > 0 ? applyFix(input.design, [...patch]) : input.design;
    const [problem] = checkDesign(design, input.book);
    if (problem) return { plan: before, refused: problem.message };
    const then = plan({ ...input, design }, nester, true, memory);
    const stop = stops(then.snags).find((s) => !had.has(`${s.rule}/${s.subject}`));
    return { plan: then, refused: stop?.title };
  }
  const askOf = (p: Plan) => p.facts.one(DAY)!.ask;

  return {
    before,
    designed,
    /** How far the usual day of a design is out of the band. */
    likely(p: Plan): number {
      const ask = askOf(p);
      const own = asked(ask);
      own.likely ??= farOut(lastDay(run({ ...ask.input, stepS: LOOK.stepS }).hourly), bands);
      return own.likely;
    },
    /** How far what nine of ten draws lie between is out of it. @param proven by as many draws as the page will show */
    safe(p: Plan, proven = false): number {
      const ask = askOf(p);
      const own = asked(ask);
      const which = proven ? "prove" : "look";
      own[which] ??= (() => {
        const [t, r] = bandsOf(ask, proven ? PROVE : LOOK);
        return Math.max(farOut({ tempC: t.low, rh: r.low }, bands), farOut({ tempC: t.high, rh: r.high }, bands));
      })();
      return own[which];
    },
    /** The usual day of a design by the coarse run, for words. */
    day: (p: Plan) => lastDay(run({ ...askOf(p).input, stepS: LOOK.stepS }).hourly),
  };
}
export type Judge = ReturnType<typeof judgeOf>;
