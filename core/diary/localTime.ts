import * as v from "valibot";
import { parseLocal } from "./calendar";

const WORDS = "A time is like 2026-03-02T09:00, and on a day that comes.";

/** Local time as it is stored. */
export const LocalTimeSchema = v.pipe(
  v.string(),
  v.regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/, WORDS),
  v.check((text) => parseLocal(text) !== undefined, WORDS),
);
