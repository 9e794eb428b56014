import type { Measure } from "../design/basics";
import type { Book } from "../materials/schema";

/** What limits are told with: places are JSON Pointers into the variant. */
export interface Checker {
  book: Book;
  say: (mm: number) => string;
  add: (path: string, message: string) => void;
  /** Says so when a measure is missing its limits. */
  between: (path: string, measure: Measure | null, lowMm: number, highMm: number, what: string) => void;
}
