/** What can be laid along or over a gap; `core/cures/list.ts` says what each is. */
export const CURE_IDS = ["stop", "profile", "brush", "block", "mesh", "bulb", "foamTape"] as const;
export type CureId = (typeof CURE_IDS)[number];
