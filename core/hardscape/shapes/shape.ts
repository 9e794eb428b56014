import type { Point } from "../../shell/space";
import type { Mesh } from "../../shell/wallMesh";
import type { EndOn, Hold } from "../names";
import type { Piece } from "../schema";

/** Where a piece rests, and how it is held there. */
export interface Rest {
  on: EndOn;
  hold: Hold;
  /** The bed it is held by, mm². */
  bedMm2: number;
  /** The bed's size, in words' order, mm. */
  bedMm: readonly [wide: number, high: number];
}

/** A measure of a piece with what it may be, for its limits. */
export interface Sized {
  /** Its place within the piece. */
  at: string;
  what: string;
  /** 0 for a place, 1 for what has a size, mm. */
  leastMm: number;
}

/** A shape of wood, cork or stone. Beside its file and its schema, a shape is one line in `list.ts`. */
export interface Shape<P extends Piece> {
  /** What it is called in a list. */
  word: (piece: P) => string;
  /** Its chief measure: how high, or how long. */
  says: (piece: P, say: (mm: number) => string) => string;
  /** What it takes of the room, m³. */
  m3: (piece: P) => number;
  /** Its three sides as it goes in, mm. */
  sizesMm: (piece: P) => readonly [number, number, number];
  /** The top an animal lies on, above the base, mm. */
  topMm: (piece: P, groundMm: number) => number;
  topFormula: string;
  /** Where it rests: on its foot, or at each of its ends. */
  rests: (piece: P) => readonly Rest[];
  /** It stands on a foot that takes room out of what is poured round it; how high that is, mm. */
  standsMm?: (piece: P) => number;
  /** What is typed of it beside its place and its extent. */
  sized: readonly Sized[];
  mesh: (piece: P, groundMm: number) => Mesh;
  /** Its outline where a section cuts it, in (across, up) mm. @param axis 1 front to back @param plane where it is cut */
  cut: (piece: P, axis: 0 | 1, plane: number, groundMm: number) => Point[] | undefined;
  /** Drawn this round on the floor: its shorter side over so much. */
  roundness: number;
}

/** Corners of an upright rectangle. */
export const uprightBox = (from: number, to: number, foot: number, head: number): Point[] => [
  [from, foot],
  [to, foot],
  [to, head],
  [from, head],
];
