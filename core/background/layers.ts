import type { LayerId } from "../design/names";
import { bondOf } from "../seal/bonds/judge";
import type { Applied, Surface } from "../seal/bonds/names";
import type { Layer } from "../seal/schema";
import { type JudgedLayer, judgeStack } from "../seal/stack/judgeStack";
import { layerKind, surfaceAfter } from "../seal/stack/layers";
import { SURFACE_OF } from "../seal/stack/surfaceOf";
import type { Site } from "../shell/site";
import { FINISH } from "./finishes";
import type { BuildUpId } from "./names";
import type { Wall } from "./schema";

const layer = (id: LayerId, damp = false): Layer => ({ id: id.toLowerCase(), layer: id, coats: null, damp });

/** What a build-up that is no foam is put on as. */
const PUT_AS: Partial<Record<BuildUpId, Applied>> = {
  coirMat: "coirMat",
  earth: "earth",
  veneer: "slips",
  bought: "mouldedPanel",
};

/** The layers a wall's background adds, from what it stands on outwards. */
export function wallLayers(wall: Wall): Layer[] {
  const finish = FINISH[wall.finish].layers.map((id) => layer(id, wall.damp));
  const carve = wall.skinOff ? [layer("carve")] : [];
  switch (wall.buildUp) {
    case "foam":
    case "panels":
      return [layer(wall.foam), ...carve, ...finish];
    case "board":
      return finish;
    default:
      return [];
  }
}

/** What a wall's background meets: the last coat of its seal, or the bare wall; board where it is made outside. */
function startOf(site: Site, wall: Wall): { surface: Surface | undefined; under: Layer[] } {
  if (wall.buildUp === "panels" || wall.buildUp === "board") return { surface: "xps", under: [] };
  return {
    surface: SURFACE_OF[site.shell.faces[wall.face].material.family],
    under: site.variant.seal.stacks.find((s) => s.face === wall.face)?.layers ?? [],
  };
}

/** The surface the last of some layers leaves; beads run along the edges and leave the face as it is. */
const leftBy = (surface: Surface | undefined, layers: readonly Layer[]): Surface | undefined =>
  layers.reduce((on, { layer: id }) => surfaceAfter(on, layerKind(id)), surface);

/** A wall's own layers, each judged against what it meets. */
export function judgedWall(site: Site, wall: Wall): JudgedLayer[] {
  const { surface, under } = startOf(site, wall);
  return judgeStack(surface, [...under, ...wallLayers(wall)]).slice(under.length);
}

/** How a build-up that is put on whole holds on what it meets; undefined for foam and board, whose layers are judged. */
export function wholeBond(site: Site, wall: Wall) {
  const put = PUT_AS[wall.buildUp];
  const { surface, under } = startOf(site, wall);
  const on = leftBy(surface, under);
  return put && on ? { put, on, bond: bondOf(put, on) } : undefined;
}
