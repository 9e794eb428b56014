import { isMade } from "../../design/found";
import { setMm } from "../../ledgers/fix";
import { emptyLedger, type Part, type Snag, type Step, type Supply } from "../../ledgers/ledger";
import { findMaterial } from "../../materials/find";
import { filletMl } from "../../shell/fillet";
import { SIZE_LIMIT_MM } from "../../shell/limits";
import type { Site } from "../../shell/site";
import { heightOf } from "../../shell/space";
import { atLeast } from "../../units/tolerance";
import { CAUTION } from "../../workshop/cautions";
import { RATES, WAITS } from "../../workshop/rates";
import { cutStepId, cutSteps, takeOutStepId, takeOutSteps } from "../cutStep";
import { FRAME_EDGE_MM, FRAME_REASON, fittedOpening, sizedOpening } from "../fit";
import type { FeatureKind } from "../kind";
import { featureName } from "../name";
import { LEAST_LAP, paneLapMm, paneSize, paneStepId } from "./paneSize";
import type { Pane } from "./schema";
import { paneStarts } from "./starts";

function orderedPane(site: Site, feature: Pane): Part[] {
  if (feature.onHand) return [];
  const glass = findMaterial(site.book, feature.glass, "glass")!;
  const { widthMm, heightMm } = paneSize(feature);
  const working = (openingMm: number) => site.saySum([openingMm, " opening + 2 × ", feature.lap.value, " lap"]);
  return [
    {
      id: `windows/${feature.id}/pane`,
      label: `Pane of ${featureName(feature)}`,
      materialId: glass.id,
      kind: "pane",
      lengthMm: widthMm,
      widthMm: heightMm,
      thicknessMm: glass.thicknessMm,
      qty: 1,
      grainLocked: false,
      working: { length: working(feature.width.value), width: working(feature.height.value) },
    },
  ];
}

/** A bead all round the opening, as thick as the seams' own. */
function bead(site: Site, feature: Pane): Supply {
  const sealant = findMaterial(site.book, site.variant.seal.sealant, "sealant")!;
  const legMm = site.variant.seal.leg.value;
  const roundMm = 2 * (feature.width.value + feature.height.value);
  const { value: waste, low = waste, high = waste } = sealant.waste;
  // Bedded between pane and sheet, and tooled hollow along the edge.
  const netMl = 2 * filletMl(legMm, roundMm);
  return {
    id: `windows/${feature.id}/bead`,
    label: sealant.name,
    materialId: sealant.id,
    unit: "mL",
    likely: netMl * (1 + waste),
    low: netMl * (1 + low),
    high: netMl * (1 + high),
    why: `bed and edge round ${featureName(feature)}, ${site.sayRun(roundMm)}`,
  };
}

function steps(site: Site, feature: Pane): Step[] {
  const name = featureName(feature);
  const { widthMm, heightMm } = paneSize(feature);
  const cut = cutSteps(site, feature, {
    title: `Cut the opening: ${name}`,
    detail: `${site.say(feature.width.value)} × ${site.say(feature.height.value)} in the ${feature.face}. Drill the corners first, saw between them.`,
    stage: "shell",
    handsOnMinutes: RATES.cutOpening.value,
    work: "opening",
    toHand: ["drill", "jigsaw", "clamps"],
    passSign: "Edges straight and deburred, both faces.",
  });
  return [
    ...cut,
    ...takeOutSteps(
      feature,
      "Take the old pane out",
      "Cut its bed all round, lift it with suction cups, scrape the old silicone off.",
      [CAUTION.glass, CAUTION.blade],
    ),
    {
      id: paneStepId(feature),
      title: `Bed the pane: ${name}`,
      detail: `Pane of ${site.say(widthMm)} × ${site.say(heightMm)}${feature.onHand ? ", from what is on hand: measure it again and feel its edges" : ""}, inside, in the middle of the opening. Scuff and degrease where it lies, bed it in sealant, weigh it down, tool the edge.`,
      stage: "shell",
      handsOnMinutes: (2 * (widthMm + heightMm) * RATES.beadPerMetre.value) / 1000,
      work: "bead",
      waitMinutes: WAITS.siliconeBeforeWater.value,
      waitFor: "the bed under the pane",
      after: [
        { id: cutStepId(feature), because: "the opening must be there" },
        { id: takeOutStepId(feature), because: "the old pane must be out" },
        { reached: "keyed", because: "sealant holds on a keyed, clean face" },
      ],
      reaches: ["sealed"],
      uses: [site.variant.seal.sealant, ...(feature.onHand ? [] : [feature.glass])],
      splittable: false,
      toHand: [feature.onHand ? "the pane on hand" : "pane", "sealant", "weights", "gloves"],
      cautions: [CAUTION.glass, CAUTION.siliconeFumes],
      passSign: "No bubble in the bed, no gap along the edge.",
    },
  ];
}

/** A bed of sealant holds a pane, not the water that leans on it. */
function underWater({ say, shell }: Site, feature: Pane): Snag[] {
  const { waterMm } = shell.levels;
  const { face } = feature;
  const footMm =
    face === "base"
      ? 0
      : face === "top"
        ? shell.inside.heightMm
        : heightOf(shell.faces[face].frame, feature.v.value - feature.height.value / 2);
  if (waterMm === 0 || footMm >= waterMm) return [];
  return [
    {
      rule: "windows/under-water",
      subject: feature.id,
      severity: "stop",
      stage: "shell",
      title: `${featureName(feature)}: water stands against the pane`,
      sentence: `Its opening begins ${say(footMm)} above the base; water stands to ${say(waterMm)}.`,
      reason:
        "Only the bead would hold the pane against the water. Move it above the water line, or let a glazier decide.",
    },
  ];
}

function tooSmall({ say }: Site, feature: Pane, path: string): Snag[] {
  if (!feature.onHand) return [];
  const pane = paneSize(feature);
  const needs = { w: feature.width.value + 2 * LEAST_LAP.value, h: feature.height.value + 2 * LEAST_LAP.value };
  if (atLeast(pane.widthMm, needs.w) && atLeast(pane.heightMm, needs.h)) return [];
  const most = {
    width: Math.min(feature.width.value, pane.widthMm - 2 * LEAST_LAP.value),
    height: Math.min(feature.height.value, pane.heightMm - 2 * LEAST_LAP.value),
  };
  return [
    {
      rule: "windows/pane-too-small",
      subject: feature.id,
      severity: "stop",
      stage: "shell",
      title: `${featureName(feature)}: the window is larger than its pane`,
      sentence: `The pane is ${say(pane.widthMm)} × ${say(pane.heightMm)}; this opening needs one of ${say(needs.w)} × ${say(needs.h)} or more.`,
      reason: `A pane lies on the sheet by ${say(LEAST_LAP.value)} all round, or its bead has nothing to hold (from memory).`,
      ...(most.width >= 5 &&
        most.height >= 5 && {
          fix: {
            label: `Cut the opening ${say(most.width)} × ${say(most.height)}`,
            patch: [setMm(`${path}/width`, most.width), setMm(`${path}/height`, most.height)],
          },
        }),
    },
  ];
}

/** A pane over an opening of its own. */
export const pane: FeatureKind<Pane> = {
  kind: "pane",
  stage: "shell",
  starts: paneStarts,
  size: ({ width, height }) => ({ widthMm: width.value, heightMm: height.value }),
  check(feature, path, { between, add, book }) {
    between(`${path}/width`, feature.width, 5, SIZE_LIMIT_MM.high, "An opening's width");
    between(`${path}/height`, feature.height, 5, SIZE_LIMIT_MM.high, "An opening's height");
    between(`${path}/lap`, feature.lap, 0, 200, "The lap");
    if (feature.onHand) {
      between(`${path}/onHand/width`, feature.onHand.width, 5, SIZE_LIMIT_MM.high, "The pane's width");
      between(`${path}/onHand/height`, feature.onHand.height, 5, SIZE_LIMIT_MM.high, "The pane's height");
    }
    if (!findMaterial(book, feature.glass, "glass"))
      add(`${path}/glass`, `The book has no glass “${feature.glass}”. Choose another.`);
  },
  cut: ({ width, height }) => [{ shape: "rectangle", widthMm: width.value, heightMm: height.value, cornerMm: 0 }],
  cutWords: ({ width, height }, say) => `${say(width.value)} × ${say(height.value)}`,
  edgeMm: (feature) => Math.max(FRAME_EDGE_MM, paneLapMm(feature)),
  edgeReason: FRAME_REASON,
  mayBeWet: () => true,
  fitted: ({ width, height }, room) => fittedOpening(width.value, height.value, room),
  sized: (_, extent) => sizedOpening(extent),
  masked: () => true,
  bedded: (feature) => isMade(feature),
  stayFree: () => ({ title: "Over an opening", reason: "A vent or window under foam is none." }),
  ways: () => [],
  reached: () => [],
  plan: (site, feature, path) => ({
    ...emptyLedger(),
    ...(isMade(feature) && {
      parts: orderedPane(site, feature),
      supplies: [bead(site, feature)],
      steps: steps(site, feature),
    }),
    snags: [...underWater(site, feature), ...tooSmall(site, feature, path)],
  }),
};
