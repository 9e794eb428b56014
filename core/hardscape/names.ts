/** What a piece is of. */
export const STUFFS = ["wood", "cork", "stone"] as const;
/** What an end of a branch, or a piece as a whole, stands on or is held to. */
export const ENDS_ON = ["base", "ground", "left", "right", "back"] as const;
export type EndOn = (typeof ENDS_ON)[number];
/** What holds it there. */
export const HOLDS = ["loose", "silicone", "foam", "screwPlate"] as const;
export type Hold = (typeof HOLDS)[number];
