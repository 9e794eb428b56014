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

/** `∫ cos θe · cos θr ÷ d² dl` between two places, from the foot of the perpendicular; closed, in 1/mm. */
const between = (from: number, to: number, axisMm: number, square: number, lengthwise: number): number => {
  const whole = (s: number) => {
    const d2 = axisMm ** 2 + s ** 2;
    const even = s / (2 * axisMm ** 2 * d2) + Math.atan(s / axisMm) / (2 * axisMm ** 3);
    return axisMm * (axisMm * square * even - lengthwise / (2 * d2));
  };
  return whole(to) - whole(from);
};

/** What a tube's strength of 1 per mm brings to a point, per what screens let through, 1/mm. */
export interface TubeSum {
  uv: number;
  heat: number;
}

/**
 * An even line that shines by the cosine law, at a point, piece by piece behind screens (source: light). The receiver
 * faces the nearest point of the tube, or up; what comes from behind it is nought.
 */
export function tubeSum(line: TubeLine, at: Place, facing: Facing, screens: readonly Screen[]): TubeSum {
  const foot = dot(minus(at, line.start), line.dir);
  const toAxis = minus(along(line.start, line.dir, foot), at);
  const axisMm = length(toAxis);
  // In line with the tube nothing of it is seen.
  if (axisMm < 1e-9) return { uv: 0, heat: 0 };
  const nearest = minus(nearestOn(line, at).place, at);
  const normal: Place = facing === "up" ? [0, 0, 1] : scaled(nearest, 1 / length(nearest));
  const [square, lengthwise] = [dot(normal, toAxis) / axisMm, dot(normal, line.dir)];
  let [low, high] = [-foot, line.lengthMm - foot];
  // In front of the receiver: axisMm · square + s · lengthwise ≥ 0.
  const turn = (-axisMm * square) / lengthwise;
  if (lengthwise > 0) low = Math.max(low, turn);
  else if (lengthwise < 0) high = Math.min(high, turn);
  else if (square <= 0) return { uv: 0, heat: 0 };
  if (low >= high) return { uv: 0, heat: 0 };
  const fromFoot = { start: along(line.start, line.dir, foot), dir: line.dir };
  const behind: { screen: Screen; from: number; to: number }[] = [];
  for (const screen of screens) {
    const span = spanBehind(screen, at, fromFoot, [low, high]);
    if (span) behind.push({ screen, from: span[0], to: span[1] });
  }
  if (behind.length === 0) {
    const whole = between(low, high, axisMm, square, lengthwise);
    return { uv: whole, heat: whole };
  }
  const cuts = [low, high, ...behind.flatMap(({ from, to }) => [from, to])].sort((a, b) => a - b);
  const sum: TubeSum = { uv: 0, heat: 0 };
  for (let i = 1; i < cuts.length; i++) {
    const [a, b] = [cuts[i - 1]!, cuts[i]!];
    if (a === b) continue;
    const mid = (a + b) / 2;
    let [uv, heat] = [1, 1];
    for (const { screen, from, to } of behind)
      if (mid > from && mid < to) {
        uv *= screen.uv;
        heat *= screen.heat;
      }
    if (uv === 0 && heat === 0) continue;
    const part = between(a, b, axisMm, square, lengthwise);
    sum.uv += uv * part;
    sum.heat += heat * part;
  }
  return sum;
}

/** What a tube brings to a surface that faces it squarely opposite its middle, for a strength of 1 per mm, 1/mm. */
export function opposite(lengthMm: number, rMm: number): number {
  const alpha = Math.atan(lengthMm / 2 / rMm);
  return (alpha + Math.sin(alpha) * Math.cos(alpha)) / rMm;
}
