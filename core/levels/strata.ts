import type { Ground } from "../ground/schema";

/** One layer of the ground: level below, perhaps sloping above. Heights above the base, mm. */
export interface Stratum {
  id: "drain" | "charcoal" | "mix";
  fromFrontMm: number;
  fromBackMm: number;
  frontMm: number;
  backMm: number;
}

/**
 * The ground's layers from the base up. Drain layer and charcoal lie level; the mix fills up to the ground's top, and
 * is left out where there is no room for it.
 * @param topBackMm the ground's top at the back, above the base; 0 for no ground of its own
 */
export function strataOf(topBackMm: number, { front, drain, charcoal }: Pick<Ground, "front" | "drain" | "charcoal">) {
  const strata: Stratum[] = [];
  let at = 0;
  const level = (id: "drain" | "charcoal", mm: number) => {
    if (mm <= 0) return;
    strata.push({ id, fromFrontMm: at, fromBackMm: at, frontMm: at + mm, backMm: at + mm });
    at += mm;
  };
  level("drain", drain?.depth.value ?? 0);
  level("charcoal", charcoal?.value ?? 0);
  const topFrontMm = front?.value ?? topBackMm;
  const [frontMm, backMm] = [Math.max(at, topBackMm > 0 ? topFrontMm : 0), Math.max(at, topBackMm)];
  if (frontMm > at || backMm > at) strata.push({ id: "mix", fromFrontMm: at, fromBackMm: at, frontMm, backMm });
  return strata;
}
