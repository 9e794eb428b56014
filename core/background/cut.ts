import type { Cut } from "../shell/section";
import type { Shell } from "../shell/shell";
import { outwards, type Point, toSpace, type Vec3 } from "../shell/space";
import { BUILD_UP } from "./buildUps";
import { type Cover, standsOutMm } from "./cover";
import { isPiece, isPlanter, zoneDepthMm, zoneRect } from "./zones";

/** A piece of a background in a section, in (across, up) mm. */
export interface CoverPiece {
  id: string;
  kind: "foam" | "mat" | "earth" | "piece" | "planter";
  points: Point[];
}

/** Points a profile is drawn by, foot to head. */
const STEPS = 60;

/** A point of a wall's face, drawn out into the room. */
export function outIntoRoom(shell: Shell, cover: Cover, at: Point, depthMm: number): Vec3 {
  const { frame } = shell.faces[cover.wall.face];
  const [x, y, z] = toSpace(frame, at);
  const [ox, oy, oz] = outwards(frame, at);
  return [x - ox * depthMm, y - oy * depthMm, z - oz * depthMm];
}

/** The heights a wall is sampled at, foot to head. */
const heights = ({ rect }: Cover): number[] =>
  Array.from({ length: STEPS + 1 }, (_, i) => rect.vMm + (rect.heightMm * i) / STEPS);

/**
 * The walls' backgrounds as a section cuts them: their own profile, and what is bedded in them there.
 * @param atMm where it is cut, along the wall; the wall's middle without
 */
export function cutCovers(shell: Shell, covers: readonly Cover[], cut: Cut, atMm?: number): CoverPiece[] {
  const axis = cut === "frontBack" ? 1 : 0;
  const seen = covers.filter((c) => (cut === "frontBack" ? c.wall.face === "back" : c.wall.face !== "back"));
  return seen.flatMap((cover): CoverPiece[] => {
    if (cover.rect.heightMm <= 0) return [];
    const u = atMm ?? cover.rect.uMm + cover.rect.widthMm / 2;
    const place = (at: Point, depth: number): Point => {
      const p = outIntoRoom(shell, cover, at, depth);
      return [p[axis], p[2]];
    };
    const up = heights(cover);
    const own: CoverPiece = {
      id: cover.wall.face,
      kind: BUILD_UP[cover.wall.buildUp].carved ? "foam" : cover.wall.buildUp === "earth" ? "earth" : "mat",
      points: [
        ...up.map((v) => place([u, v], 0)),
        ...[...up].reverse().map((v) => place([u, v], standsOutMm(cover, u, v))),
      ],
    };
    const bedded = cover.zones.flatMap((zone): CoverPiece[] => {
      if (!isPiece(zone) && !isPlanter(zone)) return [];
      const r = zoneRect(zone);
      if (u < r.uMm || u > r.uMm + r.widthMm) return [];
      const from = standsOutMm(cover, u, zone.v.value) / 2;
      const to = Math.max(from + 1, zoneDepthMm(zone));
      const [low, high] = [r.vMm, r.vMm + r.heightMm];
      return [
        {
          id: zone.id,
          kind: isPlanter(zone) ? "planter" : "piece",
          points: [place([u, low], from), place([u, low], to), place([u, high], to), place([u, high], from)],
        },
      ];
    });
    return [own, ...bedded];
  });
}
