import type { Measure } from "../../design/basics";
import { type FaceMaterial, foundFace, sheetFace } from "../../materials/face";
import { findMaterial } from "../../materials/find";
import type { FoundId } from "../../materials/names";
import type { Book, MaterialOf } from "../../materials/schema";
import type { Source } from "./schema";

/** A shelf that came with the shell. */
export interface Shelf {
  name: string;
  material: FoundId;
  thickness: Measure;
  width: Measure;
  depth: Measure;
  count: number;
}

/** What a dam or a floor is of, found in the book or among the shelves. */
export type Stuff =
  | { of: "wholeShelf" | "cutShelf"; shelf: Shelf; material: FaceMaterial }
  | { of: "glass"; glass: MaterialOf<"glass">; material: FaceMaterial }
  | { of: "sheet"; sheet: MaterialOf<"sheet">; material: FaceMaterial };

/** What a source names; undefined where the book or the shelves have it no more. */
export function stuffOf(source: Source, shelves: readonly Shelf[], book: Book): Stuff | undefined {
  if (source.of !== "bought") {
    const shelf = shelves.find((s) => s.name === source.shelf);
    return shelf && { of: source.of, shelf, material: foundFace(shelf.material, shelf.thickness.value) };
  }
  const glass = findMaterial(book, source.material, "glass");
  if (glass) return { of: "glass", glass, material: sheetFace(glass) };
  const sheet = findMaterial(book, source.material, "sheet");
  return sheet && { of: "sheet", sheet, material: sheetFace(sheet) };
}
