import type { FaceId } from "../design/names";
import type { Variant } from "../document/schema";
import type { FigureInput } from "../figures/figure";
import type { Levels } from "../levels/levels";
import type { FaceMaterial, Family } from "../materials/face";
import type { Sum } from "../units/sum";
import type { Rect } from "./faces";
import type { Profile } from "./profile";
import type { Size3 } from "./size";
import type { Frame, Point, Vec3 } from "./space";

/** One of the six inner sides. `outline` runs anticlockwise, u and v from the lower left corner of its own rectangle. */
export interface ShellFace {
  id: FaceId;
  material: FaceMaterial;
  /** True where there is no wall, only what the strips and the closure put there. */
  open: boolean;
  frame: Frame;
  outline: Point[];
  /** The rectangle within the outline in which a feature may stand at any height. */
  room: Rect;
}

/** Where hands, air and animals could pass when nothing closes it; a closure of the design names it by its id. */
export interface Opening extends Rect {
  id: string;
  face: "front" | "top";
}

/** A strip of a front frame, as a rectangle on the front face. */
export interface Strip extends Rect {
  id: string;
  role: "dam" | "ventRail" | "headRail" | "stile";
  label: string;
  material: FaceMaterial;
}

/** A piece of sheet to be cut, with the face it belongs to and how its two sizes came about. */
export interface Panel {
  id: string;
  label: string;
  face: FaceId;
  lengthMm: number;
  widthMm: number;
  thicknessMm: number;
  materialId: string;
  grained: boolean;
  working: { length: Sum; width: Sum };
}

/** A line where two panels are glued and, if long enough, screwed. */
export interface Joint {
  id: string;
  lengthMm: number;
  screws: number;
}

/** An inner corner line that a bead can be run along. */
export interface Seam {
  id: string;
  label: string;
  lengthMm: number;
  /** True where standing ground or water reaches it. */
  wet: boolean;
  /** True for the inner edges of the base. */
  foot: boolean;
}

/** Something of the bare shell that has weight, with the middle of it. */
export interface Solid {
  id: string;
  label: string;
  kg: number;
  at: Vec3;
}

/** A gap of the shell as found that is a way out: between doors, round a lid, through a hole left by hardware. */
export interface FoundGap {
  id: string;
  label: string;
  kind: "slot" | "round";
  mm: number;
  /** What covers it, where that is not what holds its door or lid shut. */
  cover?: string;
  /** What closes it: a place in the variant, and what is put there. */
  mend?: { label: string; path: string; value: unknown };
}

/** Panes that came with the shell and may be cut up. */
export interface Reusable {
  id: string;
  label: string;
  family: Family;
  thicknessMm: number;
  widthMm: number;
  heightMm: number;
  count: number;
}

/** A pane to be cut from the shell's own `reusable` ones. */
export interface OwnPane {
  id: string;
  label: string;
  lengthMm: number;
  widthMm: number;
  qty: number;
  working: { length: Sum; width: Sum };
}

/** The shell as it will stand: what every trade reads. */
export interface Shell {
  kind: Variant["shell"]["kind"];
  /** What it is, in words. */
  words: string;
  inside: Size3;
  outside: Size3;
  /** Legs or plinth under the outside of the base. */
  legsMm: number;
  profile: Profile;
  volumeMl: number;
  volumeWorking: { formula: string; inputs: FigureInput[] };
  faces: Record<FaceId, ShellFace>;
  strips: Strip[];
  /** The main one first. */
  openings: readonly [Opening, ...Opening[]];
  panels: Panel[];
  joints: Joint[];
  seams: Seam[];
  solids: Solid[];
  gaps: FoundGap[];
  /** Leaves of the doors it came with, which swing; 0 without any. */
  doorLeaves: number;
  /** Walls whose upper edge is held by a rim, a top or another wall, and both side edges by walls. */
  heldWalls: FaceId[];
  /** An inner watertight tray in the middle of the base; its front is the dam. */
  tray: { widthMm: number; depthMm: number; heightMm: number; glassMm: number } | null;
  reusable: Reusable[];
  ownPanes: OwnPane[];
  levels: Levels;
  /** Place in the variant of what holds ground and water at the front; null where the walls themselves do. */
  damPath: string | null;
  /** Places in the variant where its inside is typed; null where it is not given by its inside. */
  insidePaths: { widthMm: string; depthMm: string; heightMm: string } | null;
}

/** Mass of the bare shell, kg. */
export const shellKg = (shell: Shell): number => shell.solids.reduce((sum, s) => sum + s.kg, 0);
