/** Height of a board: half of what the page has between its head and its tally. */
export const BOARD_HEIGHT = { base: "34dvh", lg: "calc((100dvh - 96px) * 0.5)" };
