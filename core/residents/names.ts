/** How an animal's body passes gaps; each has its own default factor (source: doors-and-gaps). */
export const BODIES = ["scaled", "softBodied", "hardBodied", "flattener"] as const;
export type Body = (typeof BODIES)[number];
