import type { Operation } from "fast-json-patch";
import { mean } from "../day/hours";
import { type SharedBands, sharedBands } from "../day/inBand";
import type { Plan, PlanInput } from "../plan";
import { formatNumber } from "../units/format";
import { type Judge, judgeOf } from "./judge";
import { leversOf } from "./kinds/list";
import type { Lever, Setting } from "./lever";
import { whyNot } from "./why";

/** What a lever, or two, would do. */
export interface LeverFound {
  ids: readonly string[];
  name: string;
  from: string;
  to: string;
  patch: Operation[];
  /** Whether nine of ten draws stay within the band too, or the likely day alone. */
  safe: boolean;
  /** What else it changes, in words. */
  also: string[];
  /** How far from how things are, of as far as it goes: the least change first. */
  far: number;
}

/** A lever that cannot, and why. */
export interface LeverRefused {
  ids: readonly string[];
  name: string;
  why: string;
}

/** What is known so far of what would bring the air into its band. */
export interface LeverSearch {
  found: LeverFound[];
  refused: LeverRefused[];
  /** Levers, and pairs of them, looked at, and how many there are to be. */
  done: number;
  of: number;
  /** Why there is nothing to look for; null where there is. */
  nothing: string | null;
}

/** Halvings between a setting that does and the nearest that does not. */
const HALVINGS = 5;
/** A lever that leaves it farther out than this share of what it is does not help. */
const HELPS = 0.98;
/** Pairs are made of so many levers at most, those that help most. */
const PAIRED = 4;

interface Tried {
  setting: Setting;
  plan: Plan;
  /** How far out its likely day is, and its safe one. */
  likely: number;
  safe: number;
}

/** Whether a setting may be made at all, with how its air stands. */
function tried(judge: Judge, setting: Setting, base: readonly Operation[], asSafe: boolean): Tried | string {
  const { plan, refused } = judge.designed([...base, ...setting.patch]);
  if (refused !== undefined) return refused;
  const likely = judge.likely(plan);
  // What is not in the band as it is likely is not in it to be safe.
  return {
    setting,
    plan,
    likely,
    safe: asSafe && likely <= 0 ? judge.safe(plan) : likely > 0 ? Number.POSITIVE_INFINITY : 0,
  };
}

interface Best {
  /** The least change that is within, likely or safe. */
  does: Tried | undefined;
  /** As near as it gets. */
  nearest: Tried | undefined;
  /** What kept it from going farther. */
  stopped: string | undefined;
}

/** The least change of a lever that is within the band. */
function least(judge: Judge, lever: Lever, asSafe: boolean, base: readonly Operation[] = []): Best {
  const isIn = (t: Tried) => (asSafe ? t.safe : t.likely) <= 0;
  let [does, nearest, stopped]: [Tried | undefined, Tried | undefined, string | undefined] = [
    undefined,
    undefined,
    undefined,
  ];
  for (const side of lever.sides) {
    let before: Setting | null = null;
    let outBy = Number.POSITIVE_INFINITY;
    for (const setting of side) {
      if (does && does.setting.far <= setting.far) break;
      const now = tried(judge, setting, base, asSafe);
      if (typeof now === "string") {
        stopped ??= now;
        break;
      }
      if (!nearest || now.likely < nearest.likely) nearest = now;
      if (!isIn(now)) {
        // Farther this way it only leaves the band at its other end.
        if (asSafe && now.likely <= 0 && now.safe > outBy) break;
        if (now.likely <= 0) outBy = now.safe;
        before = setting;
        continue;
      }
      let good = now;
      for (let n = 0; n < HALVINGS; n++) {
        const middle: Setting | undefined = lever.between?.(before, good.setting);
        const then = middle && tried(judge, middle, base, asSafe);
        if (!then) break;
        if (typeof then !== "string" && isIn(then)) good = then;
        else before = middle;
      }
      if (asSafe && judge.safe(good.plan, true) > 0) {
        // By as many draws as will be shown it is not yet: the next setting on is looked at.
        before = setting;
        if (good !== now && judge.safe(now.plan, true) <= 0) good = now;
        else continue;
      }
      does = good;
      break;
    }
  }
  return { does, nearest, stopped };
}

/** The least change first; what does to be safe before what does on a usual day alone. */
const sorted = (found: readonly LeverFound[]): LeverFound[] =>
  [...found].sort((a, b) => Number(b.safe) - Number(a.safe) || a.ids.length - b.ids.length || a.far - b.far);

const money = (minor: number, currency: string) =>
  `${minor > 0 ? "+" : "−"}${formatNumber(Math.abs(minor) / 100, 0)} ${currency}`;
const figure = (plan: Plan, id: string) => plan.figures.find((f) => f.id === id)?.value;

/** What else a setting changes, in words: warmth, damp, money, energy. */
function alsoOf(judge: Judge, then: Plan): string[] {
  const [was, is] = [judge.day(judge.before), judge.day(then)];
  const [k, rh] = [mean(is.tempC) - mean(was.tempC), mean(is.rh) - mean(was.rh)];
  const cost = then.tally.costLikelyMinor - judge.before.tally.costLikelyMinor;
  const energy = (figure(then, "fixtures/month") ?? 0) - (figure(judge.before, "fixtures/month") ?? 0);
  const sign = (x: number, digits: number) => `${x > 0 ? "+" : "−"}${formatNumber(Math.abs(x), digits)}`;
  return [
    ...(Math.abs(k) >= 0.1 ? [`${sign(k, 1)} °C`] : []),
    ...(Math.abs(rh) >= 1 ? [`${sign(rh, 0)} % rh`] : []),
    ...(Math.abs(cost) >= 50 ? [money(cost, then.tally.currency)] : []),
    ...(Math.abs(energy) >= 0.1 ? [`${sign(energy, 1)} kWh a month`] : []),
  ];
}

const NO_BAND = "Nobody has said what they live in: give a resident its warmth or its air under Brief.";
const WITHIN = "It is within the band as it is, to be safe: nothing needs to be changed.";

/** Something that does, as it is shown. */
const shown = (
  judge: Judge,
  parts: readonly { lever: Lever; setting: Setting }[],
  plan: Plan,
  safe: boolean,
): LeverFound => ({
  ids: parts.map(({ lever }) => lever.id),
  name: parts.map(({ lever }) => lever.name).join(", and "),
  from: parts.map(({ lever }) => lever.now).join(", "),
  to: parts.map(({ setting }) => setting.words).join(", "),
  patch: parts.flatMap(({ setting }) => setting.patch),
  safe,
  also: alsoOf(judge, plan),
  far: parts.reduce((sum, { setting }) => sum + setting.far, 0),
});

/** The least change of two levers together that is within the band to be safe: each setting of one, and what the other needs then. */
function together(judge: Judge, one: Lever, other: Lever): LeverFound | undefined {
  let best: LeverFound | undefined;
  for (const setting of one.sides.flat()) {
    if (best && setting.far >= best.far) continue;
    const { does } = least(judge, other, true, setting.patch);
    if (!does || (best && setting.far + does.setting.far >= best.far)) continue;
    best = shown(
      judge,
      [
        { lever: one, setting },
        { lever: other, setting: does.setting },
      ],
      does.plan,
      true,
    );
  }
  return best;
}

/**
 * What would bring the air of a design into its band: each lever alone, then, where none does to be safe, the least change
 * of two together. Whatever would let somebody out, overload or break a rule that stops the build is left out.
 * @returns what is known after each lever; may be stopped at any of them
 */
export function* searching(input: PlanInput): Generator<LeverSearch, void> {
  const bands: SharedBands = sharedBands(input.design.brief.residents);
  const state: LeverSearch = { ...{ found: [], refused: [], done: 0, of: 0 }, nothing: null };
  if (!bands.tempC && !bands.rh) return yield { ...state, nothing: NO_BAND };
  const judge = judgeOf(input, bands);
  if (judge.likely(judge.before) <= 0 && judge.safe(judge.before, true) <= 0)
    return yield { ...state, nothing: WITHIN };
  const levers = leversOf(judge.before.site);
  const now = judge.likely(judge.before);
  const helps: { lever: Lever; by: number }[] = [];
  state.of = levers.length;
  for (const lever of levers) {
    const safe = least(judge, lever, true);
    const best = safe.does ? safe : least(judge, lever, false);
    if (best.does)
      state.found = sorted([
        ...state.found,
        shown(judge, [{ lever, setting: best.does.setting }], best.does.plan, best === safe),
      ]);
    else {
      const near = best.nearest;
      const nearest = near && { words: near.setting.words, plan: near.plan, day: judge.day(near.plan) };
      state.refused = [
        ...state.refused,
        {
          ids: [lever.id],
          name: lever.name,
          why: whyNot(nearest, best.stopped, bands, (near?.likely ?? now) < HELPS * now),
        },
      ];
    }
    helps.push({ lever, by: now - (best.does?.likely ?? best.nearest?.likely ?? now) });
    state.done++;
    yield { ...state };
  }
  if (state.found.some((f) => f.safe)) return;
  const most = helps
    .sort((a, b) => b.by - a.by)
    .slice(0, PAIRED)
    .map(({ lever }) => lever);
  const pairs = most.flatMap((one, i) => most.slice(i + 1).map((other) => [one, other] as const));
  state.of += pairs.length;
  for (const [one, other] of pairs) {
    const found = together(judge, one, other);
    if (found) state.found = sorted([...state.found, found]);
    state.done++;
    yield { ...state };
  }
}
