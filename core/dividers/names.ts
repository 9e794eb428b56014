/** What a layer of a divider is of; `core/dividers/stuffs.ts` says what each is. */
export const DIVIDER_STUFFS = ["glass", "acrylic", "twinWall", "mesh", "foamStone"] as const;
export type DividerStuff = (typeof DIVIDER_STUFFS)[number];

/** The edges of the floor that a divider's ends stand on. */
export const EDGES = ["front", "back", "left", "right"] as const;
export type Edge = (typeof EDGES)[number];
