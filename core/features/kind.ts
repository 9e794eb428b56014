import type { PlacedWay } from "../escape/way";
import type { FigureInput } from "../figures/figure";
import type { Checker } from "../ledgers/checker";
import type { Stage, TradeLedger } from "../ledgers/ledger";
import type { Book } from "../materials/schema";
import type { Rect } from "../shell/faces";
import type { Shell } from "../shell/shell";
import type { Site } from "../shell/site";
import type { Feature } from "./schema";

/** Outer size on its face, mm. */
export interface Extent {
  widthMm: number;
  heightMm: number;
}

/** What is cut of a feature, about its middle on its face, mm. */
export type CutShape =
  | { shape: "circle"; uMm: number; vMm: number; diaMm: number }
  | { shape: "ellipse"; widthMm: number; heightMm: number }
  | { shape: "rectangle"; widthMm: number; heightMm: number; cornerMm: number };

/** What air passes of a feature. */
export interface Airs {
  /** Gross opening, mm². */
  grossMm2: number;
  /** The formula of its area, and what went into it. */
  formula: string;
  inputs: FigureInput[];
}

/** How a feature may be made to fit its face. */
export interface Fitted extends Extent {
  label: string;
  sizes: SizeChange[];
}

/** A change of a feature's own size; a path from the feature on, and a value in mm or a number of its own. */
export interface SizeChange {
  path: string;
  mm?: number;
  value?: number;
}

/** Room that a feature keeps free of everything else. */
export interface Clearance {
  depthMm: number;
  reason: string;
}

/** What the way to it is told with. */
export interface Reaching {
  /** How one gets inside, in words. */
  through: string;
}

/** One to begin with. */
export interface Start<F extends Feature = Feature> {
  /** What its button says. */
  button: string;
  /** What its id begins with. */
  stem: string;
  /** Where there is room for it on a shell, of the book's materials; undefined where the book has none for it. */
  make: (shell: Shell, book: Book) => Omit<F, "id"> | undefined;
}

/** A kind of feature. All that is known of it lives in its folder; `core/features/list.ts` lists it. */
export interface FeatureKind<F extends Feature = Feature> {
  kind: F["kind"];
  /** The stage it is drawn and judged at. */
  stage: Stage;
  starts: readonly Start<F>[];
  size: (feature: F) => Extent;
  /** What cannot be planned at all. */
  check: (feature: F, path: string, checker: Checker) => void;
  /** What is cut through the face; none for what only keeps its place free. */
  cut: (feature: F) => readonly CutShape[];
  /** What is cut, in words for a template. */
  cutWords: (feature: F, say: (mm: number) => string) => string;
  /** How near an edge of its face it may come, mm, and why. */
  edgeMm: (feature: F) => number;
  edgeReason: string;
  /** Whether it may stand under the line of ground and water. */
  mayBeWet: (feature: F) => boolean;
  /** The largest like it that its face gives, in a rectangle of it. */
  fitted: (feature: F, room: Rect) => Fitted | undefined;
  /** What makes it so large, as nearly as its kind can be, where it is sized by its edges. */
  sized: (feature: F, extent: Extent) => SizeChange[];
  /** Figures to read beside its fields, with what they are called there. */
  readings?: (feature: F) => readonly { figure: string; label: string }[];
  /** Whether a coat leaves its place out. */
  masked: (feature: F) => boolean;
  /** What a background may not cover it for. */
  stayFree: (feature: F) => { title: string; reason: string };
  /** Whether it may stand on something of mesh. */
  standsOnMesh?: (feature: F) => boolean;
  airs?: (feature: F) => Airs;
  /** The material of the mesh over it, null where it stands open. */
  mesh?: (feature: F) => string | null;
  /** Whether sealant holds it in its place. */
  bedded?: (feature: F) => boolean;
  drains?: (feature: F) => boolean;
  /** Whether something of it stands out of the shell there: a hose, a cable, a lamp. */
  standsOut?: (feature: F) => boolean;
  /** What passes it: how wide it is, mm, and where that is typed, from the feature on. */
  passes?: (feature: F) => { boreMm: number; path: string };
  clearance?: (feature: F) => Clearance;
  /** Ways out, with the path of the feature in the build. */
  ways: (site: Site, feature: F, path: string) => PlacedWay[];
  /** How it is reached for service, one line each. */
  reached: (feature: F, reaching: Reaching) => { label: string; way: string }[];
  /** Parts, supplies, steps, snags and figures of one feature, with its path in the build. */
  plan: (site: Site, feature: F, path: string) => TradeLedger;
}
