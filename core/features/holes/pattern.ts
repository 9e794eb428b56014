import type { Holes } from "./schema";

/** A hole's centre, mm from the middle of its field. */
export interface Centre {
  uMm: number;
  vMm: number;
}

/** Rows of a 60° pattern are this share of the pitch apart. */
const STAGGERED_ROW = Math.sqrt(3) / 2;

type Field = Pick<Holes, "pattern" | "pitch" | "columns" | "rows">;

/** From one row to the next, mm. */
export const rowMm = ({ pattern, pitch }: Pick<Holes, "pattern" | "pitch">): number =>
  pattern === "staggered" ? pitch.value * STAGGERED_ROW : pitch.value;

/** Centres of a square or 60° staggered hole field, about its middle. */
export function holeCentres(field: Field): Centre[] {
  const pitchMm = field.pitch.value;
  const staggered = field.pattern === "staggered" && field.rows > 1;
  const apartMm = rowMm(field);
  const centres: Centre[] = [];
  for (let row = 0; row < field.rows; row++) {
    const shiftMm = staggered ? (row % 2 === 0 ? -pitchMm / 4 : pitchMm / 4) : 0;
    for (let column = 0; column < field.columns; column++)
      centres.push({
        uMm: (column - (field.columns - 1) / 2) * pitchMm + shiftMm,
        vMm: (row - (field.rows - 1) / 2) * apartMm,
      });
  }
  return centres;
}

/** Outer size of a hole field over its holes, mm. */
export function fieldSize(field: Field & Pick<Holes, "holeDia">): { widthMm: number; heightMm: number } {
  const pitchMm = field.pitch.value;
  const staggered = field.pattern === "staggered";
  return {
    widthMm: (field.columns - 1) * pitchMm + (staggered && field.rows > 1 ? pitchMm / 2 : 0) + field.holeDia.value,
    heightMm: (field.rows - 1) * rowMm(field) + field.holeDia.value,
  };
}

/**
 * Open share of an endless hole pattern: π/4·d²/p² square, π/(2√3)·d²/p² staggered (perforated-plate geometry).
 * @param diaMm hole diameter, mm
 * @param pitchMm centre to centre, mm
 */
export const openFraction = (pattern: Holes["pattern"], diaMm: number, pitchMm: number): number =>
  (pattern === "square" ? Math.PI / 4 : Math.PI / (2 * Math.sqrt(3))) * (diaMm / pitchMm) ** 2;
