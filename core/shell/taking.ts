import type { Rect } from "./faces";

/** A foot that stands in what is poured or stands as water, and takes its room. */
export interface Taking {
  /** Its place on the base. */
  rect: Rect;
  /** What it takes of the floor there, m². */
  m2: number;
  /** Heights above the base that it takes, mm. */
  fromMm: number;
  toMm: number;
}

/** Heights above the base, mm. */
export interface Slice {
  fromMm: number;
  toMm: number;
}

/** The share of a slice's height that a foot fills. */
export const shareOf = ({ fromMm, toMm }: Pick<Taking, "fromMm" | "toMm">, slice: Slice): number =>
  slice.toMm <= slice.fromMm
    ? 0
    : Math.max(0, Math.min(toMm, slice.toMm) - Math.max(fromMm, slice.fromMm)) / (slice.toMm - slice.fromMm);
