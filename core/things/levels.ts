import type { Measure } from "../design/basics";
import { readAt, writeAt } from "../design/pointer";
import type { Variant } from "../document/schema";
import type { LevelLine } from "../shell/section";
import type { Shell } from "../shell/shell";
import { thingAt } from "./at";
import type { Put } from "./handle";
import type { Thing } from "./thing";

/** The measures that set a level's height, in the variant. */
const PATHS: Partial<Record<LevelLine["id"], string>> = {
  ground: "/shell/groundDepth",
  groundFront: "/ground/front",
  water: "/seal/standingWater",
};

/** A level of the build that can be taken in hand, with the measure that sets it. */
export interface LevelOf {
  thing: Thing;
  path: string;
}

/** What a level of a section is; undefined for one that only follows from others. */
export function levelOf(
  id: LevelLine["id"],
  { damPath, levels }: Pick<Shell, "damPath" | "levels">,
  things: readonly Thing[],
): LevelOf | undefined {
  const path = id === "dam" ? damPath : id === "drain" ? levels.drainPath : PATHS[id];
  const thing = path ? thingAt(path, things) : undefined;
  return path && thing ? { thing, path } : undefined;
}

const measureAt = (variant: Variant, path: string) => readAt(variant, path) as Measure | null | undefined;

/** The measure at a level's path, mm; undefined where it has none and follows another. */
export const levelMm = (variant: Variant, path: string): number | undefined => measureAt(variant, path)?.value;

/** Sets the measure of a level, never below nothing. */
export function setLevelMm(variant: Variant, path: string, mm: number, put: Put): void {
  if (measureAt(variant, path)) writeAt(variant, path, put(Math.max(0, mm)));
}
