import type { Variant } from "../document/schema";
import type { Rect } from "../shell/faces";
import type { Shell } from "../shell/shell";
import { over, under } from "../units/tolerance";
import { BUILD_UP } from "./buildUps";
import type { WallId } from "./names";
import type { Wall, Zone } from "./schema";
import { isPiece, ZONE, zoneDepthMm, zoneRect } from "./zones";

/** The strip left bare over the ground, so that it can be topped up: from memory. */
export const FOOT_OVER_MM = 20;

/** A wall's background as it will stand. */
export interface Cover {
  /** What its steps and parts are called by: the wall's face, or a patch's own place on it. */
  id: string;
  wall: Wall;
  /** Where it begins, above the base. */
  footMm: number;
  /** The rectangle round what it covers, on its face. */
  rect: Rect;
  /** What is covered, m²: the wall over its foot, less openings, keep-outs and bare zones. */
  m2: number;
  /** Left bare for openings, windows, mats and lamps, on its face. */
  bare: Rect[];
  /** What of that lies above the foot, m². */
  bareM2: number;
  /** Depth of the wall's own build-up between its valleys and ridges, mm. */
  meanMm: number;
  /** The furthest anything of it stands out, pieces apart, mm. */
  peakMm: number;
  /** Of foam or board, as it stands once carved, mL. */
  volumeMl: number;
  zones: Zone[];
}

/** Where a wall's background begins: as typed, or just over the ground. */
export function footOf(wall: Wall, shell: Shell): number {
  const { groundMm, groundFrontMm, waterMm } = shell.levels;
  const filled = Math.max(groundMm, groundFrontMm, waterMm);
  return wall.foot?.value ?? (filled > 0 ? Math.ceil(filled + FOOT_OVER_MM) : 0);
}

/** The depth of a wall's build-up, mean of valleys and ridges, mm; 0 for none. */
export const meanDepthMm = (wall: Pick<Wall, "buildUp" | "depth" | "relief">): number =>
  wall.buildUp === "none" ? 0 : wall.depth.value + (BUILD_UP[wall.buildUp].carved ? wall.relief.value / 2 : 0);

/** The depth of a wall's highest ridge, mm. */
export const ridgeMm = (wall: Pick<Wall, "buildUp" | "depth" | "relief">): number =>
  wall.buildUp === "none" ? 0 : wall.depth.value + (BUILD_UP[wall.buildUp].carved ? wall.relief.value : 0);

/** How far the backgrounds of all walls stand into the room, mm, by their mean; pieces of wood apart. */
export function coverDepths(variant: Pick<Variant, "background">, shell: Shell): Record<WallId, number> {
  const depth = (face: WallId) => {
    const wall = variant.background.walls.find((w) => w.face === face);
    const own = shell.lining?.face === face ? shell.lining.depthMm : 0;
    return wall && !shell.faces[face].open ? Math.max(own, meanDepthMm(wall)) : own;
  };
  return { back: depth("back"), left: depth("left"), right: depth("right") };
}

/** How far the wall stands out at a height on its middle line, for sections and the model, mm. */
export function standsOutMm(cover: Cover, uMm: number, vMm: number): number {
  const { wall, rect, bare, zones } = cover;
  if (under(vMm, rect.vMm) || over(vMm, rect.vMm + rect.heightMm)) return 0;
  const within = (r: Rect) => uMm >= r.uMm && uMm <= r.uMm + r.widthMm && vMm >= r.vMm && vMm <= r.vMm + r.heightMm;
  if (bare.some(within)) return 0;
  const here = zones.filter((z) => within(zoneRect(z)));
  const share = (vMm - rect.vMm) / Math.max(1, rect.heightMm);
  // Ridges as a builder would carve them: two waves up the wall, none at its edges.
  const relief = BUILD_UP[wall.buildUp].carved ? wall.relief.value : 0;
  const own = wall.depth.value + (relief / 2) * (1 - Math.cos(share * 4 * Math.PI));
  return here.reduce((depth, zone) => {
    if (isPiece(zone)) return depth;
    if (!ZONE[zone.kind].rounded) return zoneDepthMm(zone);
    const r = zoneRect(zone);
    const across = (2 * (vMm - r.vMm)) / r.heightMm - 1;
    return Math.max(depth, own + (zoneDepthMm(zone) - own) * Math.sqrt(Math.max(0, 1 - across * across)));
  }, own);
}
