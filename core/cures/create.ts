import { CURES } from "./list";
import type { Cure } from "./schema";

/** What is laid there, and of which mesh where it is mesh. */
export type Choice = Pick<Cure, "kind" | "mesh">;

/** A choice as a list of them keeps it apart. */
export const choiceKey = ({ kind, mesh }: Choice): string => (mesh === null ? kind : `${kind}/${mesh}`);

/** Whether it is of mesh of the book, which leaves its own apertures open, rather than of a material of its own. */
export const isMesh = ({ kind }: Pick<Cure, "kind">): boolean => CURES[kind].material === null;

/**
 * A cure to be made for a gap, by an id of meaning: the gap and what is laid there.
 * @param cures that there are; a number tells it from one of that kind for another gap called alike
 */
export function newCure(way: string, choice: Choice, cures: readonly Cure[]): Cure {
  const stem = `${way}-${choice.kind}`
    .toLowerCase()
    .replace(/[^a-z0-9-]/g, "-")
    .slice(0, 58);
  let id = stem;
  for (let n = 2; cures.some((c) => c.id === id); n++) id = `${stem}-${n}`;
  return { id, way, ...choice, origin: "made" };
}
