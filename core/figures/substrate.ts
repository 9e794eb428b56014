import { memory } from "./figure";

/** Wet ground in bulk, kg/m³ (source: rates-and-materials; 900–1200, from memory). */
export const WET_GROUND = { value: 1050, low: 900, high: 1200, basis: memory } as const;
/** Share of wet substrate that standing water still fills: its air. From memory. */
export const WET_VOIDS = { value: 0.3, low: 0.15, high: 0.45, basis: memory } as const;
