import { statedMm } from "../../../design/measure";
import { groovedKind } from "../../groove/kind";
import type { SlidingLid } from "./schema";

/** A lid that is drawn forward out of grooves at its sides and back. */
export const slidingLid = groovedKind<SlidingLid>({
  kind: "slidingLid",
  label: "lid sliding in grooves",
  face: "top",
  of: ({ front }) => ({
    ...{ clearMm: front.value, one: "lid", beside: "in the lid's grooves" },
    ...{ far: "behind the lid", near: "before the lid", moves: "slides" },
  }),
  start: ({ id }, groove, pane) => ({
    ...{ id, opening: id, origin: "made", lock: null, kind: "slidingLid" },
    ...{ groove, pane, front: statedMm(1) },
  }),
  button: "Put a lid on that slides in grooves",
  unlocked: "An animal that walks under it pushes it open.",
  clearPath: "front",
  clear: ({ front }) => front,
});
