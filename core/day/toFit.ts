import type { RoomAir } from "../climate/format";
import { parseLocal } from "../design/localTime";
import { type Known, memory } from "../figures/figure";
import type { FitGiven } from "../gauge/fit";
import type { AirRead } from "../gauge/schema";
import { OF_THE_ROOM } from "./doubt";
import type { DayFact } from "./facts";

/** So many hours with both read, or with one of them, are the least that tell anything of a shell. From memory. */
const LEAST_HOURS: Known = { value: 48, basis: memory };

/** Why readings are too few to be fitted, in words; undefined where they are enough. */
export function tooFew({ tempC, rh }: Pick<AirRead, "tempC" | "rh">): string | undefined {
  const hours = tempC.filter((t, h) => t !== null || rh[h] !== null).length;
  return hours >= LEAST_HOURS.value
    ? undefined
    : `${hours} hours of readings: two days by the hour are the least that tell anything, a week is good.`;
}

/** What nobody read of the room is as it was last, or as it usually is. */
function roomOf(usual: RoomAir, { room, tempC }: AirRead): RoomAir[] {
  let last = usual;
  return tempC.map((_, h) => {
    last = {
      ...last,
      ...(room?.tempC[h] != null && { tempC: room.tempC[h] }),
      ...(room?.rh[h] != null && { rh: room.rh[h] }),
    };
    return last;
  });
}

/** What is fitted to readings: the design as nobody had measured it. Where the room was not read, how it was is unknown too. */
export function fitGiven({ ask: { doubt }, designed }: Pick<DayFact, "ask" | "designed">, read: AirRead): FitGiven {
  const usual = Array.isArray(designed.room) ? designed.room[0]! : designed.room;
  const at = parseLocal(read.from) ?? 0;
  return {
    input: designed,
    unknowns: doubt.unknowns.filter(({ id }) => !read.room || !OF_THE_ROOM.includes(id)).map((u) => ({ ...u, at: 0 })),
    read,
    stretch: { firstHour: Math.floor(at / 60) % 24, room: roomOf(usual, read) },
    label: read.label,
  };
}
