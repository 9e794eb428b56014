import { findMaterial, materialsOf } from "../../materials/find";
import type { Book, MaterialOf } from "../../materials/schema";

/** Figures of a label by which the book says what a fitting is for. */
export const CATCH_PULL = "pull";
export const MAGNET_PULL = "magnet pull";
export const SCREWS = "screws";

/** A fitting's figure by its label's name; undefined where its label has none. */
export const pullOf = (book: Book, id: string, name: string): number | undefined =>
  findMaterial(book, id, "hardware")?.labelFigures[name]?.value;

const having = (book: Book, ...names: string[]): MaterialOf<"hardware">[] =>
  materialsOf(book, "hardware").filter((m) => names.some((name) => m.labelFigures[name] !== undefined));

/** What can hold an edge shut, and what a leaf can hang on. */
export const catchesIn = (book: Book): MaterialOf<"hardware">[] => having(book, CATCH_PULL, MAGNET_PULL);
export const hingesIn = (book: Book): MaterialOf<"hardware">[] => having(book, SCREWS);
