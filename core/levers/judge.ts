import type { Operation } from "fast-json-patch";
import { run } from "../climate/run";
import { rememberingNester } from "../cuts/nester";
import type { DayEnd } from "../day/answer";
import { type DayAsk, keyOf } from "../day/ask";
import { DAY } from "../day/facts";
import { mean } from "../day/hours";
import { farOut, type SharedBands } from "../day/inBand";
import { sureDraws, sureOf, sureRun } from "../day/sure";
import { checkDesign } from "../document/check";
import type { Snag } from "../ledgers/ledger";
import { type Plan, type PlanInput, plan } from "../plan";
import { applyFix } from "../snags/fix";
import type { UnknownId } from "../sure/names";
import { turnedTo } from "../sure/turn";
import { planMemory } from "../trades/memory";

/** Steps of a run while it is looked for, s. */
const LOOK_STEP_S = 900;
/** Nine of ten draws lie between these of them, in their order. */
const ENDS = [0.05, 0.95] as const;

/** How far each unknown is from what was taken, in standard deviations, by its name. */
type Draw = ReadonlyMap<UnknownId, number>;

const lastDay = ({ tempC, rh }: DayEnd): DayEnd => ({ tempC: tempC.slice(-24), rh: rh.slice(-24) });

/** The last day of a design's month, coarse, in a draw; what is unknown of it and not of the draw is as it was taken. */
const dayOf = ({ input, doubt: { unknowns } }: DayAsk, draw: Draw): DayEnd =>
  lastDay(
    run(
      turnedTo(
        { ...input, stepS: LOOK_STEP_S },
        unknowns,
        unknowns.map((u) => draw.get(u.id) ?? u.at),
      ),
    ).hourly,
  );

/** The draws at the ends of what nine of ten lie between, in warmth and in damp: what they bear, nearly all do. */
function cornersOf(ask: DayAsk): Draw[] {
  const days = sureDraws(ask).map((z) => {
    const draw: Draw = new Map(ask.doubt.unknowns.map((u, i) => [u.id, z[i]!]));
    return { draw, day: dayOf(ask, draw) };
  });
  const ends = (of: keyof DayEnd) => {
    const sorted = [...days].sort((a, b) => mean(a.day[of]) - mean(b.day[of]));
    return ENDS.map((end) => sorted[Math.round(end * (sorted.length - 1))]!.draw);
  };
  return [...new Set([...ends("tempC"), ...ends("rh")])];
}

/** The very days that the page will show: the usual one, and what nine of ten draws lie between. */
function shownDays(ask: DayAsk): DayEnd[] {
  const { tempC, rh } = sureOf(
    ask,
    sureDraws(ask).map((z) => sureRun(ask, z)),
  );
  return [lastDay(run(ask.input).hourly), { tempC: tempC.low, rh: rh.low }, { tempC: tempC.high, rh: rh.high }];
}

const stops = (snags: readonly Snag[]) => snags.filter((s) => s.severity === "stop");

/** Judges settings of a design's levers; what the design is planned with stays the same. */
export function judgeOf(input: PlanInput, bands: SharedBands) {
  const memory = planMemory();
  const nester = rememberingNester();
  const before = plan(input, nester, true, memory);
  const had = new Set(stops(before.snags).map((s) => `${s.rule}/${s.subject}`));
  const known = new Map<string, { likely?: number; look?: number; prove?: number }>();
  const corners = cornersOf(before.facts.one(DAY)!.ask);
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
      own.likely ??= farOut(lastDay(run({ ...ask.input, stepS: LOOK_STEP_S }).hourly), bands);
      return own.likely;
    },
    /** How far it is out of it to be safe: by the draws at the ends. @param proven by the days that the page will show */
    safe(p: Plan, proven = false): number {
      const ask = askOf(p);
      const own = asked(ask);
      const which = proven ? "prove" : "look";
      own[which] ??= Math.max(
        ...(proven ? shownDays(ask) : corners.map((draw) => dayOf(ask, draw))).map((d) => farOut(d, bands)),
      );
      return own[which];
    },
    /** The usual day of a design by the coarse run, for words. */
    day: (p: Plan) => lastDay(run({ ...askOf(p).input, stepS: LOOK_STEP_S }).hourly),
  };
}
export type Judge = ReturnType<typeof judgeOf>;
