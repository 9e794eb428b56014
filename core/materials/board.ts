import { type Known, memory, published } from "../figures/figure";
import type { Family } from "./face";
import { materialsOf } from "./find";
import type { Book, MaterialOf } from "./schema";

/** Flat stuff that panels of a box are of: a sheet that is sawn, or glass ordered cut to size. */
export interface Board {
  id: string;
  name: string;
  family: Family;
  thicknessMm: number;
  densityKgPerM3: Known;
  elasticGPa: Known;
  /** How much further it bends in years than at once. */
  creepFactor: Known;
  growthPerK: Known;
  grained: boolean;
  /** Nobody saws it here: it comes cut. */
  ordered: boolean;
  of: MaterialOf<"sheet"> | MaterialOf<"glass">;
}

const GLASS_GPA: Known = { value: 70, basis: published("en-572-1") };
/** Glass does not creep at room warmth. */
const NO_CREEP: Known = { value: 1, basis: memory };

/** Foam board is for backgrounds: no shell is made of it. */
const NOT_FOR_SHELLS: readonly MaterialOf<"sheet">["plastic"][] = ["xps"];

const sheetBoard = (of: MaterialOf<"sheet">): Board => ({ ...of, family: of.plastic, ordered: false, of });
const glassBoard = (of: MaterialOf<"glass">): Board => ({
  ...of,
  ...{ family: "glass", elasticGPa: GLASS_GPA, creepFactor: NO_CREEP, grained: false, ordered: true, of },
});

/** The sheets a shell, a door or a lid can be made of. */
export const shellSheets = (book: Book): MaterialOf<"sheet">[] =>
  materialsOf(book, "sheet").filter((s) => !NOT_FOR_SHELLS.includes(s.plastic));

/** What a box can be made of: those sheets, and glass cut to size. */
export const shellBoards = (book: Book): Board[] => [
  ...shellSheets(book).map(sheetBoard),
  ...materialsOf(book, "glass").map(glassBoard),
];

/** A sheet or a glass of the book by its id; undefined where it has none. */
export function boardOf(book: Book, id: string): Board | undefined {
  const found = book.materials.find((m) => m.id === id);
  return found?.class === "sheet" ? sheetBoard(found) : found?.class === "glass" ? glassBoard(found) : undefined;
}
