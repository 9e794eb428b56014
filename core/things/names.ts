/** Every kind of thing that can be taken in hand. */
export const THING_KINDS = [
  ...(["resident", "room", "size"] as const),
  ...(["survey", "kitPanel", "shelf", "tray", "dam", "secondFloor", "stand", "feature"] as const),
  ...(["bed", "substrate", "water", "divider", "box", "pool", "vessel", "stream"] as const),
  ...(["plant", "planting", "service", "piece"] as const),
  ...(["closure", "way", "gap"] as const),
  ...(["fixture", "circuit"] as const),
  ...(["beads", "liner", "stack", "layer", "decision", "test"] as const),
  ...(["wall", "zone", "swatch"] as const),
  ...(["sheet", "part", "odd", "slips"] as const),
  ...(["line", "step"] as const),
] as const;
export type ThingKindId = (typeof THING_KINDS)[number];

/** Lists of rows that things stand in; a stage shows those it has room for. */
export type RowsId =
  | ("residents" | "home" | "measured" | "openings")
  | ("levels" | "inIt" | "waysOut" | "closed")
  | ("hung" | "power")
  | ("faces" | "water" | "walls" | "swatches")
  | ("sheets" | "alsoCut");
