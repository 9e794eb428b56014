/** Where a panel of the kit goes. */
export const PLACES = [
  "base",
  "top",
  "left",
  "right",
  "back",
  "foot",
  "head",
  "doorLeft",
  "doorRight",
  "spare",
] as const;
export type Place = (typeof PLACES)[number];

/** What holds the panels together; `fasteners.ts` says how long each may be. */
export const FASTENER_IDS = ["screw", "dowel", "blockScrew"] as const;
export type FastenerId = (typeof FASTENER_IDS)[number];
