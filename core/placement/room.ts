import { featureRect } from "../features/feature";
import { featureKind } from "../features/index";
import type { Feature } from "../features/schema";
import type { Rect } from "../shell/faces";
import type { Site } from "../shell/site";
import { vAtHeight } from "../shell/space";

/** Holes stay above the ground by this, so that litter does not close them: from memory. */
export const ABOVE_GROUND_MM = 10;

/** How close to its face's edges a feature may come, mm. What was found stands where it stands. */
export const edgeDistance = (feature: Feature): number =>
  feature.origin === "found" ? 0 : featureKind(feature).edgeMm(feature);

/** Where ground or water stands against a face, mm above the base. */
export const lowestFree = (site: Site) => Math.max(site.shell.levels.groundMm, site.shell.levels.waterMm);

/** The rectangle of its face a feature may take: clear of the edges, and of the ground on a wall. */
export function roomFor(site: Site, feature: Feature): Rect {
  const { room, frame } = site.shell.faces[feature.face];
  const edge = edgeDistance(feature);
  const upright = feature.face !== "top" && feature.face !== "base";
  const line = lowestFree(site);
  const dry = !featureKind(feature).mayBeWet(feature);
  const foot = upright && dry && line > 0 ? Math.max(edge, vAtHeight(frame, line) + ABOVE_GROUND_MM) : edge;
  return {
    uMm: room.uMm + edge,
    vMm: room.vMm + foot,
    widthMm: room.widthMm - 2 * edge,
    heightMm: room.heightMm - edge - foot,
  };
}

/** The span a feature's centre may move in on its face: inside the sheet, clear of the edges and of the ground. */
export function centreSpan(site: Site, feature: Feature): { u: [number, number]; v: [number, number] } {
  const room = roomFor(site, feature);
  const rect = featureRect(feature);
  return {
    u: [room.uMm + rect.widthMm / 2, room.uMm + room.widthMm - rect.widthMm / 2],
    v: [room.vMm + rect.heightMm / 2, room.vMm + room.heightMm - rect.heightMm / 2],
  };
}
