import type { Rect } from "../shell/faces";
import type { Piece, Zone } from "./schema";

/** What each zone is called until it has a name of its own. */
export const ZONE_WORDS: Record<Zone["kind"], string> = {
  ledge: "ledge",
  foam: "foam of another depth",
  slab: "slab",
  branch: "branch",
  planter: "planter",
  bare: "bare strip",
  mat: "coir mat",
  earth: "packed earth",
  bought: "bought panel",
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
  const words = ZONE_WORDS[zone.kind];
  return zone.name || words[0]!.toUpperCase() + words.slice(1);
};

/** How far a zone stands into the room from the bare wall, mm. */
export const zoneDepthMm = (zone: Zone): number => (zone.kind === "bare" ? 0 : zone.depth.value);

/** A pot let into a wall. */
export const isPlanter = (zone: Zone): boolean => zone.kind === "planter";

/** Wood, cork or stone. */
export const isPiece = (zone: Zone): zone is Piece => zone.kind === "slab" || zone.kind === "branch";
