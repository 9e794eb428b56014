import type { Facts } from "../ledgers/facts";
import type { Opening } from "../shell/shell";
import type { Site } from "../shell/site";
import { closedOpenings } from "./here";
import type { Leaf } from "./kind";
import { closureKind, kindsFor } from "./kinds/index";
import { type RoomTaken, roomTaken } from "./room/opens";
import type { Closure } from "./schema";

/** An opening as it is drawn and summed up. */
export interface DrawnOpening extends Pick<Opening, "id" | "face" | "widthMm" | "heightMm"> {
  /** How the stage sums up what closes it. */
  words: string;
  closure: DrawnClosure | null;
  /** Where its closure stands in the design's list; −1 for none. */
  index: number;
  /** What the ids of its figures begin with. */
  prefix: string;
  /** The kinds that could close it instead, with how their buttons and the opening are told. */
  others: { kind: Closure["kind"]; label: string; button: string; about: string }[];
}

/** What closes an opening, as it is drawn. */
export interface DrawnClosure extends Pick<Closure, "id" | "kind"> {
  /** What is opened: the slides, the lid, the doors; and what kind it is among others. */
  name: string;
  label: string;
  leaves: Leaf[];
  /** Where it takes room outside to be opened; null where it takes none. */
  opens: RoomTaken["where"] | null;
}

/** Every opening of the shell as it is drawn, the main one first. */
export const drawnOpenings = (site: Site, facts: Facts): DrawnOpening[] =>
  closedOpenings(site, facts).map(({ opening, closure, here }): DrawnOpening => {
    const { id, face, widthMm, heightMm } = opening;
    const own = {
      ...{ id, face, widthMm, heightMm, prefix: here.id("") },
      index: closure ? site.variant.closures.indexOf(closure) : -1,
      others: kindsFor(site.variant.shell, id)
        .filter(({ kind }) => kind !== closure?.kind)
        .map(({ kind, label, startWords }) => ({ kind, label, ...startWords(opening) })),
    };
    if (!closure) return { ...own, words: "open", closure: null };
    const kind = closureKind(closure);
    const leaves = kind.leaves(here, closure);
    return {
      ...own,
      words: kind.summary(here, closure),
      closure: {
        ...{ id: closure.id, kind: closure.kind, name: kind.what(opening), label: kind.label },
        ...{ leaves, opens: roomTaken(leaves, opening)?.where ?? null },
      },
    };
  });
