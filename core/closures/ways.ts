import type { Measure } from "../design/basics";
import { featureName, featureRect } from "../features/feature";
import type { MeshPanel } from "../features/mesh/schema";
import { memory } from "../figures/figure";
import { findMaterial } from "../materials/find";
import { GAP_FACTOR } from "../residents/factors";
import type { Resident } from "../residents/schema";
import type { Site } from "../shell/site";
import { sawToleranceMm } from "../workshop/sawTolerance";
import type { EscapeInput, Way } from "./escape";
import { differentialGrowthMm } from "./growth";
import type { SlidingFit } from "./sliding";

/** Cutting tolerance of ordered glass, ± mm. */
export const GLASS_CUT = { value: 1, basis: memory } as const;
/** What a brush strip still lets through when pushed, mm. */
export const BRUSH_LEFT = { value: 1, basis: memory } as const;

/** How much a lid shifts on its rim, ± mm. */
const LID_SEAT = { value: 0.5, basis: memory } as const;

/** A way out with the place in the design that makes it, for snags and their fixes. */
export interface PlacedWay {
  id: string;
  way: Way;
}

const spanK = (site: Site) => site.brief.room.tempC.high - site.brief.room.tempC.low;

function frontWays(site: Site, fit: SlidingFit | undefined): PlacedWay[] {
  const { closure } = site.variant;
  const { opening, faces } = site.shell;
  if (closure.kind === "found") return [];
  if (closure.kind === "lid")
    return [
      {
        id: "lid",
        way: { name: "round the lid", kind: "slot", nominalMm: closure.gap.value, toleranceMm: [LID_SEAT.value] },
      },
    ];
  if (closure.kind === "open" || !fit)
    return [
      {
        id: "front",
        way: { name: opening.face === "top" ? "open top" : "open front", kind: "slot", nominalMm: opening.heightMm },
      },
    ];
  const track = findMaterial(site.book, closure.track, "track")!;
  const glass = findMaterial(site.book, closure.glass, "glass")!;
  const growthMm = differentialGrowthMm(
    opening.widthMm,
    (site.shell.strips[0]?.material ?? faces.base.material).growthPerK.value,
    glass.growthPerK.value,
    spanK(site),
  );
  const between: Way = closure.brushStrip
    ? { name: "between the slides", kind: "slot", nominalMm: BRUSH_LEFT.value }
    : {
        name: "between the slides",
        kind: "slot",
        nominalMm: Math.max(0, fit.gapMm),
        toleranceMm: [fit.playEachMm, fit.playEachMm, track.pitchToleranceMm.value, glass.thicknessToleranceMm.value],
      };
  // A locked pair is pushed home against its sides; an unlocked one may stand a side allowance off.
  const beside: Way = {
    name: "beside the slides",
    kind: "slot",
    nominalMm: closure.lock === "none" ? closure.sideAllowance.value : 0,
    toleranceMm:
      closure.lock === "none" ? [sawToleranceMm(opening.widthMm), GLASS_CUT.value] : [sawToleranceMm(opening.heightMm)],
    growthMm,
  };
  return [
    { id: "between", way: between },
    { id: "beside", way: beside },
  ];
}

/** One cut opening: through its mesh, or open as wide as its narrow way. */
function openingWay(name: string, feature: MeshPanel, apertureMm: [number, number] | null): Way {
  if (apertureMm) return { name, kind: "mesh", apertureMm };
  const { widthMm, heightMm } = featureRect(feature);
  return feature.shape === "round"
    ? { name, kind: "round", diameterMm: widthMm }
    : { name, kind: "slot", nominalMm: Math.min(widthMm, heightMm) };
}

/** Every way out of the shell as designed: the front, and each vent. */
export function listWays(site: Site, fit: SlidingFit | undefined): PlacedWay[] {
  const mesh = (id: string) => findMaterial(site.book, id, "mesh")!.apertureMm;
  const vents = site.variant.features.flatMap((feature): PlacedWay[] => {
    const name = featureName(feature);
    switch (feature.kind) {
      case "holes":
        return [
          {
            id: feature.id,
            way: {
              name,
              kind: "round",
              diameterMm: feature.holeDia.value,
              ...(feature.mesh !== null && { behindMesh: { apertureMm: mesh(feature.mesh) } }),
            },
          },
        ];
      case "mesh":
        return [{ id: feature.id, way: openingWay(name, feature, feature.mesh === null ? null : mesh(feature.mesh)) }];
      case "port":
        return [{ id: feature.id, way: { name: `round ${name}`, kind: "slot", nominalMm: feature.gap.value } }];
      default:
        return [];
    }
  });
  const found = site.shell.gaps.map(
    ({ id, label, kind, mm }): PlacedWay => ({
      id,
      way: kind === "slot" ? { name: label, kind, nominalMm: mm } : { name: label, kind, diameterMm: mm },
    }),
  );
  return [...frontWays(site, fit), ...found, ...vents];
}

/** The smallest a guessed measure may be, or the measure. */
const least = (measure: Measure) => measure.low ?? measure.value;

/** A resident as the audit takes it, or undefined while neither its measure nor a refused gap is known. */
export function auditResident(resident: Resident): EscapeInput["resident"] | undefined {
  const refused = resident.refusedGap === null ? {} : { refusedGapMm: least(resident.refusedGap) };
  if (resident.narrowestRigid === null && resident.refusedGap === null) return undefined;
  return {
    name: resident.name,
    narrowestRigidMm: resident.narrowestRigid === null ? least(resident.refusedGap!) : least(resident.narrowestRigid),
    factor: GAP_FACTOR[resident.body].value,
    ...refused,
  };
}
