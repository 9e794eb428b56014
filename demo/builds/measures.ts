import { newWall } from "../../core/background/create";
import type { Wall } from "../../core/background/schema";
import type { Measure } from "../../core/design/basics";
import { statedMm } from "../../core/design/measure";
import { STARTER_RESIDENTS } from "../../core/residents/starters";
import { parseLength } from "../../core/units/length";

export const starter = (id: string) => structuredClone(STARTER_RESIDENTS.find((r) => r.id === id)!);
export const wall = (face: Wall["face"], own: Partial<Wall> = {}): Wall => ({ ...newWall(face), ...own });
export const measured = (mm: number, typed?: string) => ({ ...statedMm(mm, typed), how: "measured" as const });
/** A measure as it was read off a tape in inches. */
export const inches = (typed: string): Measure => {
  const read = parseLength(typed, "in");
  if (!read.ok) throw new Error(read.message);
  return { typed, value: read.value, how: "measured" };
};
