/** What is unknown of a shell's air, by name. */
export const UNKNOWN_NAMES = [
  ...(["draught", "wetness", "films", "walls", "screens"] as const),
  ...(["holds", "watts", "mist", "store", "roomTemp", "roomRh"] as const),
] as const;
export type UnknownId = (typeof UNKNOWN_NAMES)[number];
