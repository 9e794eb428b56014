import { fail, ok, type Result } from "../units/result";

/** A reading: at a distance, mm, of anything that falls with it. */
export interface ReadAt {
  mm: number;
  value: number;
}

/** How a lamp's strength falls on its axis: `value · (r/mm)^−n`, from a place amid its readings. */
export interface Fall {
  at: ReadAt;
  n: number;
  /** The nearest and farthest reading, mm. */
  from: number;
  to: number;
  /** One reading alone: the inverse square is assumed. */
  assumed: boolean;
}

/** Exponents that a lamp can have: a long line falls by 1, one that is focused beyond its face by 3. */
const EXPONENTS = { low: 1, high: 3 } as const;

/**
 * The fall of a lamp's strength through its readings: least squares of ln value on ln distance (source: light).
 * @param readings distances in mm, values in any unit, all over 0; one at least
 * @returns the law, or what is wrong with the readings
 */
export function fallOf(readings: readonly ReadAt[]): Result<Fall> {
  const sorted = [...readings].sort((a, b) => a.mm - b.mm);
  const [first, last] = [sorted[0]!, sorted.at(-1)!];
  const span = { from: first.mm, to: last.mm };
  if (sorted.length === 1) return ok({ at: first, n: 2, ...span, assumed: true });
  if (first.mm === last.mm)
    return fail(`all its readings are at ${first.mm} mm; give one, or a second at another distance`);
  const rises = sorted.find((r, i) => i > 0 && r.mm > sorted[i - 1]!.mm && r.value > sorted[i - 1]!.value);
  if (rises) return fail(`its readings rise with distance: ${rises.value} at ${rises.mm} mm is more than nearer to it`);
  const xs = sorted.map((r) => Math.log(r.mm));
  const ys = sorted.map((r) => Math.log(r.value));
  const mean = (list: number[]) => list.reduce((s, x) => s + x, 0) / list.length;
  const [mx, my] = [mean(xs), mean(ys)];
  const n = -xs.reduce((s, x, i) => s + (x - mx) * (ys[i]! - my), 0) / xs.reduce((s, x) => s + (x - mx) ** 2, 0);
  if (n < EXPONENTS.low || n > EXPONENTS.high)
    return fail(
      `its readings fall with the distance to the power of ${n.toFixed(2)}; between ${EXPONENTS.low} and ${EXPONENTS.high} a lamp can: read them again`,
    );
  return ok({ at: { mm: Math.exp(mx), value: Math.exp(my) }, n, ...span, assumed: false });
}

/** Strength at a distance on the axis, r in mm. */
export const strengthAt = ({ at, n }: Fall, rMm: number): number => at.value * (rMm / at.mm) ** -n;
