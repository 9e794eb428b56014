import type { AirPath } from "../escape/airPath";
import { openMesh } from "../escape/airPath";
import type { ToldWay } from "../escape/facts";
import { airsOf, featureName, featureRect, meshOf } from "../features/feature";
import type { Feature } from "../features/schema";
import { ventsOf } from "../features/vents";
import type { FigureInput } from "../figures/figure";
import { factKey } from "../ledgers/facts";
import { findMaterial } from "../materials/find";
import type { MaterialOf } from "../materials/schema";
import type { Site } from "../shell/site";
import { heightOf } from "../shell/space";

/** Something air passes: a vent that is cut, one that came with the shell, or a gap that nobody meant. */
export interface Airway {
  id: string;
  label: string;
  /** The face it is in. */
  where: string;
  /** It is there for air; else it is a gap. */
  vent: boolean;
  paths: readonly AirPath[];
  /** How long it is, where it is a gap along an edge, mm. */
  lengthMm?: number;
  /** How its gross opening was worked out, where it was cut. */
  working?: { formula: string; inputs: FigureInput[]; mesh: MaterialOf<"mesh"> | undefined };
}

/** Told by the air: every way it has. */
export const AIRWAYS = factKey<readonly Airway[]>("airways");

/** Height of a feature's middle above the base, mm. */
function heightMm({ shell }: Site, feature: Feature): number {
  if (feature.face === "top") return shell.inside.heightMm;
  return feature.face === "base" ? 0 : heightOf(shell.faces[feature.face].frame, feature.v.value);
}

/** A vent as the air has it. */
export function ventWay(site: Site, feature: Feature): Airway {
  const id = meshOf(feature);
  const mesh = id ? findMaterial(site.book, id, "mesh") : undefined;
  const airs = airsOf(feature)!;
  const flat = feature.face === "top" || feature.face === "base";
  return {
    ...{ id: feature.id, label: featureName(feature), where: feature.face, vent: true },
    paths: [
      {
        grossMm2: airs.grossMm2,
        zMm: heightMm(site, feature),
        uprightMm: flat ? null : featureRect(feature).heightMm,
        screens: mesh ? [openMesh(mesh)] : [],
      },
    ],
    working: { formula: airs.formula, inputs: airs.inputs, mesh },
  };
}

/** All that air passes: vents first, in the design's order, then what came with the shell and every gap of a known length. */
export const airwaysOf = (site: Site, ways: readonly ToldWay[]): Airway[] => [
  ...ventsOf(site.variant).map((feature) => ventWay(site, feature)),
  ...ways.flatMap((way): Airway[] => {
    const paths = way.air?.filter((p) => p.grossMm2 > 0) ?? [];
    if (paths.length === 0) return [];
    const { lengthMm } = way;
    return [
      {
        ...{ id: way.id, label: way.way.name, where: way.where, vent: way.vent === true, paths },
        ...(lengthMm && { lengthMm }),
      },
    ];
  }),
];

/** Gross opening, mm². */
export const grossMm2 = ({ paths }: Pick<Airway, "paths">): number => paths.reduce((sum, p) => sum + p.grossMm2, 0);

/** What is left of it after its meshes, mm². */
export const freeMm2 = ({ paths }: Pick<Airway, "paths">): number =>
  paths.reduce((sum, p) => sum + p.grossMm2 * p.screens.reduce((share, s) => share * s.porosity, 1), 0);
