import { constant, type Figure } from "../figures/figure";
import { LIES } from "../levels/strata";
import type { Site } from "../shell/site";
import { fillBalance } from "./balance";
import { OVER_WATER_MM } from "./drain";
import { drainRoom } from "./drainRoom";
import { layerKindOf } from "./layers/kinds";
import { type Fill, fillOf } from "./mass";
import { SETTLES } from "./mix";
import { sharedWater } from "./pools";
import { siteFloor } from "./site";

/** Whether something the shell is filled with is substrate: what may fill up to its top. */
const isSubstrate = (kind: Fill["kind"]): boolean => kind !== "held" && kind !== "water" && LIES[kind] === "fills";

/** What fills up to the top, and what gathers beneath it. */
export function groundFigures(site: Site): Figure[] {
  const { shell } = site;
  const { levels } = shell;
  const floor = siteFloor(site);
  const list: Figure[] = [];
  const substrate = fillOf(site).filter((f) => isSubstrate(f.kind));
  if (substrate.length > 0)
    list.push({
      id: "ground/mix",
      label: "Substrate, as it lies",
      value: substrate.reduce((sum, f) => sum + f.litres, 0),
      unit: "L",
      formula: "Σ land, without what stands on it × mean of its depth at the front and at the back",
      inputs: [
        { name: "land", value: floor.landM2, unit: "m²" },
        { name: "its top at the front", value: levels.groundFrontMm, unit: "mm" },
        { name: "its top at the back", value: levels.groundMm, unit: "mm" },
        ...substrate.map((f) => ({ name: f.label, value: f.litres, unit: "L" })),
        constant("loose it is more, it settles by", SETTLES, ""),
      ],
    });
  list.push(...drainFigures(site));
  const { openL, heldL, soakedL } = sharedWater(site);
  if (levels.waterMm > 0 && openL + heldL + soakedL > 0)
    list.push({
      id: "ground/shared-water",
      label: "Water to fill it together",
      value: openL + heldL + soakedL,
      unit: "L",
      formula:
        "open water + voids of the drainage layer + voids of wet substrate, up to the water line, less what stands there",
      inputs: [
        { name: "open", value: openL, unit: "L" },
        { name: "in the drainage layer", value: heldL, unit: "L" },
        { name: "in wet substrate", value: soakedL, unit: "L" },
      ],
    });
  if (floor.zones.length > 1) list.push(...zoneFigures(site));
  return list;
}

/** What the drain layer holds. */
function drainFigures(site: Site): Figure[] {
  const { ground } = site.variant;
  const bodies = ground.layers.flatMap((l) => (l.kind === "drain" ? [l] : []));
  if (bodies.length === 0) return [];
  const floor = siteFloor(site);
  const free = drainRoom(site);
  const { capacityL } = fillBalance(ground, free);
  const names = [...new Map(bodies.map((l) => [l.body, l])).values()];
  return [
    {
      id: "ground/capacity",
      label: "The drainage layer holds",
      value: capacityL,
      unit: "L",
      rounding: "down",
      formula: "Σ land, without what stands on it × what water leaves free of the layer × its voids",
      inputs: [
        { name: "land", value: floor.landM2, unit: "m²" },
        { name: "without walls and pieces", value: free[0]?.landM2 ?? 0, unit: "m²" },
        { name: "free over the water", value: Math.max(0, ...free.map((s) => s.freeMm)), unit: "mm" },
        ...names.map((l) => constant(`voids of ${layerKindOf(l).of(l)}`, layerKindOf(l).voidShare!(l), "")),
        constant("it tops the water line by", OVER_WATER_MM, "mm"),
      ],
    },
  ];
}

/** Each part of the floor by itself. */
const zoneFigures = (site: Site): Figure[] =>
  siteFloor(site).zones.map((zone, i) => ({
    id: `ground/zone-${i + 1}`,
    label: `Floor ${zone.words}`,
    value: zone.m2,
    unit: "m²",
    formula: zone.pool ? "to the middle of its dividers; under water" : "to the middle of its dividers; land",
    inputs: [{ name: "of the whole floor", value: siteFloor(site).wholeM2, unit: "m²" }],
  }));
