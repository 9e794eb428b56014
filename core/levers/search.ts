import type { Operation } from "fast-json-patch";
import { type SharedBands, sharedBands } from "../day/inBand";
import type { Plan, PlanInput } from "../plan";
import { alsoOf } from "./also";
import { type Judge, judgeOf } from "./judge";
import { leversOf } from "./kinds/list";
import { least } from "./least";
import type { Lever, Setting } from "./lever";
import { whyNot } from "./why";

/** What a lever, or two, would do. */
export interface LeverFound {
  ids: readonly string[];
  /** What is set, one or two of them: how it is now, and how it is then. */
  parts: readonly { name: string; from: string; to: string }[];
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

/** A lever that leaves more than this of how far it is out does not help. */
const HELPS = 0.98;
/** Pairs are made of so many levers at most, those that help most. */
const PAIRED = 4;

/** The least change first; what does to be safe before what does on a usual day alone. */
const sorted = (found: readonly LeverFound[]): LeverFound[] =>
  [...found].sort((a, b) => Number(b.safe) - Number(a.safe) || a.ids.length - b.ids.length || a.far - b.far);

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
  parts: parts.map(({ lever, setting }) => ({ name: lever.name, from: lever.now, to: setting.words })),
  patch: parts.flatMap(({ setting }) => setting.patch),
  safe,
  also: alsoOf(judge, plan),
  far: parts.reduce((sum, { setting }) => sum + setting.far, 0),
});

/** The least change of two levers together that is within the band: each setting of one, and what the other needs then. */
export function together(judge: Judge, one: Lever, other: Lever, asSafe: boolean): LeverFound | undefined {
  let best: LeverFound | undefined;
  // Every other setting: the other lever makes up for what lies between.
  for (const setting of one.sides.flatMap((side) => side.filter((_, i) => i % 2 === 1))) {
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
      asSafe,
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
  const helps: { lever: Lever; leaves: number }[] = [];
  state.of = levers.length;
  for (const lever of levers) {
    const safe = least(judge, lever, true);
    // Within on a usual day as it is, only what keeps it there to be safe is worth a change.
    const best = safe.does || now <= 0 ? safe : least(judge, lever, false);
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
          why: whyNot(nearest, best.stopped, bands, best.leaves < HELPS),
        },
      ];
    }
    if (best.leaves < HELPS) helps.push({ lever, leaves: best.leaves });
    state.done++;
    yield { ...state };
  }
  if (state.found.some((f) => f.safe)) return;
  const most = helps
    .sort((a, b) => a.leaves - b.leaves)
    .slice(0, PAIRED)
    .map(({ lever }) => lever);
  const pairs = most.flatMap((one, i) => most.slice(i + 1).map((other) => [one, other] as const));
  // To be safe first; on a usual day alone only where nothing else does that either.
  for (const asSafe of [true, false]) {
    if (!asSafe && (state.found.length > 0 || now <= 0)) return;
    state.of += pairs.length;
    for (const [one, other] of pairs) {
      const found = together(judge, one, other, asSafe);
      if (found) state.found = sorted([...state.found, found]);
      state.done++;
      yield { ...state };
    }
  }
}
