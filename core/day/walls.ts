import { BUILD_UP } from "../background/buildUps";
import { coversOf } from "../background/covers";
import type { ClimateInput } from "../climate/format";
import { FACES, type FaceId } from "../design/names";
import { type Known, memory, published } from "../figures/figure";
import { conductsOf } from "../materials/conducts";
import { areaMm2 } from "../shell/outline";
import type { Site } from "../shell/site";
import { openM2 } from "./openings";

export type ClimateWall = ClimateInput["walls"][number];

/** Resistance of the air at each side of a wall in a room, m²·K/W, by the way heat goes: ISO 6946, table 7. */
const iso = (value: number): Known => ({ value, basis: published("iso-6946") });
export const FILM = { level: iso(0.13), up: iso(0.1), down: iso(0.17) } as const;
const FILM_OF: Record<FaceId, Known> = {
  ...{ back: FILM.level, left: FILM.level, right: FILM.level, front: FILM.level },
  ...{ top: FILM.up, base: FILM.down },
};
/** A leaf over an open side is taken as a pane so thick, mm; nearly all of what it holds back are the films. From memory. */
const LEAF_MM: Known = { value: 4, low: 3, high: 19, basis: memory };
/** What wet substrate conducts, W/(m·K). From memory. */
export const GROUND_CONDUCTS: Known = { value: 0.6, low: 0.2, high: 1.5, basis: memory };
/** What a background that came with the shell conducts, W/(m·K): rigid foam. From memory. */
const LINING_CONDUCTS: Known = { value: 0.035, basis: memory };

/** What lies before a wall, as so much of its area under so much resistance, m²·K/W. */
function linedWith(
  site: Pick<Site, "shell" | "variant">,
  face: FaceId,
  areaM2: number,
): { m2: number; resists: number }[] {
  const { shell, variant } = site;
  if (face === "base") {
    const mm = (shell.levels.groundMm + shell.levels.groundFrontMm) / 2;
    return mm > 0 ? [{ m2: areaM2, resists: mm / 1000 / GROUND_CONDUCTS.value }] : [];
  }
  if (shell.lining?.face === face)
    return [{ m2: areaM2, resists: shell.lining.depthMm / 1000 / LINING_CONDUCTS.value }];
  return coversOf(shell, variant)
    .filter((c) => c.wall.face === face)
    .map(({ wall, m2, meanMm }) => ({
      m2: Math.min(m2, areaM2),
      resists: meanMm / 1000 / BUILD_UP[wall.buildUp].conducts.value,
    }));
}

/**
 * The walls as heat passes them: U by ISO 6946, with foam, boards and substrate before them side by side with what is bare.
 * What stands open is no wall.
 * @returns areas in m², U in W/(m²·K)
 */
export function wallsOf(site: Pick<Site, "shell" | "variant">): ClimateWall[] {
  return FACES.flatMap((face): ClimateWall[] => {
    const { outline, material, open } = site.shell.faces[face];
    const areaM2 = Math.max(0, areaMm2(outline) / 1e6 - openM2(site, face));
    if (areaM2 <= 1e-9) return [];
    const own = open
      ? LEAF_MM.value / 1000 / conductsOf("glass").value
      : material.thicknessMm / 1000 / conductsOf(material.family).value;
    const film = FILM_OF[face].value;
    const bare = 2 * film + own;
    const lined = open ? [] : linedWith(site, face, areaM2);
    const linedM2 = lined.reduce((sum, l) => sum + l.m2, 0);
    const passes = lined.reduce((sum, l) => sum + l.m2 / (bare + l.resists), Math.max(0, areaM2 - linedM2) / bare);
    return [{ face, areaM2, uWPerM2K: passes / areaM2, rSiM2KPerW: film }];
  });
}

/** What all walls lose together, W/K. */
export const wallsWPerK = (walls: readonly ClimateWall[]): number =>
  walls.reduce((sum, w) => sum + w.areaM2 * w.uWPerM2K, 0);
