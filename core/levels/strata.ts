import type { Layer, LayerKindId } from "../ground/layers/schema";

/** How a layer lies: level with a depth of its own, filling up what is left, as a sheet of no depth, or on top of all. */
export const LIES: Record<LayerKindId, "level" | "fills" | "sheet" | "top"> = {
  ...{ drain: "level", barrier: "sheet", charcoal: "level", mix: "fills", bagged: "fills", sand: "fills" },
  ...{ moss: "top", leaves: "top" },
};

/** One layer of the ground: level below, perhaps sloping above. Heights above the base, mm. */
export interface Stratum {
  /** The layer's own id. */
  id: string;
  kind: LayerKindId;
  fromFrontMm: number;
  fromBackMm: number;
  frontMm: number;
  backMm: number;
}

/** The top of the ground where it lies higher than its layers, of which nobody said what it is. */
export const UNSAID = "mix";

/** Whether a layer lies in a part of the floor: those of all the land do, and those of a part it is split from. */
export const liesIn = ({ zone }: Pick<Layer, "zone">, part: string): boolean =>
  zone === null || part === zone || part.startsWith(`${zone}/`);

/**
 * The ground's layers from the base up, as far as they take up height. Those with a depth lie level; one without fills up
 * to the ground's top, and is left out where there is no room for it. What lies over it follows its slope.
 * @param top the ground's top at the back, above the base, 0 for no ground of its own; and at the front, null where it is level
 * @param layers in their order; what lies on top of all, and sheets, take up no height
 */
export function strataOf(top: { backMm: number; frontMm: number | null }, layers: readonly Layer[]): Stratum[] {
  const bodies = layers.filter((l) => LIES[l.kind] === "level" || LIES[l.kind] === "fills");
  const depthOf = (l: Layer) => Math.max(0, ("depth" in l && l.depth?.value) || 0);
  const filler = bodies.findIndex((l) => LIES[l.kind] === "fills" && "depth" in l && l.depth === null);
  const strata: Stratum[] = [];
  let [frontMm, backMm] = [0, 0];
  const lay = (own: Pick<Stratum, "id" | "kind">, upFrontMm: number, upBackMm: number) => {
    if (upFrontMm <= 0 && upBackMm <= 0) return;
    strata.push({
      ...{ id: own.id, kind: own.kind, fromFrontMm: frontMm, fromBackMm: backMm },
      ...{ frontMm: frontMm + Math.max(0, upFrontMm), backMm: backMm + Math.max(0, upBackMm) },
    });
    frontMm += Math.max(0, upFrontMm);
    backMm += Math.max(0, upBackMm);
  };
  const fill = (own: Pick<Stratum, "id" | "kind">, overMm: number) => {
    const front = top.backMm > 0 ? (top.frontMm ?? top.backMm) : 0;
    lay(own, front - overMm - frontMm, top.backMm - overMm - backMm);
  };
  const over = (from: number) => bodies.slice(from).reduce((sum, l) => sum + depthOf(l), 0);
  for (const [i, layer] of bodies.entries())
    if (i === filler) fill(layer, over(i + 1));
    else lay(layer, depthOf(layer), depthOf(layer));
  if (filler < 0) fill({ id: UNSAID, kind: "mix" }, 0);
  return strata;
}

/** Top of the drain layer, mm: of what drains from the base up, before the first layer that does not. */
export function drainTopMm(strata: readonly Stratum[]): number {
  const first = strata.findIndex((s) => s.kind !== "drain");
  return strata[(first < 0 ? strata.length : first) - 1]?.backMm ?? 0;
}
