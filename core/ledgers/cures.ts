/** What something that cures may be used for once it has set far enough, in the order it comes to that. */
export const CURE_IDS = ["hold", "handle", "recoat", "carve", "wet", "safe"] as const;
export type CureId = (typeof CURE_IDS)[number];

/** Minutes from the end of the work to each, at 20 °C; what does not arise is left out. */
export type Cures = Partial<Record<CureId, number>>;
