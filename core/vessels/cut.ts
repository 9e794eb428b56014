import type { Cut } from "../shell/section";
import type { Site } from "../shell/site";
import type { Point } from "../shell/space";
import { standingOf, vesselRect } from "./sizes";
import { vesselsOf } from "./split";

/** A vessel, or its water, as a section cuts it, in (across, up) mm. */
export interface VesselCut {
  id: string;
  kind: "vessel" | "water";
  points: Point[];
}

/** Dishes, pails and tubs where a section cuts them, with the water in them. */
export function cutVessels({ shell, variant }: Pick<Site, "shell" | "variant">, cut: Cut, atMm?: number): VesselCut[] {
  const along = cut === "frontBack";
  const plane = atMm ?? (along ? shell.inside.widthMm : shell.inside.depthMm) / 2;
  return vesselsOf(variant.vessels).flatMap((vessel): VesselCut[] => {
    const { uMm, vMm, widthMm, heightMm } = vesselRect(vessel);
    const [from, size, off, deep] = along ? [vMm, heightMm, uMm, widthMm] : [uMm, widthMm, vMm, heightMm];
    if (plane < off || plane > off + deep) return [];
    const { footMm, rimMm } = standingOf(vessel, shell.levels.groundMm);
    const t = vessel.wall.value;
    const box = (a: number, b: number, low: number, up: number): Point[] => [
      [a, low],
      [b, low],
      [b, up],
      [a, up],
    ];
    return [
      { id: `vessel-${vessel.id}`, kind: "vessel", points: box(from, from + size, Math.max(0, footMm), rimMm) },
      {
        ...{ id: `vessel-${vessel.id}-water`, kind: "water" },
        points: box(from + t, from + size - t, Math.max(0, footMm + t), Math.max(0, footMm + t + vessel.filled.value)),
      },
    ];
  });
}
