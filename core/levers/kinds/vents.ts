import { featureName, meshOf } from "../../features/feature";
import { featureKind } from "../../features/index";
import type { Feature } from "../../features/schema";
import { isVent } from "../../features/vents";
import { set, setMm } from "../../ledgers/fix";
import { materialsOf } from "../../materials/find";
import type { Site } from "../../shell/site";
import { type LeverKind, numberLever } from "../lever";

const places = ({ variant }: Site) =>
  variant.features.flatMap((feature, i) => (isVent(feature) ? [{ feature, i }] : []));

/** What was found is not cut. */
const isMade = ({ origin }: Feature) => origin === "made";

/** How high a vent is: its width stays. */
export const ventHeight: LeverKind = (site) =>
  places(site).flatMap(({ feature, i }) => {
    if (!isMade(feature)) return [];
    const kind = featureKind(feature);
    const { widthMm, heightMm } = kind.size(feature);
    const { room } = site.shell.faces[feature.face];
    const middle = feature.v.value;
    const highest = 2 * Math.min(middle - room.vMm, room.vMm + room.heightMm - middle) - 2 * kind.edgeMm(feature);
    const path = site.at(`/features/${i}`);
    const patch = (mm: number) =>
      kind
        .sized(feature, { widthMm, heightMm: mm })
        .map((c) => (c.mm === undefined ? set(`${path}${c.path}`, c.value) : setMm(`${path}${c.path}`, c.mm)));
    return [
      numberLever({
        ...{ id: `vent-height/${feature.id}`, name: `${featureName(feature)}, how high`, now: heightMm },
        ...{ low: Math.min(heightMm, 10), high: Math.max(heightMm, highest), step: 2 },
        ...{ say: (mm) => `${site.say(mm)} high`, patch },
      }),
    ];
  });

/** Another mesh over a vent. */
export const ventMesh: LeverKind = (site) =>
  places(site).flatMap(({ feature, i }) => {
    const mesh = meshOf(feature);
    if (!isMade(feature) || mesh == null) return [];
    const meshes = materialsOf(site.book, "mesh");
    const own = meshes.find((m) => m.id === mesh);
    const others = meshes.filter((m) => m.id !== mesh);
    if (!own || others.length === 0) return [];
    const path = site.at(`/features/${i}`);
    return [
      {
        ...{ id: `vent-mesh/${feature.id}`, name: `${featureName(feature)}, its mesh`, now: own.name },
        sides: others.map((m) => [
          { far: 0.5, words: m.name, patch: [set(`${path}/mesh`, m.id), set(`${path}/meshOrigin`, "made")] },
        ]),
      },
    ];
  });
