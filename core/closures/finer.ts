import { set } from "../ledgers/fix";
import type { Fix } from "../ledgers/ledger";
import { materialsOf } from "../materials/find";
import type { MaterialOf } from "../materials/schema";
import type { Site } from "../shell/site";
import { atMost } from "../units/tolerance";

/** Meshes of the book that hold back what a gap may be, put where another is chosen. @param at the place of the choice */
export const finerMeshes = (
  { book }: Pick<Site, "book">,
  now: MaterialOf<"mesh">,
  at: string,
  allowedMm: number,
): Fix[] =>
  materialsOf(book, "mesh")
    .filter((m) => m.id !== now.id && atMost(Math.max(...m.apertureMm), allowedMm))
    .map((m) => ({ label: `Use ${m.name.toLowerCase()}`, patch: [set(at, m.id)] }));
