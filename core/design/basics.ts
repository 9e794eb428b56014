import * as v from "valibot";
import { parseLocal } from "./localTime";

/** Pieces every part of the Build document is made of. */
export const text = (max: number) => v.pipe(v.string(), v.maxLength(max, `Keep this under ${max} characters.`));
export const id = v.pipe(
  v.string(),
  v.regex(/^[a-z0-9][a-z0-9-]{0,63}$/, "An id is lower-case letters, digits and dashes."),
);
export const finite = v.pipe(v.number(), v.finite("This must be a finite number."));
export const range = v.object({ low: finite, high: finite });

/** Whether a thing came with the shell or is made for it. What was found is never cut, bought or drilled. */
export const origin = v.picklist(["made", "found"]);
/** What becomes of a found thing: kept where nothing is said; what is replaced is taken off, and made. */
export const fate = v.exactOptional(v.picklist(["kept", "mended", "replaced"]));
export type Fate = "kept" | "mended" | "replaced";

/** A whole number of things, at least one. */
export const count = v.pipe(
  finite,
  v.integer("Whole numbers only."),
  v.minValue(1, "At least one."),
  v.maxValue(200, "At most 200."),
);

/** What was typed, what it came to in the unit its place names (millimetres for lengths), and how it is known. */
export const MeasureSchema = v.object({
  typed: text(60),
  value: finite,
  how: v.picklist(["measured", "stated", "guessed"]),
  low: v.optional(finite),
  high: v.optional(finite),
});
export type Measure = v.InferOutput<typeof MeasureSchema>;

const WORDS = "A time is like 2026-03-02T09:00, and on a day that comes.";

/** Local time as it is stored. */
export const LocalTimeSchema = v.pipe(
  v.string(),
  v.regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/, WORDS),
  v.check((text) => parseLocal(text) !== undefined, WORDS),
);
