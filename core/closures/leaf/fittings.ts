import { type Known, memory } from "../../figures/figure";
import { findMaterial, materialsOf } from "../../materials/find";
import type { Book, MaterialOf } from "../../materials/schema";

/** Figures of a label by which the book says what a fitting is for. */
export const CATCH_PULL = "pull";
export const MAGNET_PULL = "magnet pull";
export const SCREWS = "screws";

/** What a magnet holds of its label: through paint, at no more than a millimetre. From memory. */
export const MAGNET: Known = { value: 0.5, low: 0.25, high: 0.5, basis: memory };

/** A fitting's figure by its label's name; undefined where its label has none. */
export const pullOf = (book: Book, id: string, name: string): number | undefined =>
  findMaterial(book, id, "hardware")?.labelFigures[name]?.value;

const having = (book: Book, ...names: string[]): MaterialOf<"hardware">[] =>
  materialsOf(book, "hardware").filter((m) => names.some((name) => m.labelFigures[name] !== undefined));

/** What can hold an edge shut, and what a leaf can hang on. */
export const catchesIn = (book: Book): MaterialOf<"hardware">[] => having(book, CATCH_PULL, MAGNET_PULL);
export const hingesIn = (book: Book): MaterialOf<"hardware">[] => having(book, SCREWS);
