import type { ToldWay } from "../escape/facts";
import { materialsOf } from "../materials/find";
import type { Book } from "../materials/schema";
import { suits } from "./apply";
import { CURES } from "./list";
import { CURE_IDS } from "./names";
import type { Cure } from "./schema";

/** One thing that could be laid along a gap, as a list to choose from shows it. */
export interface Offered {
  /** What tells it from the others. */
  key: string;
  words: string;
  cure: Pick<Cure, "kind" | "mesh">;
}

/** Everything that suits a gap, whether or not it would be enough. */
export const offeredFor = (way: Pick<ToldWay, "seat">, book: Book): Offered[] =>
  CURE_IDS.filter((kind) => suits(CURES[kind], way)).flatMap((kind): Offered[] =>
    kind === "mesh"
      ? materialsOf(book, "mesh").map((mesh) => ({
          key: `mesh/${mesh.id}`,
          words: `${mesh.name}, over it`,
          cure: { kind, mesh: mesh.id },
        }))
      : [{ key: kind, words: CURES[kind].words, cure: { kind, mesh: null } }],
  );
