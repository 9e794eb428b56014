/** A day and a night: work that took longer was broken off. */
export const MOST_MINUTES = 1440;

/** From where a photograph was taken. */
export const VIEWS = ["front", "above", "below", "face"] as const;
export type View = (typeof VIEWS)[number];

/** Logs of their own that some steps have: they are over when that says so. */
export type OwnLogId = "waterTest" | "saw";

/** What a photograph can be of. */
export const PHOTO_OF = ["face", "thing", "step"] as const;

/** Why something had to be done again. */
export const REWORK_CAUSES = [
  "leak",
  "thinOrMissed",
  "ranOut",
  "rushedCure",
  "didNotFit",
  "letGo",
  "colour",
  "wrongOrder",
  "airOrDamp",
  "escape",
  "weight",
  "notReachable",
  "moved",
  "dirt",
  "forgotten",
  "other",
] as const;
export type ReworkCause = (typeof REWORK_CAUSES)[number];
