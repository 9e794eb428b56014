import type { ReworkCause, View } from "./names";

/** From where a photograph was taken. */
export const VIEW_WORDS: Record<View, string> = {
  front: "from the front",
  above: "from above",
  below: "from below",
  face: "of the face",
};

/** Why something had to be done again, as a builder says it. */
export const CAUSE_WORDS: Record<ReworkCause, string> = {
  leak: "it leaked",
  thinOrMissed: "too thin, or a patch missed",
  ranOut: "something ran out, or was wrong",
  rushedCure: "it had not set",
  didNotFit: "it did not fit",
  letGo: "a bond let go",
  colour: "the colour was not right",
  wrongOrder: "done in the wrong order",
  airOrDamp: "air or damp not as planned",
  escape: "a way out was found",
  weight: "too heavy, or it sagged",
  notReachable: "something could not be reached",
  moved: "it was moved",
  dirt: "dust, drips or scratches",
  forgotten: "something was forgotten",
  other: "something else",
};
