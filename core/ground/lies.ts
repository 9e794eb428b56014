import { perDesign } from "../cache/perDesign";
import { piecesTake } from "../hardscape/displaced";
import { LIES, liesIn } from "../levels/strata";
import { type FloorSite, floorOf, netM2 } from "./area";
import type { Lies } from "./layers/kind";
import type { Layer } from "./layers/schema";
import { fillOf } from "./mass";

/** What each layer comes to, in their order: litres as it lies, the land it lies on, and what it is cut for. */
export const layersLie = perDesign((site: FloorSite): { layer: Layer; lies: Lies }[] => {
  const floor = floorOf(site);
  const fills = fillOf(site);
  const groundMm = site.shell.levels.groundMm;
  return site.variant.ground.layers.map((layer) => {
    const zones = floor.zones.filter((z) => !z.pool && liesIn(layer, z.id));
    // Land without the pools that lie within it; and without what stands there, for what lies on top of all.
    const inIt = floor.zones.length === 1 ? floor.pools.reduce((sum, p) => sum + p.m2, 0) : 0;
    const landM2 = Math.max(0, zones.reduce((sum, z) => sum + z.m2, 0) - inIt);
    const topM2 = () =>
      zones.reduce((sum, z) => sum + netM2(site, floor, z, { fromMm: groundMm, toMm: groundMm + 1 }), 0);
    const litres =
      LIES[layer.kind] === "top" && "depth" in layer
        ? topM2() * (layer.depth?.value ?? 0)
        : (fills.find((f) => f.id === layer.id)?.litres ?? 0);
    return { layer, lies: { litres, landM2, ...rectOf(site, layer) } };
  });
});

/** The land as the rectangle a layer is cut for, and what is cut out of it. */
function rectOf(site: FloorSite, layer: Layer): Pick<Lies, "widthMm" | "depthMm" | "cutOut"> {
  const floor = floorOf(site);
  const zones = floor.zones.filter((z) => !z.pool && liesIn(layer, z.id));
  const xs = zones.flatMap((z) => z.outline.map((p) => p[0]));
  const ys = zones.flatMap((z) => z.outline.map((p) => p[1]));
  if (xs.length === 0) return { widthMm: 0, depthMm: 0, cutOut: "" };
  const [widthMm, depthMm] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
  const feet = site.variant.hardscape.some((p) => p.cutOut && piecesTake({ hardscape: [p] }).length > 0);
  const [own] = floor.pools;
  if (!own) return { widthMm, depthMm, cutOut: feet ? "the feet" : "" };
  const { width, length } = own.pool;
  // A pool from wall to wall leaves a rectangle beside it.
  if (length.value >= depthMm * 0.9 && width.value < widthMm)
    return { widthMm: widthMm - width.value, depthMm, cutOut: "" };
  if (width.value >= widthMm * 0.9 && length.value < depthMm)
    return { widthMm, depthMm: depthMm - length.value, cutOut: "" };
  return { widthMm, depthMm, cutOut: "the pool" };
}

/** Whether a layer is laid at all: some land is left for it, and some height. */
export const isLaid = (layer: Layer, lies: Lies): boolean =>
  lies.landM2 > 0 && (LIES[layer.kind] === "sheet" || lies.litres > 0);
