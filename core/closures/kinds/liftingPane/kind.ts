import { statedMm } from "../../../design/measure";
import { groovedKind } from "../../groove/kind";
import type { LiftingPane } from "./schema";

/** A pane that stands in a groove at its foot and is lifted out of two at its sides. */
export const liftingPane = groovedKind<LiftingPane>({
  kind: "liftingPane",
  label: "pane lifting in grooves",
  face: "front",
  of: ({ head }) => ({
    ...{ clearMm: head.value, one: "pane", beside: "in the pane's grooves" },
    ...{ far: "under the pane", near: "over the pane", moves: "lifts" },
  }),
  start: ({ id }, groove, pane) => ({
    ...{ id, opening: id, origin: "made", lock: null, kind: "liftingPane" },
    ...{ groove, pane, head: statedMm(2) },
  }),
  button: "Fit a pane that lifts in grooves",
  unlocked: "What gets a toe under the pane's edge lifts it.",
  clearPath: "head",
  clear: ({ head }) => head,
});
