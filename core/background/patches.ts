import { featureRect } from "../features/feature";
import { overlap } from "../shell/faces";
import type { Site } from "../shell/site";
import { type Cover, meanDepthMm } from "./cover";
import { newWall } from "./create";
import type { Wall } from "./schema";
import { isToMake } from "./toMake";
import { ZONE, zoneDepthMm, zoneRect } from "./zones";

/** Patches of mat, packed earth or bought panel on walls that are not up yet, each as a small wall of its own. */
export function patchesOf({ shell, variant }: Site): Cover[] {
  const { walls, zones } = variant.background;
  return zones.flatMap((zone): Cover[] => {
    const { madeAs } = ZONE[zone.kind];
    if (!madeAs || !("depth" in zone)) return [];
    const on = walls.find((w) => w.face === zone.face);
    if (!isToMake(on) || shell.faces[zone.face].open) return [];
    const wall: Wall = { ...(on ?? newWall(zone.face)), buildUp: madeAs, depth: zone.depth };
    const rect = zoneRect(zone);
    const bare = variant.features.filter((f) => f.face === zone.face).map(featureRect);
    const bareM2 = bare.reduce((sum, r) => {
      const shared = overlap(r, rect);
      return sum + (shared ? (shared.widthMm * shared.heightMm) / 1e6 : 0);
    }, 0);
    const m2 = Math.max(0, (rect.widthMm * rect.heightMm) / 1e6 - bareM2);
    return [
      {
        ...{ id: `${zone.face}/${zone.id}`, wall, footMm: rect.vMm, rect, m2, bare, bareM2, zones: [] },
        meanMm: meanDepthMm(wall),
        peakMm: zoneDepthMm(zone),
        volumeMl: m2 * zoneDepthMm(zone) * 1000,
      },
    ];
  });
}
