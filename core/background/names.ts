/** The walls a background stands on. */
export const WALLS = ["back", "left", "right"] as const;
export type WallId = (typeof WALLS)[number];

/** How a wall is built up; `core/background/buildUps.ts` says what each is. */
export const BUILD_UPS = ["foam", "panels", "board", "coirMat", "earth", "veneer", "bought", "none"] as const;
export type BuildUpId = (typeof BUILD_UPS)[number];

/** What a wall is finished with; `core/background/finishes.ts` says what each is. */
export const FINISHES = [
  "siliconeFibre",
  "puGlueFibre",
  "sprayGlueFibre",
  "waterproofer",
  "grout",
  "bareSkin",
] as const;
export type FinishId = (typeof FINISHES)[number];

/** What is pressed into glue as a wall's face. */
export const FIBRES = ["coir", "peat", "bark", "treeFern", "cork"] as const;
export type FibreId = (typeof FIBRES)[number];

/** What is drawn on a wall beside its own build-up. */
export const ZONE_KINDS = ["ledge", "foam", "slab", "branch", "planter", "bare", "mat", "earth", "bought"] as const;
export type ZoneKind = (typeof ZONE_KINDS)[number];

/** What holds wood or stone; from the least to the most. */
export const ANCHORS = ["foam", "silicone", "screwPlate", "floor"] as const;
export type AnchorId = (typeof ANCHORS)[number];

/** Into so many pieces side by side a wall is cut at most. */
export const MOST_PIECES = 8;
