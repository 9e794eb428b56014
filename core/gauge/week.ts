import type { ClimateInput, RoomAir } from "../climate/format";
import { run } from "../climate/run";

/** Hourly means that were read, null where nothing was. */
export interface Read {
  tempC: readonly (number | null)[];
  rh: readonly (number | null)[];
}

/** The shell runs so long before the first reading, so that it has settled. */
const BEFORE_DAYS = 1;

/** Less than this on the mean of an hour is none, mL. */
const LEFT_ML = 0.01;

/** A stretch of hours in which a shell was read, and the room then. */
export interface Stretch {
  /** The hour of the day of the first reading. */
  firstHour: number;
  /** The room in each hour of it. */
  room: readonly RoomAir[];
}

/** The rooms of a run that begins at midnight, a day before the first reading: what nobody read is as at that hour of the day after. */
function roomsOf({ firstHour, room }: Stretch): { rooms: RoomAir[]; days: number; lead: number } {
  const lead = 24 * BEFORE_DAYS + firstHour;
  const days = Math.ceil((lead + room.length) / 24);
  const rooms = Array.from({ length: 24 * days }, (_, h) => {
    let at = h - lead;
    while (at < 0) at += 24;
    while (at >= room.length && at >= 24) at -= 24;
    return room[Math.min(at, room.length - 1)]!;
  });
  return { rooms, days, lead };
}

/**
 * The air of a shell over a stretch of hours, by the hour.
 * @param input of its design; what it starts with is the first of the room's
 * @returns hourly means, °C and % rh, as many as the stretch has hours, and the hours of it in which its water ran out
 */
export function over(input: ClimateInput, stretch: Stretch, turn: (input: ClimateInput) => ClimateInput) {
  const { rooms, days, lead } = roomsOf(stretch);
  const first = rooms[0]!;
  const { hourly } = run(turn({ ...input, ...{ room: rooms, days, start: { tempC: first.tempC, rh: first.rh } } }));
  const part = (list: readonly number[]) => list.slice(lead, lead + stretch.room.length);
  const store = hourly.storeMl;
  const ranOut = store.flatMap((ml, h) => (h > 0 && ml <= LEFT_ML && store[h - 1]! > LEFT_ML ? [h - lead] : []));
  return { tempC: part(hourly.tempC), rh: part(hourly.rh), ranOut };
}
