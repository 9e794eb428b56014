import type { Facing, Place, Screen, TubeLamp } from "./format";
import { spanBehind } from "./screens";
import { along, dot, length, minus, scaled } from "./vectors";

/** A tube as a line: places on it are `start + s · dir`, s in mm from nought to its length. */
export interface TubeLine {
  start: Place;
  dir: Place;
  lengthMm: number;
}

export function lineOf({ from, to }: Pick<TubeLamp, "from" | "to">): TubeLine {
  const lengthMm = length(minus(to, from));
  return { start: from, dir: scaled(minus(to, from), 1 / lengthMm), lengthMm };
}

/** The nearest point of a tube between its ends, and how far it is, mm. */
export function nearestOn({ start, dir, lengthMm }: TubeLine, at: Place): { place: Place; rMm: number } {
  const place = along(start, dir, Math.min(lengthMm, Math.max(0, dot(minus(at, start), dir))));
  return { place, rMm: length(minus(at, place)) };
}

/** `∫ cos θe · cos θr ÷ d² dl` up to a place, from the foot of the perpendicular; closed, in 1/mm. */
const upTo = (s: number, axisMm: number, square: number, lengthwise: number): number => {
  const d2 = axisMm * axisMm + s * s;
  const even = s / (2 * axisMm * axisMm * d2) + Math.atan(s / axisMm) / (2 * axisMm * axisMm * axisMm);
  return axisMm * (axisMm * square * even - lengthwise / (2 * d2));
};

/** What a tube's strength of 1 per mm brings to a point, per what screens let through, 1/mm. */
export interface TubeSum {
  uv: number;
  heat: number;
}

/** Where screens begin and end along a tube, and all those places in order: written over by each point asked. */
interface Scratch {
  from: Float64Array;
  to: Float64Array;
  of: Int32Array;
  cuts: Float64Array;
}
const scratchFor = (screens: number): Scratch => ({
  ...{ from: new Float64Array(screens), to: new Float64Array(screens), of: new Int32Array(screens) },
  cuts: new Float64Array(2 * screens + 2),
});
let scratch = scratchFor(16);

/** Puts a place among the first of those in order. */
function putInOrder(cuts: Float64Array, count: number, place: number): void {
  let i = count;
  while (i > 0 && cuts[i - 1]! > place) {
    cuts[i] = cuts[i - 1]!;
    i--;
  }
  cuts[i] = place;
}

/**
 * An even line that shines by the cosine law, at a point, piece by piece behind screens (source: light). The receiver
 * faces the nearest point of the tube, or up; what comes from behind it is nought. Asked of every point of every drawing,
 * so it makes nothing on its way but its answer.
 */
export function tubeSum(line: TubeLine, at: Place, facing: Facing, screens: readonly Screen[]): TubeSum {
  const { start, dir, lengthMm } = line;
  const foot = (at[0] - start[0]) * dir[0] + (at[1] - start[1]) * dir[1] + (at[2] - start[2]) * dir[2];
  const toAxis = minus(along(start, dir, foot), at);
  const axisMm = length(toAxis);
  // In line with the tube nothing of it is seen.
  if (axisMm < 1e-9) return { uv: 0, heat: 0 };
  const nearest = minus(nearestOn(line, at).place, at);
  const normal: Place = facing === "up" ? [0, 0, 1] : scaled(nearest, 1 / length(nearest));
  const [square, lengthwise] = [dot(normal, toAxis) / axisMm, dot(normal, dir)];
  let [low, high] = [-foot, lengthMm - foot];
  // In front of the receiver: axisMm · square + s · lengthwise ≥ 0.
  const turn = (-axisMm * square) / lengthwise;
  if (lengthwise > 0) low = Math.max(low, turn);
  else if (lengthwise < 0) high = Math.min(high, turn);
  else if (square <= 0) return { uv: 0, heat: 0 };
  if (low >= high) return { uv: 0, heat: 0 };
  if (screens.length > scratch.of.length) scratch = scratchFor(2 * screens.length);
  const { from, to, of, cuts } = scratch;
  const fromFoot = { start: along(start, dir, foot), dir };
  let behind = 0;
  cuts[0] = low;
  cuts[1] = high;
  for (let n = 0; n < screens.length; n++) {
    const span = spanBehind(screens[n]!, at, fromFoot, low, high);
    if (!span) continue;
    putInOrder(cuts, 2 * behind + 2, span[0]);
    putInOrder(cuts, 2 * behind + 3, span[1]);
    from[behind] = span[0];
    to[behind] = span[1];
    of[behind++] = n;
  }
  let [uvSum, heatSum] = [0, 0];
  for (let i = 1; i < 2 * behind + 2; i++) {
    const [a, b] = [cuts[i - 1]!, cuts[i]!];
    if (a === b) continue;
    const mid = (a + b) / 2;
    let [uv, heat] = [1, 1];
    for (let n = 0; n < behind; n++)
      if (mid > from[n]! && mid < to[n]!) {
        uv *= screens[of[n]!]!.uv;
        heat *= screens[of[n]!]!.heat;
      }
    if (uv === 0 && heat === 0) continue;
    const part = upTo(b, axisMm, square, lengthwise) - upTo(a, axisMm, square, lengthwise);
    uvSum += uv * part;
    heatSum += heat * part;
  }
  return { uv: uvSum, heat: heatSum };
}

/** What a tube brings to a surface that faces it squarely opposite its middle, for a strength of 1 per mm, 1/mm. */
export function opposite(lengthMm: number, rMm: number): number {
  const alpha = Math.atan(lengthMm / 2 / rMm);
  return (alpha + Math.sin(alpha) * Math.cos(alpha)) / rMm;
}
