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

/** How far a setting is from what is asked: within on its likely day comes before everything else. */
const shortOf = ({ likely, safe }: Tried, asSafe: boolean): number =>
  asSafe && likely <= 0 ? safe : likely > 0 && asSafe ? FAR + likely : likely;
const FAR = 1e6;

/** Looks nearer between the setting that comes nearest and its neighbours, where one step is too little and the next too much. */
function lookedBetween(
  look: (s: Setting) => Tried | undefined,
  lever: Lever,
  list: readonly (Tried | null)[],
  asSafe: boolean,
): Tried | undefined {
  const score = (t: Tried | null | undefined) => (t ? shortOf(t, asSafe) : Number.POSITIVE_INFINITY);
  let at = list.reduce((best, t, i) => (score(t) < score(list[best]) ? i : best), 0);
  let near: (Tried | null)[] = list.slice(Math.max(0, at - 1), at + 2);
  at = Math.min(1, at);
  for (let n = 0; n < HALVINGS; n++) {
    const best = near[at];
    if (!best) return undefined;
    if (score(best) <= 0) return best;
    const before = at > 0 ? near[at - 1] : undefined;
    const after = near[at + 1];
    const between = (from: Tried | null | undefined, to: Tried | undefined) => {
      const middle = from === undefined || !to ? undefined : lever.between?.(from?.setting ?? null, to.setting);
      return middle && look(middle);
    };
    const [low, high] = [between(before, best), between(best, after ?? undefined)];
    const five = [before, low, best, high, after];
    const next = five.reduce((least, t, i) => (score(t) < score(five[least]) ? i : least), 2);
    if (!low && !high) return undefined;
    near = [five[next - 1] ?? null, five[next]!, five[next + 1] ?? null].map((t) => t ?? null);
    at = 1;
  }
  const last = near[at];
  return last && score(last) <= 0 ? last : undefined;
}

/** The least change of a lever that is within the band. */
function least(judge: Judge, lever: Lever, asSafe: boolean, base: readonly Operation[] = []): Best {
  const isIn = (t: Tried) => shortOf(t, asSafe) <= 0;
  const best: Best = { does: undefined, nearest: undefined, stopped: undefined };
  const look = (setting: Setting): Tried | undefined => {
    const now = tried(judge, setting, base, asSafe);
    if (typeof now === "string") {
      best.stopped ??= now;
      return undefined;
    }
    if (!best.nearest || now.likely < best.nearest.likely) best.nearest = now;
    return now;
  };
  /** Whether it holds by as many draws as the page will show. */
  const proven = (t: Tried) => !asSafe || judge.safe(t.plan, true) <= 0;
  const asIs = judge.designed(base).plan;
  const start: Tried = { setting: AS_IS, plan: asIs, likely: judge.likely(asIs), safe: Number.POSITIVE_INFINITY };
  for (const side of lever.sides) {
    // How it is now begins each side: what is between it and the first setting is looked at too.
    const seen: (Tried | null)[] = [lever.between ? start : null];
    for (const setting of side) {
      if (best.does && best.does.setting.far <= setting.far) break;
      const now = look(setting);
      if (!now) break;
      const last = seen.at(-1);
      seen.push(now);
      if (!isIn(now)) {
        // Farther this way it only leaves the band at its other end.
        if (last && last !== start && shortOf(now, asSafe) > shortOf(last, asSafe) && last.likely <= 0) break;
        continue;
      }
      let good = now;
      let short = last?.setting === AS_IS ? null : (last?.setting ?? null);
      for (let n = 0; n < HALVINGS; n++) {
        const middle: Setting | undefined = lever.between?.(short, good.setting);
        const then = middle && look(middle);
        if (!then) break;
        if (isIn(then)) good = then;
        else short = then.setting;
      }
      // By as many draws as will be shown it may not be yet: then the whole step, then the next setting on.
      const held = [good, now].find(proven);
      if (!held) continue;
      best.does = held;
      break;
    }
    if (best.does || !lever.between || seen.length < 2) continue;
    const found = lookedBetween(look, lever, seen, asSafe);
    if (found && proven(found) && (!best.does || found.setting.far < (best.does as Tried).setting.far))
      best.does = found;
  }
  return best;
}
/** How things are, as a setting of anything. */
const AS_IS: Setting = { far: 0, words: "as it is", patch: [] };

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

/** The least change of two levers together that is within the band: each setting of one, and what the other needs then. */
function together(judge: Judge, one: Lever, other: Lever, asSafe: boolean): LeverFound | undefined {
  let best: LeverFound | undefined;
  for (const setting of one.sides.flat()) {
    if (best && setting.far >= best.far) continue;
    const { does } = least(judge, other, asSafe, setting.patch);
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
  // To be safe first; on a usual day alone only where nothing else does that either.
  for (const asSafe of [true, false]) {
    if (state.found.length > 0 && !asSafe) return;
    state.of += pairs.length;
    for (const [one, other] of pairs) {
      const found = together(judge, one, other, asSafe);
      if (found) state.found = sorted([...state.found, found]);
      state.done++;
      yield { ...state };
    }
  }
}
