import type { ClimateInput, RoomAir } from "../climate/format";
import { type Known, label, memory, practice } from "../figures/figure";
import type { UnknownId } from "./names";

/** Something of a shell's air that nobody has measured, and what turning it does. */
interface UnknownKind {
  /** As a builder says it. */
  name: string;
  /** What would tell it. */
  measure: string;
  /** So many times what was taken, or so much added to it; 5 to 95 of a hundred lie between. Null: by the room as typed. */
  known: Known | null;
  /** Added rather than multiplied. */
  adds?: true;
  /** Whether a design has any of it. */
  matters: (input: ClimateInput) => boolean;
  /** @param by how many times as much, or how much more */
  turn: (input: ClimateInput, by: number) => ClimateInput;
}

const hasUpright = ({ openings }: ClimateInput) => openings.some((o) => o.orientation === "vertical");
const inRooms = (room: ClimateInput["room"], change: (r: RoomAir) => RoomAir): ClimateInput["room"] =>
  Array.isArray(room) ? room.map(change) : change(room);
const percent = (x: number) => Math.min(100, Math.max(0, x));

/** Every unknown of the air. Each is turned by itself, all of them at once. */
const UNKNOWNS: Record<UnknownId, UnknownKind> = {
  draught: {
    name: "the room's draught",
    measure: "a feather or smoke by a vent, or an anemometer where it will stand",
    known: { value: 1, low: 0.5, high: 1.5, basis: practice },
    matters: hasUpright,
    turn: (input, by) => ({
      ...input,
      room: inRooms(input.room, (r) => ({ ...r, draughtMPerS: r.draughtMPerS * by })),
    }),
  },
  wetness: {
    name: "how much of it is wet",
    measure: "what of the substrate is dark with water, an hour before it is misted",
    known: { value: 1, low: 0.5, high: 1.3, basis: memory },
    matters: ({ wet }) => wet.areaM2 > 0 && wet.capacityMl > 0,
    turn: (input, by) => ({ ...input, wet: { ...input.wet, areaM2: input.wet.areaM2 * by } }),
  },
  films: {
    name: "how well air takes heat and water along surfaces",
    measure: "a week of readings",
    known: { value: 1, low: 0.7, high: 1.45, basis: memory },
    matters: () => true,
    turn: (input, by) => ({
      ...input,
      ...{ hcWPerM2K: input.hcWPerM2K * by, massCouplingWPerK: input.massCouplingWPerK * by },
    }),
  },
  walls: {
    name: "what its walls let through",
    measure: "a night's readings with the heat on",
    known: { value: 1, low: 0.85, high: 1.2, basis: memory },
    matters: ({ walls }) => walls.length > 0,
    turn: (input, by) => ({
      ...input,
      walls: input.walls.map((w) => ({ ...w, uWPerM2K: w.uWPerM2K * by })),
    }),
  },
  screens: {
    name: "meshes and gaps as they are in use",
    measure: "gaps with a feeler gauge; meshes held against the light",
    known: { value: 1, low: 0.65, high: 1.2, basis: memory },
    matters: ({ openings }) => openings.length > 0,
    turn: (input, by) => ({ ...input, openings: input.openings.map((o) => ({ ...o, widthMm: o.widthMm * by })) }),
  },
  holds: {
    name: "what holds heat in it",
    measure: "a morning's readings",
    known: { value: 1, low: 0.6, high: 1.8, basis: memory },
    matters: ({ heat }) => heat.length > 0,
    turn: (input, by) => ({ ...input, thermalMassJPerK: input.thermalMassJPerK * by }),
  },
  watts: {
    name: "watts of what heats",
    measure: "a meter at the plug",
    known: { value: 1, low: 0.9, high: 1.1, basis: label },
    matters: ({ heat }) => heat.length > 0,
    turn: (input, by) => ({ ...input, heat: input.heat.map((h) => ({ ...h, watts: h.watts * by })) }),
  },
  mist: {
    name: "what is misted",
    measure: "a nozzle run into a measuring jug for a minute",
    known: { value: 1, low: 0.8, high: 1.2, basis: memory },
    matters: ({ misting }) => misting.length > 0,
    turn: (input, by) => ({ ...input, misting: input.misting.map((m) => ({ ...m, ml: m.ml * by })) }),
  },
  store: {
    name: "the water in the substrate at first",
    measure: "a handful of it, weighed wet and dry",
    known: { value: 1, low: 0.55, high: 1.4, basis: memory },
    matters: ({ wet }) => wet.storeMl > 0,
    turn: (input, by) => ({
      ...input,
      wet: { ...input.wet, storeMl: Math.min(input.wet.capacityMl, input.wet.storeMl * by) },
    }),
  },
  roomTemp: {
    name: "how warm the room is",
    measure: "a thermometer in the room, for a week",
    ...{ known: null, adds: true },
    matters: () => true,
    turn: (input, by) => ({ ...input, room: inRooms(input.room, (r) => ({ ...r, tempC: r.tempC + by })) }),
  },
  roomRh: {
    name: "how damp the room is",
    measure: "a hygrometer in the room, for a week",
    ...{ known: null, adds: true },
    matters: () => true,
    turn: (input, by) => ({ ...input, room: inRooms(input.room, (r) => ({ ...r, rh: percent(r.rh + by) })) }),
  },
};
export const unknownKind = (id: UnknownId): UnknownKind => UNKNOWNS[id];

/** Something unknown as it is drawn: 5 to 95 of a hundred lie from low to high about what was taken, and where a log put it. */
export interface Unknown {
  id: UnknownId;
  low: number;
  high: number;
  /** Where it is taken, in standard deviations from what was taken of it first; 0 until readings tell. */
  at: number;
}
