import { formatNumber } from "../units/format";
import { fail, ok, type Result } from "../units/result";
import type { Facing, LightInput, LitPoint, Place, Screen } from "./format";
import { type Brought, type ReadyLamp, readyLamp } from "./lamps";
import { surfaceC } from "./surface";
import { strongWords, zoneOf } from "./zones";

/** All that lights a place, ready to be asked of many points. */
export interface Lighting {
  lamps: readonly ReadyLamp[];
  screens: readonly Screen[];
}

/** UV index and heat at a place: each lamp faced in turn, so that a sum over several is an upper bound. */
export function litAt({ lamps, screens }: Lighting, at: Place, facing: Facing) {
  const byLamp: Brought[] = lamps.map((lamp) => lamp.at(at, facing, screens));
  return {
    byLamp,
    uvi: byLamp.reduce((sum, b) => sum + b.uvi, 0),
    wPerM2: byLamp.reduce((sum, b) => sum + b.wPerM2, 0),
  };
}

/** The lamps with their laws, or what is wrong with one. */
export function lightingOf({ lamps, screens }: Pick<LightInput, "lamps" | "screens">): Result<Lighting> {
  const ready: ReadyLamp[] = [];
  for (const lamp of lamps) {
    if (ready.some((r) => r.id === lamp.id)) return fail(`two lamps are called ${lamp.id}; give each an id of its own`);
    const read = readyLamp(lamp);
    if (!read.ok) return read;
    ready.push(read.value);
  }
  return ok({ lamps: ready, screens });
}

/**
 * UV and radiant heat at points of a shell (source: light).
 * @param input mm from the inside front left corner of the base; see `LightSchema`
 * @returns each point in its order; or, in a line, which lamp or point cannot be told and why
 * @example
 * const lamps = [{ id: "spot", kind: "point", at: [0, 0, 400], aim: [0, 0, -1], beamDeg: 30, uv: [{ mm: 200, uvi: 4 }], heat: [] }];
 * const told = light({ lamps, screens: [], points: [{ id: "perch", at: [0, 0, 0], facing: "lamp" }] });
 * told.value.points[0].uvi; // 1
 */
export function light(input: LightInput): Result<{ points: LitPoint[] }> {
  const lighting = lightingOf(input);
  if (!lighting.ok) return lighting;
  const points: LitPoint[] = [];
  for (const { id, at, facing } of input.points) {
    const near = lighting.value.lamps.find((lamp) => lamp.distanceMm(at) < lamp.leastMm);
    if (near)
      return fail(
        `point ${id} is ${formatNumber(near.distanceMm(at))} mm from lamp ${near.id}; nearer than ${formatNumber(near.leastMm)} mm nothing can be told`,
      );
    const { byLamp, uvi, wPerM2 } = litAt(lighting.value, at, facing);
    points.push({
      ...{ id, uvi, wPerM2, zone: zoneOf(uvi) },
      surfaceC: input.air && input.surface ? surfaceC(wPerM2, input.air, input.surface) : null,
      byLamp: byLamp.map(({ far: _, why: __, ...from }) => from),
      withinScope: byLamp.every((b) => b.far),
      why: [...byLamp.flatMap((b) => b.why), ...strongWords(uvi)].join("; "),
    });
  }
  return ok({ points });
}
