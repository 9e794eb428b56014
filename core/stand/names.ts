/** What a shelf board on brackets is of; `stuffs.ts` says how stiff each is. */
export const BOARD_IDS = ["timber", "plywood", "chipboard", "mdf", "glass", "steel"] as const;
export type BoardId = (typeof BOARD_IDS)[number];
