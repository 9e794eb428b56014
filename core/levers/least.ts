import type { Operation } from "fast-json-patch";
import type { Plan } from "../plan";
import type { Judge } from "./judge";
import type { Lever, Setting } from "./lever";

/** Halvings between a setting that does and the nearest that does not. */
const HALVINGS = 5;
/** How things are, as a setting of anything. */
const AS_IS: Setting = { far: 0, words: "as it is", patch: [] };
/** Out of the band on its likely day comes after everything that is within it. */
const FAR = 1e6;

/** A setting that was planned. */
export interface Tried {
  setting: Setting;
  plan: Plan;
  /** How far out its likely day is, and what nine of ten draws lie between; 0 where all is within. */
  likely: number;
  safe: number;
}

/** What is known of a lever. */
export interface Best {
  /** The least change that is within. */
  does: Tried | undefined;
  /** As near as it gets, and what of how far it is out now is left then: 1 where it brings nothing. */
  nearest: Tried | undefined;
  leaves: number;
  /** What kept it from going farther. */
  stopped: string | undefined;
}

/** How far a setting is from what is asked. */
const shortOf = ({ likely, safe }: Tried, asSafe: boolean): number => {
  if (!asSafe) return likely;
  return likely > 0 ? FAR + likely : safe;
};

type Look = (setting: Setting) => Tried | undefined;

/** Looks between the setting that comes nearest and its neighbours: where one step is too little, and the next too much. */
function lookedBetween(
  look: Look,
  lever: Lever,
  seen: readonly Tried[],
  score: (t: Tried) => number,
): Tried | undefined {
  const list = [...seen];
  const nearest = () => list.reduce((best, t, i) => (score(t) < score(list[best]!) ? i : best), 0);
  for (let n = 0; n < HALVINGS && score(list[nearest()]!) > 0; n++) {
    const at = nearest();
    const before = list.length;
    // The gap after it first: what lies before keeps its place.
    for (const high of [at + 1, at]) {
      const [near, far] = [list[high - 1], list[high]];
      const middle = near && far && lever.between?.(near.setting, far.setting);
      const then = middle && look(middle);
      if (then) list.splice(high, 0, then);
    }
    if (list.length === before) break;
  }
  const best = list[nearest()]!;
  return score(best) <= 0 ? best : undefined;
}

/**
 * The least change of a lever that is within the band.
 * @param asSafe what nine of ten draws lie between too, not the likely day alone
 * @param base what is changed besides
 */
export function least(judge: Judge, lever: Lever, asSafe: boolean, base: readonly Operation[] = []): Best {
  const best: Best = { does: undefined, nearest: undefined, leaves: 1, stopped: undefined };
  const score = (t: Tried) => shortOf(t, asSafe);
  const stand = (setting: Setting, plan: Plan): Tried => {
    const likely = judge.likely(plan);
    // What is not in the band as it is likely is not in it to be safe.
    return { setting, plan, likely, safe: asSafe && likely <= 0 ? judge.safe(plan) : Number.POSITIVE_INFINITY };
  };
  const look: Look = (setting) => {
    const { plan, refused } = judge.designed([...base, ...setting.patch]);
    if (refused !== undefined) {
      best.stopped ??= refused;
      return undefined;
    }
    const now = stand(setting, plan);
    if (!best.nearest || score(now) < score(best.nearest)) best.nearest = now;
    return now;
  };
  /** Whether it holds by as many draws as the page will show. */
  const proven = (t: Tried) => !asSafe || judge.safe(t.plan, true) <= 0;
  /** Brings one that is within nearer to the one before it. */
  const nearer = (from: Setting, to: Tried): Tried => {
    let [short, good] = [from, to];
    for (let n = 0; n < HALVINGS; n++) {
      const middle = lever.between?.(short, good.setting);
      const then = middle && look(middle);
      if (!then) break;
      if (score(then) <= 0) good = then;
      else short = then.setting;
    }
    return good;
  };
  const asIs = judge.designed(base).plan;
  const start: Tried = { ...stand(AS_IS, asIs), safe: asSafe ? judge.safe(asIs) : Number.POSITIVE_INFINITY };
  for (const side of lever.sides) {
    const seen = [start];
    let does: Tried | undefined;
    for (const setting of side) {
      if (best.does && best.does.setting.far <= setting.far) break;
      const now = look(setting);
      if (!now) break;
      const last = seen.at(-1)!;
      seen.push(now);
      // By as many draws as will be shown it may not be within yet: then the whole step, then the next setting on.
      if (score(now) <= 0) does = [nearer(last.setting, now), now].find(proven);
      if (does) break;
      // Farther this way it only leaves the band at its other end.
      if (last !== start && last.likely <= 0 && score(now) > score(last)) break;
    }
    if (!does && lever.between && seen.length > 1) {
      const found = lookedBetween(look, lever, seen, score);
      // How it is now is no change.
      does = found && found !== start ? [nearer(AS_IS, found), found].find(proven) : undefined;
    }
    if (does && (!best.does || does.setting.far < best.does.setting.far)) best.does = does;
  }
  if (best.nearest) best.leaves = left(start, best.nearest);
  return best;
}

/** What of how far a day is out is left by another: of its likely day, or of what is to be safe where that is within already. */
function left(was: Tried, is: Tried): number {
  const of = was.likely > 0 ? "likely" : "safe";
  return was[of] > 0 ? Math.min(is[of], 2 * was[of]) / was[of] : 1;
}
