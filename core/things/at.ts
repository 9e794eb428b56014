import type { Thing } from "./thing";

/** Whether a pointer leads to what stands at another, or into it. */
export const isWithin = (pointer: string, at: string) => pointer === at || pointer.startsWith(`${at}/`);

/**
 * The thing that has what stands at a path of the variant, or of the whole build with a leading `build:`. What the survey
 * asks as well is the thing's own, where there is one.
 */
export function thingAt<T extends Thing>(path: string, things: readonly T[]): T | undefined {
  const all = things.filter(({ paths }) => paths.some((p) => isWithin(path, p)));
  return all.find((t) => t.kind !== "survey") ?? all[0];
}
