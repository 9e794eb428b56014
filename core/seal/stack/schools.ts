import type { FaceId, LayerId } from "../../design/names";
import { FACES } from "../../design/names";
import { materialsOf } from "../../materials/find";
import { cheapestPacks } from "../../materials/packs";
import type { Site } from "../../shell/site";
import { RATES } from "../../workshop/rates";
import type { Layer } from "../schema";
import { coatedM2 } from "./area";
import { judgeStack } from "./judgeStack";
import { type LayerKind, layerKind } from "./layers";
import { SURFACE_OF } from "./surfaceOf";

/** Ways to keep water off a wall, that are bought by the litre. */
export const WAYS = ["rubberSpray", "rubberBrush", "epoxy", "varnish"] as const satisfies LayerId[];

/** One way, reckoned for the faces of this build. */
export interface Way {
  layer: LayerId;
  kind: LayerKind;
  coats: number;
  litres: number;
  /** Likely packs, minor units; null while one has no price. */
  costMinor: number | null;
  handsOnMinutes: number;
  /** Faces in turn, each lying down while it sets, then until it may get wet. */
  days: number;
  kg: number;
  /** Faces on which it does not hold, key or not. */
  failsOn: FaceId[];
}

/** The faces a way is reckoned for: those that have a stack, else every wall that is not glass. */
export function facesToCoat({ shell, variant }: Site): FaceId[] {
  const given = variant.seal.stacks.map((s) => s.face).filter((f) => !shell.faces[f].open);
  if (given.length > 0) return given;
  return FACES.filter((f) => {
    const { open, material } = shell.faces[f];
    return !open && f !== "front" && material.family !== "glass" && material.family !== "temperedGlass";
  });
}

/** The layers of a way: a key first, for all but glass want one. */
export const layersOf = (layer: LayerId): Layer[] => [
  { id: "key-1", layer: "key", coats: null, damp: false },
  { id: `${layer.toLowerCase()}-1`, layer, coats: null, damp: false },
];

/** Every way side by side, for the same faces. */
export function waysFor(site: Site): Way[] {
  const faces = facesToCoat(site);
  const areas = faces.map((f) => coatedM2(f, site.shell, site.variant));
  const m2 = areas.reduce((a, b) => a + b, 0);
  return WAYS.map((layer): Way => {
    const kind = layerKind(layer);
    const material = materialsOf(site.book, "coat").find((c) => c.form === layer);
    const coats = kind.coats.value;
    const per = material?.m2PerLitre ?? kind.m2PerLitre!;
    const litresOn = (m2 * coats) / per.value;
    const litres = litresOn * (1 + (material?.waste.value ?? 0));
    const packs = material ? cheapestPacks(material.packs, litres * 1000) : [];
    const hours = faces.length * coats * kind.dry.recoat.value + kind.dry.wet.value;
    return {
      ...{ layer, kind, coats, litres },
      costMinor:
        !material || packs.some(({ pack }) => pack.priceMinor === null)
          ? null
          : packs.reduce((sum, { pack, count }) => sum + count * pack.priceMinor!, 0),
      handsOnMinutes:
        m2 * RATES.keyPerM2.value + coats * (faces.length * RATES.coatSetUp.value + m2 * RATES.coatPerM2.value),
      days: faces.length === 0 ? 0 : hours / 24,
      kg: (litresOn / 1000) * (material?.densityKgPerM3 ?? kind.densityKgPerM3!).value,
      failsOn: faces.filter((f) =>
        judgeStack(SURFACE_OF[site.shell.faces[f].material.family], layersOf(layer)).some((l) => l.holding === "never"),
      ),
    };
  });
}
