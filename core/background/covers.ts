import type { Variant } from "../document/schema";
import { featureRect } from "../features/feature";
import { overlap, type Rect } from "../shell/faces";
import { workedRect } from "../shell/flat";
import { areaMm2, below } from "../shell/outline";
import type { Shell } from "../shell/shell";
import { vAtHeight } from "../shell/space";
import { type Cover, footOf, meanDepthMm, ridgeMm } from "./cover";
import { isBare, ZONE, zoneDepthMm, zoneRect } from "./zones";

const areaM2 = ({ widthMm, heightMm }: Rect) => (widthMm * heightMm) / 1e6;

/** What each wall's background covers and holds. Walls that are open, or built up of nothing, are left out. */
export function coversOf(shell: Shell, variant: Pick<Variant, "background" | "features">): Cover[] {
  return variant.background.walls.flatMap((wall) => {
    const face = shell.faces[wall.face];
    if (face.open || wall.buildUp === "none") return [];
    const footMm = footOf(wall, shell);
    const whole = workedRect(face);
    const footV = Math.max(whole.vMm, vAtHeight(face.frame, footMm));
    const rect: Rect = { ...whole, vMm: footV, heightMm: Math.max(0, whole.vMm + whole.heightMm - footV) };
    const zones = variant.background.zones.filter((z) => z.face === wall.face);
    const inRect = (r: Rect) => {
      const shared = overlap(r, rect);
      return shared ? areaM2(shared) : 0;
    };
    const bare = [
      ...variant.features.filter((f) => f.face === wall.face).map(featureRect),
      ...zones.filter(isBare).map(zoneRect),
    ];
    const bareM2 = bare.reduce((sum, r) => sum + inRect(r), 0);
    const aboveM2 = face.flat
      ? areaM2(rect)
      : Math.max(0, areaMm2(face.outline) - areaMm2(below(face.outline, footV))) / 1e6;
    const m2 = Math.max(0, aboveM2 - bareM2);
    const meanMm = meanDepthMm(wall);
    // m² × mm = litres.
    const extra = zones.reduce((sum, zone) => {
      const area = inRect(zoneRect(zone));
      return sum + (ZONE[zone.kind].adds?.(area, zoneDepthMm(zone) - meanMm, meanMm) ?? 0);
    }, 0);
    const own = zones.filter((z) => ZONE[z.kind].foamed).map(zoneDepthMm);
    return [
      {
        ...{ id: wall.face, wall, footMm, rect, m2, bare, bareM2, meanMm, zones },
        peakMm: Math.max(ridgeMm(wall), ...own),
        volumeMl: Math.max(0, m2 * meanMm + extra) * 1000,
      },
    ];
  });
}
