import type { Operation } from "fast-json-patch";
import type { PlacedWay } from "../escape/way";
import type { Checker } from "../ledgers/checker";
import type { Facts } from "../ledgers/facts";
import type { Fix, TradeLedger } from "../ledgers/ledger";
import type { Rect } from "../shell/faces";
import type { OpeningRule } from "../shell/kinds/kind";
import type { Opening, OwnHold } from "../shell/shell";
import type { Site } from "../shell/site";
import type { Closure } from "./schema";

/** Where a closure closes: its opening, its place in the build, and how what it makes is called. */
export interface Here {
  site: Site;
  opening: Opening;
  /** The closure's path in the build. */
  path: string;
  /** An id of the ledgers: `front/hang`; with its opening's name where that is not the main one. */
  id: (thing: string) => string;
  /** A subject or way of its own, told apart in the same manner. */
  own: (thing: string) => string;
  facts: Facts;
}

/** What goes into the design with a new closure, and how that is said. */
export interface Beside {
  patch: Operation[];
  words: string;
}

/** A leaf as it is drawn on its face, shut; with the name that is written on it. */
export interface Leaf {
  id: string;
  rect: Rect;
  name?: string;
  of: "glass" | "mesh" | "sheet";
  /** How it opens, for the model; none for what stays. */
  moves?: Moves;
}

/** How a leaf opens: about its hinges, up its face, off it, or along it. */
export type Moves =
  | { how: "swings"; hangs: "left" | "right" | "head"; thicknessMm: number }
  | { how: "stays"; thicknessMm: number }
  | { how: "lifts"; byMm: number; thicknessMm: number }
  | { how: "comesOff"; thicknessMm: number }
  | { how: "slides"; along: "u" | "v"; byMm: number; thicknessMm: number };

/** A kind of closure. All that is known of it lives in its folder; `core/closures/kinds/list.ts` lists it. */
export interface ClosureKind<C extends Closure = Closure> {
  kind: C["kind"];
  /** What it is called among others that could close an opening. */
  label: string;
  /** Whether it can close such an opening. */
  suits: (opening: OpeningRule) => boolean;
  /** How the stage sums it up: `two panes 770 × 430`. */
  summary: (here: Here, closure: C) => string;
  /** What is opened: the slides, the lid, the doors. */
  what: (opening: Opening) => string;
  /** What happens while nothing locks it. */
  unlocked: (opening: Opening) => string;
  /** What of its own holds it shut, beside its lock. */
  holds?: (here: Here) => OwnHold | undefined;
  check: (closure: C, path: string, checker: Checker) => void;
  /** One to begin with, and how its button and its opening are told. */
  start: (site: Site, opening: Opening) => C;
  startWords: (opening: Opening) => { button: string; about: string };
  /** What could be put into an opening that stands open, the simplest first. */
  offers: (site: Site, opening: Opening, beside: Beside) => Fix[];
  /** Its leaves on the opening's face; none where it is the face itself. */
  leaves: (here: Here, closure: C) => Leaf[];
  /** What would make it open in less room, itself kept. */
  opensSmaller?: (here: Here, closure: C) => Fix[];
  /** What is free of its opening once it stands open; the whole without. */
  passage?: (here: Here, closure: C) => Pick<Rect, "widthMm" | "heightMm">;
  ways: (here: Here, closure: C) => PlacedWay[];
  /** Parts, supplies, steps, snags, figures and facts, locks and the audit apart. */
  plan: (here: Here, closure: C) => TradeLedger;
}
