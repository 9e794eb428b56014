import type { Operation } from "fast-json-patch";
import type { Site } from "../shell/site";

/** One setting of a lever: what it is in words, and what it changes. */
export interface Setting {
  /** How far it is from how things are: the least change is asked for first. 0 is as it is, 1 as far as it goes. */
  far: number;
  words: string;
  patch: Operation[];
}

/** Something of a design that moves its air, and may be set otherwise. */
export interface Lever {
  id: string;
  /** What it is, as a builder says it. */
  name: string;
  /** How it is now. */
  now: string;
  /**
   * Its settings to one side and to the other, each from the least change to the greatest. Between two of them lie more
   * where `between` tells them.
   */
  sides: readonly (readonly Setting[])[];
  /** The setting between two neighbours of a side, or of how it is and the first; undefined where there is none. */
  between?: (near: Setting, far: Setting) => Setting | undefined;
}

/** A sort of lever: what of a design it may pull. Beside its file a sort is one line in `kinds/list.ts`. */
export type LeverKind = (site: Site) => Lever[];

/** A number that is set: its settings between two ends, by halves. */
export interface NumberLever {
  id: string;
  name: string;
  now: number;
  low: number;
  high: number;
  /** No setting is finer. */
  step: number;
  say: (x: number) => string;
  patch: (x: number) => Operation[];
}

/** So many settings to each side are tried before it is looked between them. */
const TRIES = 6;

/** A lever of a number, with settings spread evenly to each end. */
export function numberLever({ id, name, now, low, high, step, say, patch }: NumberLever): Lever {
  const whole = Math.max(now - low, high - now);
  const round = (x: number) => Math.min(high, Math.max(low, Math.round(x / step) * step));
  const at = (x: number): Setting & { x: number } => ({
    ...{ x, far: whole > 0 ? Math.abs(x - now) / whole : 0 },
    words: say(x),
    patch: patch(x),
  });
  const side = (end: number) => {
    const list = Array.from({ length: TRIES }, (_, i) => round(now + ((end - now) * (i + 1)) / TRIES));
    return [...new Set(list)].filter((x) => Math.abs(x - now) > 1e-9).map(at);
  };
  // How it is now is a setting without a number of its own.
  const numberOf = (s: Setting) => (s as Partial<{ x: number }>).x ?? now;
  return {
    ...{ id, name, now: say(now) },
    sides: [side(low), side(high)].filter((s) => s.length > 0),
    between: (near, far) => {
      const [a, b] = [numberOf(near), numberOf(far)];
      const x = round((a + b) / 2);
      return Math.abs(x - a) < step / 2 || Math.abs(x - b) < step / 2 ? undefined : at(x);
    },
  };
}
