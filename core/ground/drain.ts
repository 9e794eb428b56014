import { type Known, label, memory, practice } from "../figures/figure";
import type { DrainBody } from "./names";

/** A drain layer's body. */
export interface DrainKind {
  name: string;
  /** Share of it that water can fill. */
  voidShare: Known;
  /** Dry, as it lies, kg/m³. */
  bulkKgPerM3: Known;
  /** Bought by the litre as a `fill` of this form, or cut from grid or mat by the square metre. */
  bought: "fill" | "cloth";
  mind: string;
}

const k = (value: number, basis: Known["basis"], low: number, high: number): Known => ({ value, low, high, basis });

/** Bodies of a drain layer (source: ground; docs/trade-coverage.md, A13). */
export const DRAINS: Record<DrainBody, DrainKind> = {
  clay: {
    name: "expanded clay",
    voidShare: k(0.42, practice, 0.4, 0.45),
    bulkKgPerM3: k(400, label, 350, 450),
    bought: "fill",
    mind: "Rinse until it runs clear; soaked first it gives humidity from the first day.",
  },
  stones: {
    name: "lava rock or stones",
    voidShare: k(0.42, memory, 0.35, 0.5),
    bulkKgPerM3: k(900, memory, 750, 1500),
    bought: "fill",
    mind: "Heavy: weigh it before it is lifted in.",
  },
  gravel: {
    name: "gravel",
    voidShare: k(0.42, practice, 0.35, 0.45),
    bulkKgPerM3: k(1500, memory, 1400, 1700),
    bought: "fill",
    mind: "Heavy: weigh it before it is lifted in; rinse it until the water is clear.",
  },
  eggCrate: {
    name: "egg-crate grid on legs",
    voidShare: k(0.9, practice, 0.85, 0.95),
    bulkKgPerM3: k(40, memory, 25, 60),
    bought: "cloth",
    mind: "Cut on whole cells, joined by ties; its legs stand on the base, a rim of clay closes its edge.",
  },
  sponge: {
    name: "recycled foam or filter mat",
    voidShare: k(0.85, memory, 0.7, 0.95),
    bulkKgPerM3: k(30, memory, 20, 45),
    bought: "cloth",
    mind: "It settles under load: lay it a fifth thicker.",
  },
  mat: {
    name: "drainage mat",
    voidShare: k(0.9, memory, 0.8, 0.95),
    bulkKgPerM3: k(40, memory, 30, 60),
    bought: "cloth",
    mind: "Thin: it carries off what runs down and stores little; cut it to the walls.",
  },
};

/** Clay and charcoal soak about half an hour (trade practice). */
export const SOAK_MINUTES = 30;

/** Drain layers are 25–40 mm for moderate humidity and 50–100 for wet (source: ground). */
export const DRAIN_DEPTH_MM = {
  moderate: { low: 25, high: 40 },
  wet: { low: 50, high: 100 },
  basis: practice,
} as const;
/** The drain layer tops the water line by 10–20 mm, or the land is soaked (source: ground). */
export const OVER_WATER_MM = { value: 15, low: 10, high: 20, basis: practice } as const;
/** A drain layer that reaches its barrier sooner than this wants a way out: from memory. */
export const SOON_DAYS = { value: 180, basis: memory } as const;
/** Of what is misted, how much leaves with the air; a guess until the climate is reckoned. */
export const LOST_PERCENT: Known = k(70, memory, 40, 95);
