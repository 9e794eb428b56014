import { BARRIER } from "../ground/barrier";
import { DRAINS } from "../ground/drain";
import { MIX } from "../ground/mix";
import type { Plan } from "../plan";
import { formatLengthWithUnit, formatNumber } from "../units/format";
import type { Thing, ThingKind } from "./thing";

const say = ({ site }: Plan, mm: number) => formatLengthWithUnit(mm, site.brief.units);
const one = (thing: Omit<Thing, "stage" | "what"> & { what?: string }): Thing[] => [
  { what: "layer", ...thing, stage: "ground" },
];

export const drain: ThingKind = {
  rows: "levels",
  list: (plan) => {
    const { drain } = plan.site.variant.ground;
    return one({
      ...{ kind: "drain", id: "drain", name: "Drainage layer", paths: ["/ground/drain", "/ground/outlet"] },
      says: drain ? `${DRAINS[drain.body].name}, ${say(plan, drain.depth.value)}` : "none",
    });
  },
};

export const barrier: ThingKind = {
  rows: "levels",
  list: ({ site }) =>
    one({
      ...{ kind: "barrier", id: "barrier", name: "Barrier", paths: ["/ground/barrier"] },
      says: site.variant.ground.barrier ? BARRIER[site.variant.ground.barrier.kind].name : "none",
    }),
};

export const substrate: ThingKind = {
  rows: "levels",
  list: (plan) => {
    const { groundMm, groundFrontMm } = plan.shell.levels;
    const slopes = Math.abs(groundMm - groundFrontMm) > 0.5;
    return one({
      ...{ kind: "substrate", id: "ground", name: "Substrate" },
      paths: ["/shell/groundDepth", "/ground/front", "/ground/charcoal", "/ground/litter"],
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

export const mix: ThingKind = {
  rows: "levels",
  list: ({ site }) =>
    one({
      ...{ kind: "mix", id: "mix", name: "Mix", what: "substrate", paths: ["/ground/mix"] },
      says: site.variant.ground.mix.parts.map((p) => MIX[p.what].name).join(", ") || "nothing mixed yet",
    }),
};

export const pool: ThingKind = {
  rows: "inIt",
  list: (plan) => {
    const { pool } = plan.site.variant.ground;
    if (!pool) return [];
    return one({
      ...{ kind: "pool", id: "pool", name: "Pool", what: "water", paths: ["/ground/pool"], face: "base" },
      says: `${say(plan, pool.width.value)} × ${say(plan, pool.length.value)}`,
    });
  },
  off: (variant) => {
    variant.ground.pool = null;
  },
};

export const dish: ThingKind = {
  rows: "inIt",
  list: ({ site }) => {
    const { dish } = site.variant.ground;
    if (!dish) return [];
    return one({
      ...{ kind: "dish", id: "dish", name: "Dish", what: "water", paths: ["/ground/dish"] },
      says: `${formatNumber(dish.volume.value / 1000, 2)} L`,
    });
  },
  off: (variant) => {
    variant.ground.dish = null;
  },
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
