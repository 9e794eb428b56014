import type { Rect } from "../shell/faces";
import { capital } from "../units/capital";
import type { BuildUpId } from "./names";
import type { Piece, Planter, Zone } from "./schema";

/** What a kind of zone is, and what it does to the wall it is on. */
interface ZoneKindTraits {
  /** What it is called until it has a name of its own. */
  words: string;
  /** Wood, cork or stone, with how each kind is held to begin with. */
  piece?: { of: Piece["of"]; anchor: Piece["anchor"] };
  /** A pot let into the wall. */
  pot?: true;
  /** Left bare. */
  bare?: true;
  /** Its section is a half ellipse. */
  rounded?: true;
  /** Foam of its own, which may stand further out than the wall's. */
  foamed?: true;
  /** A patch that is made as a whole wall of its kind is. */
  madeAs?: BuildUpId;
  /** Foam it adds to the wall, in area × depth: its share of what it stands over the wall, or of the wall it takes away. */
  adds?: (areaM2: number, overMm: number, wallMm: number) => number;
}

/** A ledge's section is a half ellipse: its share of the rectangle round it. A pot is round. */
const ROUND_SHARE = Math.PI / 4;
const takesTheWall = (areaM2: number, _: number, wallMm: number) => -areaM2 * wallMm;

/** Every kind of zone. */
export const ZONE: Record<Zone["kind"], ZoneKindTraits> = {
  ledge: { words: "ledge", rounded: true, foamed: true, adds: (area, over) => area * Math.max(0, over) * ROUND_SHARE },
  foam: { words: "foam of another depth", foamed: true, adds: (area, over) => area * over },
  slab: { words: "slab", piece: { of: "cork", anchor: "foam" } },
  branch: { words: "branch", piece: { of: "wood", anchor: "screwPlate" } },
  planter: { words: "planter", pot: true, adds: (area, _, wallMm) => -ROUND_SHARE * area * wallMm },
  bare: { words: "bare strip", bare: true },
  mat: { words: "coir mat", madeAs: "coirMat", adds: takesTheWall },
  earth: { words: "packed earth", madeAs: "earth", adds: takesTheWall },
  bought: { words: "bought panel", madeAs: "bought", adds: takesTheWall },
};

/** The rectangle a zone takes on its wall. */
export const zoneRect = ({ u, v, width, height }: Zone): Rect => ({
  uMm: u.value - width.value / 2,
  vMm: v.value - height.value / 2,
  widthMm: width.value,
  heightMm: height.value,
});

/** A zone's own name, or what it is. */
export const zoneName = (zone: Zone): string => {
  const words = ZONE[zone.kind].words;
  return zone.name || capital(words);
};

/** How far a zone stands into the room from the bare wall, mm. */
export const zoneDepthMm = (zone: Zone): number => ("depth" in zone ? zone.depth.value : 0);

/** A pot let into a wall. */
export const isPlanter = (zone: Zone): zone is Planter => ZONE[zone.kind].pot === true;

/** Wood, cork or stone. */
export const isPiece = (zone: Zone): zone is Piece => ZONE[zone.kind].piece !== undefined;

/** Whether a zone is left bare. */
export const isBare = (zone: Zone): boolean => ZONE[zone.kind].bare === true;
