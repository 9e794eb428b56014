import { freeId } from "../../design/freeId";
import { statedMm } from "../../design/measure";
import { startsAt } from "../../features/begin";
import { featureKind } from "../../features/index";
import type { Feature } from "../../features/schema";
import { airStage } from "../../features/stages";
import { set } from "../../ledgers/fix";
import { materialsOf } from "../../materials/find";
import type { LeverKind, Setting } from "../lever";

/** Of its height as it is begun. */
const SHARES = [0.25, 0.4, 0.6, 0.8, 1, 1.3, 1.7, 2.2, 3] as const;
/** A wide vent takes no more of its face's free width than this. */
const MOST_WIDE = 0.85;

/** The same vent larger or smaller: its upper edge stays where it is begun, and from its own height on it gets wider too. */
function sized(begun: Feature, share: number, roomMm: number): Feature {
  const kind = featureKind(begun);
  const { widthMm, heightMm } = kind.size(begun);
  const extent = { widthMm: Math.min(roomMm * MOST_WIDE, widthMm * Math.max(1, share)), heightMm: heightMm * share };
  const own = structuredClone(begun) as unknown as Record<string, unknown>;
  for (const { path, mm, value } of kind.sized(begun, extent))
    own[path.slice(1)] = mm === undefined ? value : statedMm(Math.round(mm));
  const made = own as unknown as Feature;
  return { ...made, v: statedMm(Math.round(begun.v.value + (heightMm - kind.size(made).heightMm) / 2)) };
}

/** A vent more, where one is usually begun: from a small one to a large one, under each mesh that the book has. */
export const newVent: LeverKind = (site) =>
  startsAt(airStage.id).flatMap(({ make, stem, button }) => {
    const begun = make(site.shell, site.book);
    if (!begun) return [];
    const id = freeId(site.variant.features, stem);
    const feature = { ...begun, id } as Feature;
    const { room } = site.shell.faces[feature.face];
    const meshes = materialsOf(site.book, "mesh");
    const sides = meshes.map((mesh) =>
      SHARES.map((share, n): Setting => {
        const vent = { ...sized(feature, share, room.widthMm), mesh: mesh.id, meshOrigin: "made" } as Feature;
        const { widthMm, heightMm } = featureKind(vent).size(vent);
        return {
          far: (n + 1) / SHARES.length,
          words: `${site.say(widthMm)} × ${site.say(heightMm)} of ${mesh.name.toLowerCase()}`,
          patch: [set(site.at("/features/-"), vent)],
        };
      }),
    );
    return [{ id: `new-vent/${stem}`, name: button.replace(/^Add /, "A vent more: "), now: "none", sides }];
  });
