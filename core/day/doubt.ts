import type { ClimateInput } from "../climate/format";
import type { AirFit } from "../gauge/schema";
import type { UnknownId } from "../sure/names";
import { type Doubt, unknownsOf } from "../sure/turn";
import type { RoomEnds } from "./rooms";

/** How far the room may be from what it usually is, as it was typed. */
function roomRange({ room }: ClimateInput, { cold, warm, dry, damp }: RoomEnds) {
  const usual = Array.isArray(room) ? room[0]! : room;
  return {
    roomTemp: { low: cold.tempC - usual.tempC, high: warm.tempC - usual.tempC },
    roomRh: { low: dry.rh - usual.rh, high: damp.rh - usual.rh },
  };
}

/** How the room was in a week of readings says nothing of how it is in another. */
export const OF_THE_ROOM: readonly UnknownId[] = ["roomTemp", "roomRh"];

/** What is unknown of a design's air; what a fit to readings tells of it stands in the place of what was taken. */
export function doubtOf(input: ClimateInput, rooms: RoomEnds, fit: AirFit | undefined): Doubt {
  const all = unknownsOf(input, roomRange(input, rooms));
  if (!fit) return { unknowns: all, covariance: null };
  const place = (id: UnknownId) => (OF_THE_ROOM.includes(id) ? -1 : fit.unknowns.findIndex((u) => u.id === id));
  return {
    unknowns: all.map((u) => fit.unknowns[place(u.id)] ?? u),
    covariance: all.map((a) =>
      all.map((b) => {
        const [i, j] = [place(a.id), place(b.id)];
        return i >= 0 && j >= 0 ? fit.covariance[i]![j]! : Number(a.id === b.id);
      }),
    ),
  };
}
