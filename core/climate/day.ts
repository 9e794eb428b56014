import type { Fans } from "./exchange";
import { type ClimateInput, isIn, minuteOf, type RoomAir } from "./format";

const perS = (m3PerHour: number) => m3PerHour / 3600;

/** Fans together, as their flows join the balance. A stirring one exchanges nothing. */
const fansOf = (on: ClimateInput["fans"]): Fans => {
  const sum = (kind: ClimateInput["fans"][number]["kind"]) =>
    on.reduce((flow, f) => flow + (f.kind === kind ? perS(f.m3PerHour) : 0), 0);
  return { supply: sum("supply"), extract: sum("extract"), balanced: sum("balanced") };
};

/** What a day is at each of its steps: nothing of it but the room changes from day to day. */
export interface Day {
  steps: number;
  /** The room by the hour: one that always is, a day's 24, or as many as the run has hours; past their end from the first again. */
  rooms: readonly RoomAir[];
  /** Fans by their state, and which is in force. */
  fans: readonly Fans[];
  fan: Uint16Array;
  /** Whether the clock lets each heater run. */
  heat: readonly Uint8Array[];
  /** Millilitres of mist at each step. */
  mistMl: Float64Array;
}

/** Which of so many rooms, one after another by the hour, is in force at a step of the run. */
export const roomAt = (rooms: number, step: number, stepS: number): number => Math.floor((step * stepS) / 3600) % rooms;

/** A day cut into steps. */
export function dayOf({ room, fans, heat, misting, stepS }: ClimateInput): Day {
  const steps = 86_400 / stepS;
  const rooms = Array.isArray(room) ? room : [room];
  const minutes = Array.from({ length: steps }, (_, i) => Math.floor((i * stepS) / 60));
  const states = new Map<string, number>();
  const kinds: Fans[] = [];
  const fan = Uint16Array.from(minutes, (m) => {
    const on = fans.filter((f) => f.on.some((span) => isIn(m, span)));
    const key = on.map((f) => fans.indexOf(f)).join();
    const was = states.get(key);
    if (was !== undefined) return was;
    states.set(key, kinds.length);
    return kinds.push(fansOf(on)) - 1;
  });
  const mistMl = new Float64Array(steps);
  for (const { at, ml } of misting) mistMl[Math.floor((minuteOf(at) * 60) / stepS) % steps]! += ml;
  return {
    ...{ steps, rooms, fan, fans: kinds, mistMl },
    heat: heat.map((h) => Uint8Array.from(minutes, (m) => (h.on.some((span) => isIn(m, span)) ? 1 : 0))),
  };
}
