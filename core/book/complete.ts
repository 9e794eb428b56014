import type { Book } from "../materials/schema";
import { starterBook } from "./starter";

/**
 * A book kept by an earlier version, with what the starter book has held since then added, unpriced. What is in the book
 * stays as the builder left it.
 */
export function completeBook(book: Book): Book {
  const known = new Set(book.materials.map((m) => m.id));
  const since = starterBook().materials.filter((m) => !known.has(m.id));
  return since.length === 0 ? book : { materials: [...book.materials, ...since] };
}
