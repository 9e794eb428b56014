import { OWN_PANES } from "./ownPanes";
import type { Book, Material, MaterialOf, Pack } from "./schema";

/** The book's material of that id and class, or undefined. */
export function findMaterial<C extends Material["class"]>(book: Book, id: string, kind: C): MaterialOf<C> | undefined {
  return book.materials.find((m): m is MaterialOf<C> => m.id === id && m.class === kind);
}

/** Every material of one class, in the book's order. */
export const materialsOf = <C extends Material["class"]>(book: Book, kind: C): MaterialOf<C>[] =>
  book.materials.filter((m): m is MaterialOf<C> => m.class === kind);

/** The packs a material is sold in. */
export function packsOf(material: Material): Pack[] {
  switch (material.class) {
    case "sheet":
      return material.stock;
    case "glass":
      return [material.perM2];
    case "track":
      return [material.bar];
    default:
      return material.packs;
  }
}

/** A material's name as lists show it; panes the shell came with are in no book. */
export const materialName = (book: Book, id: string): string =>
  id === OWN_PANES ? "its own panes" : (book.materials.find((m) => m.id === id)?.name ?? id);
