/** How the page of an open build shares its room out: in one place, for what must agree. */

/** Heights of the head and of the tally at the foot, px. */
const HEAD_PX = 44;
const TALLY_PX = 52;
/** Of what is left, the board has this share where the rows lie under it. */
const BOARD_SHARE = 0.5;
/** What is in hand and the snags, beside the board. */
export const SIDE_WIDTH = "336px";
/** Where there is no room beside the board they lie over it, between head and tally. */
export const SIDE_OVER = { top: `${HEAD_PX}px`, bottom: `${TALLY_PX}px` };
/** On a phone they come from below, as high as this. */
export const SIDE_BELOW = "46dvh";
/** What is in hand never takes all of the side: this much stays for the snags. */
export const SNAGS_LEAST = "232px";

/** Height of a board. */
export const BOARD_HEIGHT = {
  base: "34dvh",
  lg: `calc((100dvh - ${HEAD_PX + TALLY_PX}px) * ${BOARD_SHARE})`,
};
/** The most that what is in hand takes of the side. */
export const IN_HAND_MOST = `calc(100dvh - ${HEAD_PX + TALLY_PX}px - ${SNAGS_LEAST})`;
