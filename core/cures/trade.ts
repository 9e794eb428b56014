import { AUDIT, type ToldWay } from "../escape/facts";
import { frontStage } from "../features/stages";
import { constant, type Figure, memory } from "../figures/figure";
import { remove } from "../ledgers/fix";
import { emptyLedger, gather, type Snag, type Step, type Supply, type TradeLedger } from "../ledgers/ledger";
import { gatherNeeds, type Need, need } from "../ledgers/needs";
import { findMaterial } from "../materials/find";
import { chewers } from "../residents/chews";
import { filletMl } from "../shell/fillet";
import { LAP_MM, meshSupplies } from "../shell/found/mesh";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { capital } from "../units/capital";
import { CAUTION } from "../workshop/cautions";
import { RATES } from "../workshop/rates";
import { suits } from "./apply";
import { isMesh } from "./create";
import { CURES } from "./list";
import type { Cure } from "./schema";

/** Cut off and spoilt of a strip, as a share of its length. */
const WASTE = { value: 0.1, basis: memory } as const;
/** The leg of the bead a stop strip or mesh is bedded in, mm. */
const BEAD_LEG_MM = { value: 4, basis: memory } as const;
/** The least time for the smallest, minutes. */
const LEAST_MINUTES = { value: 5, basis: memory } as const;

/** One cure with the gap it closes: its whole length, in how many places, and how far it reaches across, mm. */
interface Placed {
  cure: Cure;
  way: ToldWay;
  lengthMm: number;
  acrossMm: number;
  pieces: number;
}

const place = (cure: Cure, way: ToldWay): Placed => ({
  ...{ cure, way },
  ...{ lengthMm: way.lengthMm ?? 0, acrossMm: way.acrossMm ?? 0, pieces: way.pieces ?? 1 },
});

/** Mesh over a gap, as parts. */
function meshPart({ saySum }: Site, { cure, way, lengthMm, acrossMm, pieces }: Placed): TradeLedger["parts"] {
  if (cure.mesh === null) return [];
  const eachMm = lengthMm / pieces;
  return [
    {
      ...{ id: `cures/${cure.id}/mesh`, label: `Mesh over ${way.way.name}`, materialId: cure.mesh, kind: "mesh" },
      ...{ lengthMm: eachMm + 2 * LAP_MM, widthMm: acrossMm + 2 * LAP_MM },
      ...{ thicknessMm: 0, qty: pieces, grainLocked: false },
      working: {
        length: saySum([eachMm, " gap + 2 × ", LAP_MM, " lap"]),
        width: saySum([acrossMm, " across + 2 × ", LAP_MM, " lap"]),
      },
    },
  ];
}

/** What one takes of the book. */
function needsOf(site: Site, { cure, way, lengthMm, acrossMm, pieces }: Placed): Need[] {
  const { material, siliconed } = CURES[cure.kind];
  const why = `for ${way.way.name}`;
  return [
    ...(material?.by === "length"
      ? [need(material.id, "mm", why, [lengthMm * (1 + WASTE.value), lengthMm, lengthMm * (1 + 2 * WASTE.value)])]
      : []),
    ...(material?.by === "piece" ? [need(material.id, "piece", why, [pieces])] : []),
    ...(siliconed
      ? [need(site.variant.seal.sealant, "mL", why, [filletMl(BEAD_LEG_MM.value, 2 * (lengthMm + pieces * acrossMm))])]
      : []),
  ];
}

function stepsOf(site: Site, placed: Placed): Step[] {
  const { cure, way, lengthMm, pieces } = placed;
  const { label, how, material, siliconed, gasket, perMetre } = CURES[cure.kind];
  const uses = [material?.id ?? cure.mesh, ...(siliconed ? [site.variant.seal.sealant] : [])].filter((u) => u !== null);
  const lay: Step = {
    id: `cures/${cure.id}`,
    title: `${label}: ${way.way.name}`,
    detail: `${site.sayRun(lengthMm)}${pieces > 1 ? ` in ${pieces} places` : ""}. ${how}`,
    stage: "front",
    handsOnMinutes: Math.max(LEAST_MINUTES.value * pieces, (perMetre.value * lengthMm) / 1000),
    waitMinutes: siliconed ? 1440 : 0,
    ...(siliconed && { waitFor: "the silicone" }),
    after: [
      { reached: "stands", because: "the gap is that of the finished shell" },
      { reached: "surveyed", because: "the gap is measured first" },
    ],
    reaches: ["closed"],
    uses: [...new Set(uses)],
    splittable: true,
    toHand: ["scissors or a fine saw", "alcohol", ...(siliconed ? ["silicone"] : [])],
    cautions: siliconed ? [CAUTION.siliconeFumes] : [],
    passSign: "A paper strip as thick as what is allowed does not pass.",
    figure: `cures/${cure.id}`,
  };
  if (!gasket) return [lay];
  return [
    lay,
    {
      id: `cures/${cure.id}/shuts`,
      title: `Try that it still shuts: ${way.way.name}`,
      detail:
        "Open and shut it ten times. What presses on a seal springs back, and a latch that just reached no longer does.",
      stage: "front",
      handsOnMinutes: RATES.tryShut.value,
      waitMinutes: 0,
      after: [{ id: `cures/${cure.id}`, because: "it is tried over the seal" }],
      reaches: ["closed"],
      splittable: true,
      toHand: [],
      cautions: [],
      passSign: "It latches without force, every time.",
    },
  ];
}

/** What stays open, in what length. */
function figureOf({ cure, way, lengthMm }: Placed): Figure {
  const { leavesMm, words } = CURES[cure.kind];
  const { way: gap } = way;
  const open =
    gap.kind === "mesh"
      ? Math.max(...gap.apertureMm)
      : gap.behindMesh
        ? Math.max(...gap.behindMesh.apertureMm)
        : gap.kind === "slot"
          ? gap.nominalMm
          : gap.diameterMm;
  return {
    id: `cures/${cure.id}`,
    label: `Left open ${gap.name}, by ${words}`,
    value: open,
    unit: "mm",
    rounding: "up",
    formula: "the smaller of the gap and what the cure leaves",
    inputs: [
      { name: "length", value: lengthMm, unit: "mm" },
      ...(isMesh(cure) ? [] : [constant("what it leaves", leavesMm, "mm")]),
    ],
  };
}

function snagsOf(site: Site, { cure, way }: Placed, index: number): Snag[] {
  const { chewed, words } = CURES[cure.kind];
  const who = chewers(site.brief.residents);
  if (!chewed || who.length === 0) return [];
  return [
    {
      rule: "cures/chewed",
      subject: cure.id,
      severity: "stop",
      stage: "front",
      title: "It will be chewed through",
      sentence: `${who.join(", ")}: ${words} ${way.way.name} lasts until the first night.`,
      reason: "Rodents and roaches chew foam and rubber. Close it with glass, metal, mesh or a hard profile.",
      fix: { label: `Take ${words} off`, patch: [remove(site.at(`/cures/${index}`))] },
    },
  ];
}

/** A cure for a gap that is there no more, or of another sort. */
const orphan = (site: Site, cure: Cure, index: number): Snag => ({
  rule: "cures/gone",
  subject: cure.id,
  severity: "mind",
  stage: "front",
  title: "A cure without its gap",
  sentence: `${capital(CURES[cure.kind].words)} is planned for a gap that is not there any more, or that it does not fit.`,
  reason: "It is neither bought nor fitted.",
  fix: { label: "Take it out of the plan", patch: [remove(site.at(`/cures/${index}`))] },
});

function planCures(site: Site, ways: readonly ToldWay[]): TradeLedger {
  return gather(
    site.variant.cures.map((cure, index): TradeLedger => {
      const way = ways.find((w) => w.id === cure.way);
      if (!way || !suits(CURES[cure.kind], way)) return { ...emptyLedger(), snags: [orphan(site, cure, index)] };
      const placed = place(cure, way);
      const snags = snagsOf(site, placed, index);
      const figures = [figureOf(placed)];
      if (cure.origin === "found") return { ...emptyLedger(), figures, snags };
      const parts = meshPart(site, placed);
      const { supplies, figures: needs } = gatherNeeds(site.book, `cures/${cure.id}`, needsOf(site, placed));
      return {
        ...emptyLedger(),
        ...{ parts, snags, figures: [...figures, ...needs] },
        supplies: [...supplies, ...meshSupplies(site, parts, `cures/${cure.id}`)] satisfies Supply[],
        steps: stepsOf(site, placed),
      };
    }),
  );
}

/** What closes the gaps: strips, profiles, stops, seals, mesh and blocks. */
export const curesTrade: Trade = {
  id: "cures",
  stage: frontStage,
  reads: ["cures", "seal"],
  needs: [AUDIT],
  gives: [],
  check({ cures }, { add, book }) {
    cures.forEach((cure, i) => {
      if (isMesh(cure) && (cure.mesh === null || !findMaterial(book, cure.mesh, "mesh")))
        add(`/cures/${i}/mesh`, "Choose the mesh that is laid over it.");
    });
  },
  plan: (site, { facts }) => planCures(site, facts.one(AUDIT)?.ways ?? []),
};
