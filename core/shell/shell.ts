import type { FaceId } from "../design/names";
import type { Variant } from "../document/schema";
import type { AirPath } from "../escape/airPath";
import type { Way } from "../escape/escape";
import type { Seat } from "../escape/names";
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
  /** Of a panel that is worked on the bench before the shell is put up: what its joints leave of it, on this face. */
  flat?: Rect;
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
  /** How far its front lies behind the inside of the front, mm; one that stands in the front's own plane is before it. */
  backMm?: number;
  /** It came with the shell. */
  found?: true;
  /** It stands in a bed of sealant of its own, not in a glued frame. */
  bedded?: true;
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
  /** The faces that meet in it, as far as they are the shell's own. */
  between?: readonly FaceId[];
  /** Its maker has run its bead. */
  found?: true;
}

/** Something of the bare shell that has weight, with the middle of it. */
export interface Solid {
  id: string;
  label: string;
  kg: number;
  at: Vec3;
}

/** A panel of a shell that is put up by whoever builds it. */
export interface KitPanel {
  id: string;
  label: string;
  /** The face it becomes; null for what stands in the front, or is left over. */
  face: FaceId | null;
  kg: number;
}

/** A shell that comes as panels. */
export interface PutUp {
  /** Whether its panels are worked flat before it is put up, and where that is said in the variant. */
  school: "undecided" | "flat" | "standing";
  schoolAt: string;
  panels: readonly KitPanel[];
  /** What holds it together, in words, and how many of it. */
  held: string;
  fasteners: number;
  /** What of the book is bought for it. */
  uses: readonly string[];
  toHand: readonly string[];
  /** From corner to corner of the front where it stands square, mm. */
  diagonalMm: number;
}

/**
 * A gap or an opening of the shell as found: between doors, round a lid, a strip of holes, a screen. It is aired through,
 * audited and drawn, and never cut.
 */
export interface FoundGap {
  id: string;
  label: string;
  face: FaceId;
  /** The opening whose doors or lid it belongs to: it is there only while what came with the shell closes that. */
  opening?: string;
  /** What could pass, but for its name. */
  way: Gap;
  seat: Seat;
  /** Along which something could be laid or put over it, mm. */
  lengthMm: number;
  /** How far it reaches the other way, mm; told where it is more than a line. */
  acrossMm?: number;
  /** In how many places that length lies, where not in one. */
  pieces?: number;
  /** Where it is drawn on its face. */
  at: readonly Rect[];
  air: readonly AirPath[];
  /** It is there for air. */
  vent?: true;
  /** What covers it, where that is not what holds its door or lid shut. */
  cover?: string;
  /** A sheet may be laid over part of it: where what that covers is typed in the variant, and how much it is now, of a hundred. */
  coverable?: { path: string; percent: number };
  /** What closes it: places in the variant, and what is put there. */
  mend?: { label: string; sets: readonly { path: string; value: unknown }[] };
}
/** A way out but for its name. */
export type Gap = DistributiveOmit<Way, "name">;
type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

/** The leaves of the doors a shell came with. */
export interface FoundDoors {
  opens: "swing" | "slide";
  leaves: readonly Rect[];
  thicknessMm: number;
  kg: number;
  /** The solid of the bare shell that they are, so that they are not weighed twice. */
  solid: string;
}

/** What of its own holds a door or lid shut, and whether it keeps a strong animal in. */
export interface OwnHold {
  words: string;
  firm: boolean;
}

/** A second floor as it lies in the middle of the base, mm. */
export interface SecondFloor {
  thicknessMm: number;
  lengthMm: number;
  widthMm: number;
  family: Family;
}

/** A background that came with the shell and stays. */
export interface Lining {
  face: FaceId;
  /** From the bare wall to its front, the gap behind it in it, mm. */
  depthMm: number;
  gapMm: number;
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

/** A pane of glass ordered cut to size, that stands or lies in the shell. */
export interface GlassPane {
  id: string;
  label: string;
  lengthMm: number;
  widthMm: number;
  thicknessMm: number;
  materialId: string;
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
  /** Its base is held at its edges only, over the stand. */
  baseHangs: boolean;
  /** Place in the variant where the room under its base is typed; null where it cannot be made larger. */
  underBasePath: string | null;
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
  /** The doors it came with; null without any. */
  doors: FoundDoors | null;
  /** What of their own holds the doors and lids it came with, by their openings. */
  held: Readonly<Record<string, OwnHold>>;
  /** A background it came with that is kept. */
  lining: Lining | null;
  /** A second floor bedded on the base, and what it is of; null without one. */
  secondFloor: SecondFloor | null;
  /** Walls whose upper edge is held by a rim, a top or another wall, and both side edges by walls. */
  heldWalls: FaceId[];
  /** An inner watertight tray in the middle of the base; its front is the dam. */
  tray: { widthMm: number; depthMm: number; heightMm: number; glassMm: number } | null;
  /** How it is put up; null where it stands already, or is glued as it is cut. */
  putUp?: PutUp;
  reusable: Reusable[];
  ownPanes: OwnPane[];
  glassPanes: GlassPane[];
  levels: Levels;
  /** Place in the variant of what holds ground and water at the front; null where nothing of the kind can be made. */
  damPath: string | null;
  /** What is put into the variant where no dam is planned yet, so that `damPath` is there. */
  damStart: { path: string; value: unknown } | null;
  /** Places in the variant where its inside is typed; null where it is not given by its inside. */
  insidePaths: { widthMm: string; depthMm: string; heightMm: string } | null;
}

/** Mass of the bare shell, kg. */
export const shellKg = (shell: Shell): number => shell.solids.reduce((sum, s) => sum + s.kg, 0);
