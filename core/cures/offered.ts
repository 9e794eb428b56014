import type { ToldWay } from "../escape/facts";
import { materialsOf } from "../materials/find";
import type { Book } from "../materials/schema";
import { suits } from "./apply";
import { type Choice, choiceKey, isMesh } from "./create";
import { CURES } from "./list";
import { CURE_IDS } from "./names";

/** One thing that could be laid along a gap, as a list to choose from shows it. */
export interface Offered {
  key: string;
  words: string;
  choice: Choice;
}

/** Everything that suits a gap, whether or not it would be enough. */
export const offeredFor = (way: Pick<ToldWay, "seat">, book: Book): Offered[] =>
  CURE_IDS.filter((kind) => suits(CURES[kind], way)).flatMap((kind): Offered[] => {
    const of = (mesh: string | null, words: string): Offered => {
      const choice = { kind, mesh };
      return { key: choiceKey(choice), words, choice };
    };
    return isMesh({ kind })
      ? materialsOf(book, "mesh").map((mesh) => of(mesh.id, `${mesh.name}, over it`))
      : [of(null, CURES[kind].words)];
  });
