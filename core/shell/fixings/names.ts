/** What holds the panels of a box of sheet together; `list.ts` says what each is. */
export const FIXING_IDS = [
  "cementAndScrews",
  "adhesiveAndScrews",
  "weld",
  "siliconeOnly",
  "edgeProfiles",
  "hotGlue",
] as const;
export type FixingId = (typeof FIXING_IDS)[number];
