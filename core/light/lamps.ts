import { fail, ok, type Result } from "../units/result";
import { type Fall, fallOf, strengthAt } from "./fall";
import type { Facing, FromLamp, Lamp, Place, PointLamp, Screen, TubeLamp } from "./format";
import { lobeOf, offAxis, onAxisWPerM2 } from "./lobe";
import { throughAll } from "./screens";
import { lineOf, nearestOn, opposite, tubeSum } from "./tube";
import { dot, length, minus, scaled } from "./vectors";

/** What a lamp brings to a point, and what is to be said of it. */
export interface Brought extends FromLamp {
  far: boolean;
  why: readonly string[];
}

/** A lamp with its laws found, to be asked of many points. */
export interface ReadyLamp {
  id: string;
  /** Nearer than this nothing is told, mm. */
  leastMm: number;
  distanceMm: (at: Place) => number;
  at: (at: Place, facing: Facing, screens: readonly Screen[]) => Brought;
}

/** What is to be said of most. */
const NOTHING: readonly string[] = [];
/** Nearer to a lamp whose face nobody measured nothing is told, mm. */
const LEAST_MM = 1;
/** A tube is a line from here on, mm. */
const TUBE_LEAST_MM = 13;
/** The reading nearest to this sets a tube's strength, mm. */
const TUBE_READ_MM = 250;

const readings = <K extends string>(list: readonly ({ mm: number } & Record<K, number>)[], key: K) =>
  list.map((r) => ({ mm: r.mm, value: r[key] }));

function readyPoint(lamp: PointLamp): Result<ReadyLamp> {
  const said = (message: string) => fail<ReadyLamp>(`lamp ${lamp.id}: ${message}`);
  const aimLength = length(lamp.aim);
  if (aimLength === 0) return said("its aim points nowhere; down is [0, 0, -1]");
  const aim = scaled(lamp.aim, 1 / aimLength);
  const m = lobeOf(lamp.beamDeg);
  const falls: { uv?: Fall; heat?: Fall } = {};
  for (const [key, list] of [
    ["uv", readings(lamp.uv, "uvi")],
    ["heat", readings(lamp.heat, "wPerM2")],
  ] as const) {
    if (list.length === 0) continue;
    const fall = fallOf(list);
    if (!fall.ok) return said(`${key === "uv" ? "UV" : "heat"}: ${fall.message}`);
    falls[key] = fall.value;
  }
  const { watts, radiantShare, sourceMm } = lamp;
  if (!falls.heat && watts !== undefined) {
    if (radiantShare === undefined)
      return said("watts without radiantShare tell no heat; a reflector lamp has about 0.5");
    if (sourceMm === undefined) return said("heat is asked without sourceMm, its bright face across");
  }
  const heatOnAxis = (rMm: number) => {
    if (falls.heat) return { wPerM2: strengthAt(falls.heat, rMm), far: true };
    if (watts === undefined || radiantShare === undefined || sourceMm === undefined) return { wPerM2: 0, far: true };
    return onAxisWPerM2(radiantShare * watts, m, rMm / 1000, sourceMm / 1000);
  };
  return ok({
    id: lamp.id,
    leastMm: Math.max(LEAST_MM, (sourceMm ?? 0) / 2),
    distanceMm: (at) => length(minus(at, lamp.at)),
    at: (at, facing, screens) => {
      const ray = minus(at, lamp.at);
      const rMm = length(ray);
      const through = throughAll(screens, lamp.at, at);
      const lobe = offAxis(m, dot(ray, aim) / rMm) * (facing === "up" ? Math.max(0, -ray[2] / rMm) : 1);
      const uvi = falls.uv ? strengthAt(falls.uv, rMm) * lobe * through.uv : 0;
      const heat = heatOnAxis(rMm);
      const why: string[] = [];
      for (const fall of [falls.uv, falls.heat]) {
        if (!fall || lobe === 0) continue;
        const of = fall === falls.uv ? lamp.id : `${lamp.id}, heat`;
        if (fall.assumed) why.push(`${of}: inverse square, assumed`);
        if (rMm < fall.from || rMm > fall.to) why.push(`${of}: extrapolated`);
      }
      return { id: lamp.id, uvi, wPerM2: heat.wPerM2 * lobe * through.heat, rMm, far: heat.far, why };
    },
  });
}

/** What sets a tube's strength per mm: the reading nearest 250 mm, of two the shorter. */
function strengthOf(lengthMm: number, list: readonly { mm: number; value: number }[]): number {
  const [best] = [...list].sort((a, b) => Math.abs(a.mm - TUBE_READ_MM) - Math.abs(b.mm - TUBE_READ_MM) || a.mm - b.mm);
  return best ? best.value / opposite(lengthMm, best.mm) : 0;
}

function readyTube(lamp: TubeLamp): Result<ReadyLamp> {
  const said = (message: string) => fail<ReadyLamp>(`lamp ${lamp.id}: ${message}`);
  const line = lineOf(lamp);
  if (!(line.lengthMm > 0)) return said("its ends are one place");
  const [uv, heat] = [readings(lamp.uv, "uvi"), readings(lamp.heat, "wPerM2")];
  for (const list of [uv, heat]) {
    const sorted = [...list].sort((a, b) => a.mm - b.mm);
    const rises = sorted.find((r, i) => i > 0 && r.mm > sorted[i - 1]!.mm && r.value > sorted[i - 1]!.value);
    if (rises)
      return said(`its readings rise with distance: ${rises.value} at ${rises.mm} mm is more than nearer to it`);
  }
  const { watts, radiantShare } = lamp;
  if (heat.length === 0 && watts !== undefined && radiantShare === undefined)
    return said("watts without radiantShare tell no heat; a bare tube has about 0.3");
  const uvStrength = strengthOf(line.lengthMm, uv);
  // In metres a strength is per metre: of each mm a thousandth, and 1/mm is a thousand times 1/m.
  const heatStrength =
    heat.length > 0
      ? strengthOf(line.lengthMm, heat)
      : (1000 * ((radiantShare ?? 0) * (watts ?? 0))) / ((line.lengthMm / 1000) * Math.PI ** 2);
  return ok({
    id: lamp.id,
    leastMm: TUBE_LEAST_MM,
    distanceMm: (at) => nearestOn(line, at).rMm,
    at: (at, facing, screens) => {
      const sum = tubeSum(line, at, facing, screens);
      // Written out: this is asked of every point of every drawing, and a spread is many times slower.
      return {
        id: lamp.id,
        uvi: uvStrength * sum.uv,
        wPerM2: heatStrength * sum.heat,
        rMm: nearestOn(line, at).rMm,
        far: true,
        why: NOTHING,
      };
    },
  });
}

/** A lamp's laws, or what keeps it from having any, in one line. */
export const readyLamp = (lamp: Lamp): Result<ReadyLamp> =>
  lamp.kind === "point" ? readyPoint(lamp) : readyTube(lamp);
