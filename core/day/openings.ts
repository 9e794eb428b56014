import type { Airway } from "../air/paths";
import type { ClimateOpening } from "../climate/format";
import type { AirPath, OpenMesh } from "../escape/airPath";
import type { Site } from "../shell/site";
import { under } from "../units/tolerance";

/** A mesh of so open a share as one of square apertures: nothing else of it is asked. */
function squareMesh({ porosity, wireMm }: OpenMesh) {
  const side = Math.sqrt(Math.min(0.999, porosity));
  const mm = Math.min(100, Math.max(0.01, (wireMm * side) / (1 - side)));
  return { apertureMm: [mm, mm] as [number, number], wireMm: Math.max(0.01, wireMm), layers: 1 };
}

/** More pieces of one gap than this are one, as far as air goes. */
const MOST_PIECES = 20_000;

/**
 * How wide, how high and how many. Air changes places through a hole that lies flat by how wide it is both ways: a gap is
 * told as squares of its own width side by side, never as one hole of all its area.
 */
function sizeOf({ grossMm2, uprightMm }: AirPath, lengthMm: number | undefined) {
  if (uprightMm !== null) return { widthMm: grossMm2 / uprightMm, heightMm: uprightMm, count: 1 };
  const gapMm = lengthMm ? grossMm2 / lengthMm : Math.sqrt(grossMm2);
  const count =
    lengthMm && under(gapMm, lengthMm) ? Math.min(MOST_PIECES, Math.max(1, Math.round(lengthMm / gapMm))) : 1;
  const side = Math.sqrt(grossMm2 / count);
  return { widthMm: side, heightMm: side, count };
}

/** One way of the air as the climate takes it; one too fine for it is left out. */
function openingOf(id: string, face: string, path: AirPath, lengthMm?: number): ClimateOpening[] {
  const size = sizeOf(path, lengthMm);
  if (under(Math.min(size.widthMm, size.heightMm), 0.1)) return [];
  return [
    {
      ...{ id, face, ...size, centreHeightMm: Math.max(0, path.zMm) },
      orientation: path.uprightMm === null ? "horizontal" : "vertical",
      ...(path.screens.length > 0 && { mesh: path.screens.map(squareMesh) }),
    },
  ];
}

/** Openings of the shell that nothing closes yet: all of each is open. */
const openOpenings = ({ shell, variant }: Pick<Site, "shell" | "variant">) =>
  shell.openings.filter((o) => !variant.closures.some((c) => c.opening === o.id));

/** All that air passes, with the doors' own gaps and what stands open. */
export function openingsOf(site: Pick<Site, "shell" | "variant">, airways: readonly Airway[]): ClimateOpening[] {
  const { heightMm } = site.shell.inside;
  return [
    ...airways.flatMap((a) =>
      a.paths.flatMap((path, n) => openingOf(`${a.id}-${n + 1}`, a.where, path, a.vent ? undefined : a.lengthMm)),
    ),
    ...openOpenings(site).flatMap(({ id, face, widthMm, heightMm: high, vMm }) =>
      openingOf(`${id}-open`, face, {
        ...{ grossMm2: widthMm * high, screens: [] },
        ...(face === "top" ? { zMm: heightMm, uprightMm: null } : { zMm: vMm + high / 2, uprightMm: high }),
      }),
    ),
  ];
}

/** Area of an opening that nothing closes, m², by its face. */
export const openM2 = (site: Pick<Site, "shell" | "variant">, face: string): number =>
  openOpenings(site).reduce((sum, o) => sum + (o.face === face ? (o.widthMm * o.heightMm) / 1e6 : 0), 0);
