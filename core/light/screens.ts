import type { Place, Screen } from "./format";

/** What of a ray a screen lets through, UV and heat. */
export interface Through {
  uv: number;
  heat: number;
}

/** Whether a straight ray between two places passes a screen: strictly between them, its edges inside. */
function passes({ z, x, y }: Screen, from: Place, to: Place): boolean {
  if ((from[2] - z) * (to[2] - z) >= 0) return false;
  const t = (z - from[2]) / (to[2] - from[2]);
  const [px, py] = [from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])];
  return px >= x[0] && px <= x[1] && py >= y[0] && py <= y[1];
}

/** What all the screens between two places let through. */
export function throughAll(screens: readonly Screen[], from: Place, to: Place): Through {
  let [uv, heat] = [1, 1];
  for (const screen of screens) {
    if (!passes(screen, from, to)) continue;
    uv *= screen.uv;
    heat *= screen.heat;
  }
  return { uv, heat };
}

/**
 * Where along a line, seen from a point, a screen begins and ends: places on the line are `start + s · dir`. All that holds
 * a ray within the rectangle is linear in s, once its height is put on one side. Asked of every point of every drawing, so
 * it makes nothing on its way.
 * @returns the s between which rays pass it; undefined where none does
 */
export function spanBehind(
  { z, x, y }: Screen,
  seenFrom: Place,
  { start, dir }: { start: Place; dir: Place },
  low: number,
  high: number,
): [number, number] | undefined {
  const rise = Math.abs(z - seenFrom[2]);
  if (rise === 0) return undefined;
  const side = z > seenFrom[2] ? 1 : -1;
  // Its far side of the line: nearer at both ends, no ray passes it.
  const far = side * (start[2] - z);
  const farther = side * dir[2];
  if (far + low * farther <= 0 && far + high * farther <= 0) return undefined;
  const h = side * (start[2] - seenFrom[2]);
  let a = low;
  let b = high;
  // Keeps of the span what has `c + k · s ≥ 0`, for each of five.
  for (let n = 0; n < 5 && a < b; n++) {
    let c = far;
    let k = farther;
    if (n > 0) {
      const axis = n < 3 ? 0 : 1;
      const edge = (axis === 0 ? x : y)[n % 2 === 1 ? 0 : 1];
      const inwards = n % 2 === 1 ? 1 : -1;
      const off = seenFrom[axis] - edge;
      c = inwards * (off * h + rise * (start[axis] - seenFrom[axis]));
      k = inwards * (off * farther + rise * dir[axis]);
    }
    if (k > 0) a = Math.max(a, -c / k);
    else if (k < 0) b = Math.min(b, -c / k);
    else if (c < 0) return undefined;
  }
  return a < b ? [a, b] : undefined;
}
