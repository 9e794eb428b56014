import type { FaceId } from "../../design/names";
import type { Variant } from "../../document/schema";
import type { Checker } from "../../ledgers/checker";
import type { Fix, TradeLedger } from "../../ledgers/ledger";
import type { Book } from "../../materials/schema";
import type { Shell } from "../shell";
import type { Site } from "../site";
import type { Survey } from "../survey";

/** An opening of a kind of shell. What can close it, each kind of closure knows. */
export interface OpeningRule {
  id: string;
  face: FaceId;
  /** It came with doors or a lid of its own. */
  shutAsFound: boolean;
  /** It is round: nothing square lies in it. */
  round?: true;
  mayStandOpen: boolean;
}

/** Another way to make the same shell. */
export interface Alternative {
  /** Names what it would make of the design, so that a snag taken up is not the next one. */
  id: string;
  label: string;
  patch: Fix["patch"];
  variant: Variant;
}

/** A starting shell. Everything that knows it lives in its folder; `kinds/index.ts` lists it. */
export interface ShellKind<S extends Variant["shell"] = Variant["shell"]> {
  kind: S["kind"];
  /** As a builder would call it, and what it is for. */
  label: string;
  words: string;
  survey: Survey;
  /** Its openings, the main one first. */
  openings: (shell: S) => readonly [OpeningRule, ...OpeningRule[]];
  /** Where the sheet it is made of is typed, in a variant; none for what is found. */
  sheetPath?: string;
  /** Whether it came from somewhere, with what was on it already; what is made of sheet has nothing found. */
  found: boolean;
  /** What a measure is of that no field of the survey asks; one that is of the same is asked for once. */
  nameOf?: (path: string, shell: S) => string | undefined;
  /** The step before which a guessed measure wants the tape, as it is said. */
  tapeBefore: string;
  /** Starting values; `first` measures are put into it. */
  starter: () => Pick<Variant, "shell"> & Partial<Pick<Variant, "closures" | "features" | "seal">>;
  check: (shell: S, variant: Variant, checker: Checker) => void;
  build: (variant: Variant, book: Book) => Shell;
  /** What only this kind has: parts, joints, steps, snags, figures. */
  plan: (site: Site) => TradeLedger;
  /** Other ways to make the same shell, that may need less sheet. */
  alternatives?: (site: Site) => Alternative[];
}
