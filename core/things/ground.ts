import { layerKindOf } from "../ground/layers/kinds";
import type { Plan } from "../plan";
import { capital } from "../units/capital";
import { formatLengthWithUnit, formatNumber } from "../units/format";
import type { Thing, ThingKind } from "./thing";

const say = ({ site }: Plan, mm: number) => formatLengthWithUnit(mm, site.brief.units);
const one = (thing: Omit<Thing, "stage" | "what"> & { what?: string }): Thing[] => [
  { what: "layer", ...thing, stage: "ground" },
];

/** A layer of the substrate, from the base up. */
export const bed: ThingKind = {
  rows: "levels",
  list: ({ site }) =>
    site.variant.ground.layers.map((layer, i): Thing => {
      const kind = layerKindOf(layer);
      const depth = "depth" in layer ? layer.depth : undefined;
      const deep = depth ? formatLengthWithUnit(depth.value, site.brief.units) : depth === null ? "to the top" : "";
      const drains = layer.kind === "drain";
      return {
        ...{ kind: "bed", id: layer.id, name: capital(kind.word), what: "layer", stage: "ground" },
        paths: [`/ground/layers/${i}`, ...(drains ? ["/ground/outlet"] : [])],
        says: [deep, kind.of(layer)].filter((w) => w !== "" && w !== kind.word).join(", "),
      };
    }),
  off: (variant, id) => {
    variant.ground.layers = variant.ground.layers.filter((l) => l.id !== id);
  },
};

export const substrate: ThingKind = {
  rows: "levels",
  list: (plan) => {
    const { groundMm, groundFrontMm } = plan.shell.levels;
    const slopes = Math.abs(groundMm - groundFrontMm) > 0.5;
    return one({
      ...{ kind: "substrate", id: "ground", name: "Substrate" },
      paths: ["/shell/groundDepth", "/ground/front", "/ground/layers"],
      says:
        groundMm > 0
          ? `to ${say(plan, groundMm)}${slopes ? `, ${say(plan, groundFrontMm)} at the front` : ""}`
          : "none",
    });
  },
};

export const water: ThingKind = {
  rows: "levels",
  list: (plan) =>
    one({
      ...{ kind: "water", id: "water", name: "Water", what: "level" },
      paths: ["/seal/standingWater", "/ground/misting", "/ground/lost"],
      says: plan.shell.levels.waterMm > 0 ? `stands ${say(plan, plan.shell.levels.waterMm)}` : "none stands",
    }),
};

export const plant: ThingKind = {
  rows: "inIt",
  list: ({ site }) =>
    site.variant.ground.plants.map(
      (p, i): Thing => ({
        ...{ kind: "plant", id: p.id, name: p.name, what: "plant", stage: "ground", paths: [`/ground/plants/${i}`] },
        says: `${p.count}, grown ${formatLengthWithUnit(p.height.value, site.brief.units)} high`,
      }),
    ),
  off: (variant, id) => {
    variant.ground.plants = variant.ground.plants.filter((p) => p.id !== id);
  },
};

export const planting: ThingKind = {
  rows: "inIt",
  list: ({ site }) =>
    one({
      ...{ kind: "planting", id: "planting", name: "Settling in", what: "planting" },
      paths: ["/ground/roots", "/ground/wild", "/ground/crew", "/ground/quarantineDays", "/ground/settleWeeks"],
      says: `${formatNumber(site.variant.ground.quarantineDays.value)} days apart, ${formatNumber(site.variant.ground.settleWeeks.value)} weeks before animals`,
    }),
};

export const service: ThingKind = {
  rows: "inIt",
  list: ({ site }) =>
    site.variant.service.map(
      (s, i): Thing => ({
        ...{ kind: "service", id: s.id, name: s.name, what: "to be reached", stage: "ground" },
        paths: [`/service/${i}`],
      }),
    ),
  off: (variant, id) => {
    variant.service = variant.service.filter((s) => s.id !== id);
  },
};
