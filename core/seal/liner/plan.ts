import { constant, type Figure, type Known, memory } from "../../figures/figure";
import { setMm } from "../../ledgers/fix";
import { emptyLedger, type Part, type Snag, type Step, type TradeLedger } from "../../ledgers/ledger";
import { gatherNeeds, need, spread } from "../../ledgers/needs";
import { materialName } from "../../materials/find";
import type { Site } from "../../shell/site";
import { CAUTION } from "../../workshop/cautions";
import { waterStands } from "../water";
import { type LinerPiece, linerOf } from "./piece";
import type { Liner } from "./schema";
import { woodSchool, woodUnderWet } from "./school";

/** Leg of the thick bead its rim is glued with, mm. From memory. */
const RIM_LEG: Known = { value: 10, low: 8, high: 12, basis: memory };
/** Bought larger than it is cut: it is trimmed where it lies. From memory. */
const TRIM: Known = { value: 1.08, low: 1.03, high: 1.2, basis: memory };
/** To lay and fold a square metre of it, and to glue a metre of rim, minutes. From memory. */
const LAY_MINUTES: Known = { value: 40, low: 25, high: 70, basis: memory };
const RIM_MINUTES: Known = { value: 10, low: 6, high: 18, basis: memory };
/** It ends so far over what is wet, mm: less is splashed over. From memory. */
const OVER_MM = 10;

/** The liner as a piece, its glue and its folds; and what wood without one is told. */
export function planLiner(site: Site): TradeLedger {
  const laid = linerOf(site);
  if (!laid) return { ...emptyLedger(), snags: woodSnags(site) };
  const { liner, piece } = laid;
  const gathered = gatherNeeds(site.book, "seal/liner", [
    need(liner.material, "mm2", "one piece with its upstands", spread(piece.lengthMm * piece.widthMm, TRIM), [
      constant("trimmed where it lies, times", TRIM, "×"),
    ]),
    // A flat bead fills half its leg's square.
    need(
      site.variant.seal.sealant,
      "mL",
      "a thick bead along the liner's rim",
      [RIM_LEG.value, RIM_LEG.low!, RIM_LEG.high!].map((leg) => (0.5 * leg ** 2 * piece.rimMm) / 1000) as [
        number,
        number,
        number,
      ],
      [constant("leg at the rim", RIM_LEG, "mm")],
    ),
  ]);
  return {
    ...emptyLedger(),
    parts: [partOf(site, liner, piece)],
    supplies: gathered.supplies,
    steps: [stepOf(site, liner, piece)],
    snags: lowSnag(site, piece),
    figures: [foldFigure(piece), ...gathered.figures],
  };
}

const partOf = ({ saySum, shell }: Site, { material }: Liner, piece: LinerPiece): Part => ({
  ...{ id: "seal/liner", label: "Liner, one piece", materialId: material, kind: "cloth" },
  ...{ lengthMm: piece.lengthMm, widthMm: piece.widthMm, thicknessMm: 0, qty: 1, grainLocked: false },
  working: {
    length: saySum([shell.inside.widthMm, " wide inside + ", piece.upMm, " + ", piece.upMm, " up the sides"]),
    width: saySum([shell.inside.depthMm, " deep inside + ", piece.upMm, " up the back + ", piece.frontMm, " in front"]),
  },
  figure: "seal/liner-folds",
});

const foldFigure = ({ lengthMm, widthMm, coversM2, foldedM2, upMm, frontMm }: LinerPiece): Figure => ({
  id: "seal/liner-folds",
  label: "Folded into the liner's corners",
  value: foldedM2,
  unit: "m²",
  formula: "the piece − what it covers: a square in each corner, folded behind, never cut",
  inputs: [
    { name: "the piece, long", value: lengthMm, unit: "mm" },
    { name: "the piece, wide", value: widthMm, unit: "mm" },
    { name: "what it covers", value: coversM2, unit: "m²" },
    { name: "up sides and back", value: upMm, unit: "mm" },
    { name: "up the front", value: frontMm, unit: "mm" },
  ],
});

function stepOf({ say, sayRun, book, variant }: Site, { material }: Liner, piece: LinerPiece): Step {
  return {
    id: "seal/liner",
    title: "Lay the liner",
    detail: `${materialName(book, material)}, one piece of ${say(piece.lengthMm)} × ${say(piece.widthMm)}, warmed until it is soft. Base first, then back, sides, front; each corner's square of ${say(piece.upMm)} folded flat behind, never cut. Its rim in a thick bead, ${sayRun(piece.rimMm)}, taped until it holds.`,
    stage: "seal",
    handsOnMinutes: piece.coversM2 * LAY_MINUTES.value + (piece.rimMm / 1000) * RIM_MINUTES.value,
    waitMinutes: 1440,
    waitFor: "the bead at its rim",
    after: [
      { reached: "stands", because: "it is folded to the shell as it stands" },
      { reached: "coated", because: "the sealer under it has set" },
      { id: "seal/bead", because: "the joints under it are beaded first" },
      { reached: "holesCut", because: "a hole through a liner is cut last, and only for a bulkhead" },
    ],
    reaches: ["sealed"],
    uses: [material, variant.seal.sealant],
    posture: "upright",
    holdsPosture: true,
    splittable: false,
    toHand: ["liner", "shears", "silicone", "masking tape", "roller"],
    cautions: [CAUTION.siliconeFumes, CAUTION.blade],
    passSign: "No bubble under it, no fold stands up, the rim holds all round.",
    figure: "seal/liner-folds",
  };
}

/** A liner that ends under what is wet. */
function lowSnag({ shell, say, at }: Site, { upMm }: LinerPiece): Snag[] {
  const { groundMm, waterMm, damTopMm } = shell.levels;
  const wet = Math.max(groundMm, waterMm);
  const wanted = Math.min(shell.inside.heightMm, Math.ceil(wet + OVER_MM));
  if (wet <= 0 || upMm >= wanted) return [];
  return [
    {
      rule: "seal/liner-too-low",
      subject: "liner",
      severity: "stop",
      stage: "seal",
      title: "The liner ends under what is wet",
      sentence: `Up to ${say(upMm)}; substrate and water come to ${say(wet)}${damTopMm > 0 ? ` behind a dam of ${say(damTopMm)}` : ""}.`,
      reason: "What runs behind a liner stays there, and rots the wood.",
      fix: { label: `Take it up to ${say(wanted)}`, patch: [setMm(at("/seal/liner/upstand"), wanted)] },
    },
  ];
}

/** Wood that water can stand on, with no liner: sealer and joints alone do not keep it dry. */
function woodSnags(site: Site): Snag[] {
  const { shell } = site;
  const wood = woodUnderWet(site);
  if (!wood.includes("base") || shell.tray || !waterStands(site)) return [];
  const fix = woodSchool(site);
  return [
    {
      rule: "seal/wood-wants-a-liner",
      subject: "base",
      severity: "mind",
      stage: "seal",
      title: "Wood wants a sealer, beaded joints and a liner",
      sentence: `The base is ${shell.faces.base.material.name.toLowerCase()}, and water can stand on it.`,
      reason:
        "A sealer wears, and wood moves under a bead: the three together keep it dry (common practice, no source). A tray of its own does too.",
      ...(fix && { fix }),
    },
  ];
}
