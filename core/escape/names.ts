/**
 * What sort of gap it is, for what closes it: between two door leaves, along a door's other edges, under a lid or a screen
 * that rests on its rim, at a notch for a cable, beside panes that slide, a hole, a strip of holes, a screen, or any other.
 */
export const SEATS = ["meeting", "edge", "rim", "notch", "slide", "hole", "strip", "screen", "other"] as const;
export type Seat = (typeof SEATS)[number];
