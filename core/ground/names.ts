/** What a drain layer is made of; `core/ground/drain.ts` says what each is. */
export const DRAIN_BODIES = ["clay", "stones", "gravel", "eggCrate", "sponge", "mat"] as const;
export type DrainBody = (typeof DRAIN_BODIES)[number];

/** What keeps the ground out of the drain layer; `core/ground/barrier.ts` says how each keeps. */
export const BARRIERS = ["weedCloth", "twoScreens", "oneScreen", "filterPad", "fleece", "metalMesh"] as const;
export type BarrierId = (typeof BARRIERS)[number];

/** How water gets out. */
export const OUTLETS = ["none", "standpipe", "pump", "bulkhead"] as const;

/** How a plant is held where it grows; `core/ground/planting.ts` says what each takes. */
export const ROOTED = ["planted", "pinnedStainless", "pinnedZinc", "glued", "wedged", "moss"] as const;
export type Rooted = (typeof ROOTED)[number];
