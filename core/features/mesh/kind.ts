import { emptyLedger } from "../../ledgers/ledger";
import { SIZE_LIMIT_MM } from "../../shell/limits";
import type { Site } from "../../shell/site";
import { RATES } from "../../workshop/rates";
import { cutSteps } from "../cutStep";
import { FRAME_EDGE_MM, FRAME_REASON, farther, fittedOpening, sizedOpening } from "../fit";
import type { Extent, FeatureKind } from "../kind";
import { featureName } from "../name";
import { checkVentMesh, meshMaterial, meshParts, meshSteps, ventReached, ventStaysFree, ventWay } from "../vent";
import type { MeshPanel } from "./schema";
import { meshStarts } from "./starts";

/** How one opening is cut. */
const CUT_WORDS: Record<MeshPanel["shape"], (feature: MeshPanel, say: Site["say"]) => string> = {
  panel: ({ width, height }, say) =>
    `${say(width.value)} × ${say(height.value)}. Drill the corners first, saw between them.`,
  slot: ({ width, height }, say) =>
    `${say(width.value)} × ${say(height.value)} over all: a hole at each end, as wide as the slot, and two saw cuts between.`,
  round: ({ width }, say) => `ø${say(width.value)}, with a hole saw or a jigsaw from a drilled hole.`,
};

const AREA_WORDS: Record<MeshPanel["shape"], string> = {
  panel: "width × height",
  slot: "width × height − (1 − π/4) · narrow way²",
  round: "π/4·d²",
};

const sizeOf = ({ shape, width, height }: MeshPanel): Extent => ({
  widthMm: width.value,
  heightMm: shape === "round" ? width.value : height.value,
});

/** How round its corners are, mm. */
const cornerMm = (feature: MeshPanel): number => {
  const { widthMm, heightMm } = sizeOf(feature);
  return feature.shape === "panel" ? 0 : Math.min(widthMm, heightMm) / 2;
};

/** Area of one cut opening: a rectangle, a slot whose ends are half circles, or a circle. */
function areaMm2(feature: MeshPanel): number {
  const { widthMm, heightMm } = sizeOf(feature);
  return widthMm * heightMm - (4 - Math.PI) * cornerMm(feature) ** 2;
}

/** One opening cut for air, behind mesh or open. */
export const meshPanel: FeatureKind<MeshPanel> = {
  kind: "mesh",
  stage: "air",
  starts: meshStarts,
  size: sizeOf,
  check(feature, path, checker) {
    const { between } = checker;
    between(`${path}/width`, feature.width, 5, SIZE_LIMIT_MM.high, "An opening's width");
    between(`${path}/height`, feature.height, 5, SIZE_LIMIT_MM.high, "An opening's height");
    between(`${path}/lap`, feature.lap, 0, 200, "The lap");
    checkVentMesh(feature, path, checker);
  },
  cut: (feature) => [{ shape: "rectangle", ...sizeOf(feature), cornerMm: cornerMm(feature) }],
  cutWords: (feature, say) => `${say(sizeOf(feature).widthMm)} × ${say(sizeOf(feature).heightMm)}`,
  edgeMm: () => FRAME_EDGE_MM,
  edgeReason: FRAME_REASON,
  mayBeWet: () => false,
  fitted: ({ width, height }, room) => fittedOpening(width.value, height.value, room),
  sized: ({ shape, width }, extent) =>
    // A round one follows the edge that is dragged: the side that leaves its width most.
    shape === "round" ? [{ path: "/width", mm: farther(width.value, extent) }] : sizedOpening(extent),
  readings: ({ id }) => [{ figure: `air/${id}/free`, label: "Free area" }],
  masked: () => true,
  stayFree: () => ventStaysFree,
  airs: (feature) => ({
    grossMm2: areaMm2(feature),
    formula: AREA_WORDS[feature.shape],
    inputs: [
      { name: "width", value: sizeOf(feature).widthMm, unit: "mm" },
      { name: "height", value: sizeOf(feature).heightMm, unit: "mm" },
    ],
  }),
  mesh: ({ mesh }) => mesh,
  ways(site, feature, path) {
    const name = featureName(feature);
    const mesh = meshMaterial(site, feature);
    const { widthMm, heightMm } = sizeOf(feature);
    const open =
      feature.shape === "round"
        ? ({ name, kind: "round", diameterMm: widthMm } as const)
        : ({ name, kind: "slot", nominalMm: Math.min(widthMm, heightMm) } as const);
    const way = mesh ? ({ name, kind: "mesh", apertureMm: mesh.apertureMm } as const) : open;
    return ventWay(site, feature, path, way, "Change to");
  },
  reached: (feature, { through }) => ventReached(feature, through),
  plan: (site, feature) => ({
    ...emptyLedger(),
    parts: meshParts(site, feature, sizeOf(feature), feature.lap.value),
    steps: [
      ...cutSteps(site, feature, {
        title: `Cut the opening: ${featureName(feature)}`,
        detail: CUT_WORDS[feature.shape](feature, site.say),
        stage: "air",
        handsOnMinutes: RATES.cutOpening.value,
        work: "opening",
        toHand: ["drill", "backing board", "clamps"],
        passSign: "Edges deburred, both faces.",
        figure: `air/${feature.id}/free`,
      }),
      ...meshSteps(feature),
    ],
  }),
};
