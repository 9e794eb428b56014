import type { Dam, Source } from "./schema";

/** Glass of the book that a dam is of where nothing else is said. */
export const orderedPane = (): Source => ({ of: "bought", material: "glass-6" });

/** A pane ordered for a dam. */
export const newDam = (heightMm: number): Dam => ({
  source: orderedPane(),
  height: { typed: String(heightMm), value: heightMm, how: "stated" },
  length: null,
});
