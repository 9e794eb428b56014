import { CAUTION, RATES, WAITS } from "../diary/rates";
import { constant, type Figure, from, practice } from "../figures/figure";
import { set, setMm } from "../ledgers/fix";
import type { Snag, Step, Supply, TradeLedger } from "../ledgers/ledger";
import type { Site } from "../ledgers/site";
import { findMaterial, materialsOf } from "../materials/find";
import { cutStepId } from "../placement/cutStep";
import type { Seam } from "../shell/shell";
import { formatMinutes, formatNumber } from "../units/format";
import { paneStepId } from "../windows/paneSize";
import { decisionSnags } from "./decisions";
import { filletMl, HOLLOW_DEPTH, HOLLOW_SHARE } from "./fillet";
import { lastCoatSteps, planStacks } from "./stack/planStacks";
import { TEST_OVER_MM, testLevel } from "./testLevel";
import { dividerSnags, galvanisedSnags } from "./wetFaces";

/** Airing before animals after silicone: 3 days to 2 weeks (HANDBOOK §4). */
const AIRING_DAYS = { low: 3, high: 14, basis: practice } as const;

/** The seams this plan runs a bead along. */
export function sealedSeams(site: Site): Seam[] {
  const { seams } = site.variant.seal;
  if (seams === "none") return [];
  return seams === "all" ? site.shell.seams : site.shell.seams.filter((s) => s.wet);
}

const sealantOf = (site: Site) => findMaterial(site.book, site.variant.seal.sealant, "sealant")!;

/** Seams, beads, tubes, the water test and the airing. */
export function planSeal(site: Site): TradeLedger {
  const figures = sealFigures(site);
  const seams = sealedSeams(site);
  const stacks = planStacks(site);
  return {
    parts: [],
    supplies: [...stacks.supplies, ...supplies(site, figures)],
    steps: [...stacks.steps, ...(seams.length === 0 ? [] : beadSteps(site, figures)), ...airOut(site, seams)],
    snags: [
      ...snags(site, seams),
      ...stacks.snags,
      ...galvanisedSnags(site),
      ...dividerSnags(site),
      ...decisionSnags(site),
    ],
    figures: [...figures, ...stacks.figures],
  };
}

function sealFigures(site: Site): Figure[] {
  const seams = sealedSeams(site);
  if (seams.length === 0) return [];
  const sealant = sealantOf(site);
  const legMm = site.variant.seal.leg.value;
  const lengthMm = seams.reduce((sum, s) => sum + s.lengthMm, 0);
  const length: Figure = {
    id: "seal/length",
    label: "Seams to bead",
    value: lengthMm,
    unit: "mm",
    formula: "Σ inner seams chosen",
    inputs: seams.map((s) => ({ name: s.label, value: s.lengthMm, unit: "mm" })),
  };
  const netMl = filletMl(legMm, lengthMm);
  const { value: waste, low = waste, high = waste } = sealant.waste;
  const cureDays = Math.max(1, (HOLLOW_DEPTH * legMm) / (sealant.cureMmPerDay.low ?? sealant.cureMmPerDay.value));
  return [
    length,
    {
      id: "seal/volume",
      label: "Sealant",
      value: netMl * (1 + waste),
      low: netMl * (1 + low),
      high: netMl * (1 + high),
      unit: "mL",
      formula: "(1 − π/4) · leg² · length · (1 + waste), a bead tooled hollow",
      inputs: [
        from(length),
        { name: "leg", value: legMm, unit: "mm" },
        {
          name: "share of leg² that is filled, 1 − π/4",
          value: HOLLOW_SHARE,
          unit: "",
          basis: { kind: "published", source: "geometry of a quarter circle" },
        },
        constant("waste", sealant.waste, ""),
      ],
    },
    {
      id: "seal/cure",
      label: "Cure before water",
      value: cureDays * 1440,
      unit: "min",
      formula: "the longer of 24 h and (√2 − 1) · leg ÷ cure depth a day",
      inputs: [
        { name: "leg", value: legMm, unit: "mm" },
        constant("cure depth a day", sealant.cureMmPerDay, "mm"),
        {
          name: "slowest cure depth a day",
          value: sealant.cureMmPerDay.low ?? sealant.cureMmPerDay.value,
          unit: "mm",
        },
        constant("least wait", WAITS.siliconeBeforeWater, "min"),
      ],
    },
  ];
}

function supplies(site: Site, figures: Figure[]): Supply[] {
  const volume = figures.find((f) => f.id === "seal/volume");
  const length = figures.find((f) => f.id === "seal/length");
  if (!volume || !length) return [];
  const sealant = sealantOf(site);
  return [
    {
      id: "seal/sealant",
      label: sealant.name,
      materialId: sealant.id,
      unit: "mL",
      likely: volume.value,
      low: volume.low!,
      high: volume.high!,
      why: `${formatNumber(length.value / 1000)} m of bead, leg ${formatNumber(site.variant.seal.leg.value)} mm`,
      figure: volume.id,
    },
  ];
}

/** The panes bedded in sealant, as steps to wait for. */
const bedded = (site: Site) => site.variant.features.filter((f) => f.kind === "pane").map(paneStepId);

const isTested = (site: Site) => site.variant.seal.standingWater !== null && site.shell.levels.damTopMm > 0;

function beadSteps(site: Site, figures: Figure[]): Step[] {
  const { seal } = site.variant;
  const metres = figures.find((f) => f.id === "seal/length")!.value / 1000;
  const cureMinutes = figures.find((f) => f.id === "seal/cure")!.value;
  const list: Step[] = [
    {
      id: "seal/key",
      title: "Key, degrease and mask the seams",
      detail: "Scuff 10 mm either side of each corner, wipe with alcohol, tape along both legs.",
      stage: "seal",
      handsOnMinutes: metres * RATES.maskPerMetre.value,
      waitMinutes: 0,
      after: [{ id: "shell/glue", because: "the seams must stand still" }],
      splittable: true,
      toHand: ["abrasive pad", "alcohol", "masking tape"],
      cautions: [CAUTION.dust],
    },
    {
      id: "seal/bead",
      title: "Run and tool the beads",
      detail: `${formatNumber(metres)} m, leg ${formatNumber(seal.leg.value)} mm. One seam at a time: lay, tool at once, pull the tape.`,
      stage: "seal",
      handsOnMinutes: metres * RATES.beadPerMetre.value,
      waitMinutes: cureMinutes,
      waitFor: "the bead to cure through",
      after: [
        { id: "seal/key", because: "silicone holds on a keyed, degreased face" },
        ...lastCoatSteps(site).map((id) => ({
          id,
          because: "rubber and varnish go under the silicone, never over it",
        })),
        ...site.variant.features.map((f) => ({
          id: cutStepId(f),
          because: "holes come before coats and beads",
        })),
      ],
      posture: "upright",
      holdsPosture: true,
      splittable: true,
      toHand: [sealantOf(site).name, "gun", "tooling stick", "soapy water", "rag"],
      cautions: [CAUTION.siliconeFumes],
      passSign: "Continuous, pressed in, wiped: no pinhole under a lamp.",
      figure: "seal/volume",
    },
  ];
  if (isTested(site)) {
    const { levelMm, capped } = testLevel(site.shell.levels);
    list.push({
      id: "seal/water-test",
      title: "Water test",
      detail: `Level, on its stand. Fill to ${formatNumber(levelMm)} mm${capped ? ", the top of the dam: 20 mm over the water line would run over it" : ""}. Control pan inside, dry paper under every seam, first reading after two hours.`,
      stage: "seal",
      handsOnMinutes: RATES.waterTestSetUp.value + 5 * RATES.waterTestReading.value,
      waitMinutes: WAITS.waterTest.value,
      waitFor: "a slow seep to tell from evaporation",
      after: [
        { id: "seal/bead", because: "the beads must be cured through" },
        ...bedded(site).map((id) => ({ id, because: "what holds water is whole before it is tested" })),
      ],
      posture: "upright",
      holdsPosture: true,
      splittable: false,
      toHand: ["ruler to 0.5 mm", "open pan", "dry paper", "jug"],
      cautions: [CAUTION.waterPower, CAUTION.lift],
      passSign: "Papers dry, and the shell loses no more than the pan, give or take 0.5 mm a day.",
    });
  }
  return list;
}

/** Whatever was sealed, seam or pane, airs before animals. */
function airOut(site: Site, seams: Seam[]): Step[] {
  const panes = bedded(site);
  if (seams.length === 0 && panes.length === 0) return [];
  const last = seams.length === 0 ? [] : [isTested(site) ? "seal/water-test" : "seal/bead"];
  return [
    {
      id: "seal/air-out",
      title: "Air the shell out",
      detail: "Doors off or open, a fan across it.",
      stage: "seal",
      handsOnMinutes: 5,
      waitMinutes: site.variant.seal.airingDays.value * 1440,
      waitFor: "the smell to go",
      after: [...last, ...panes].map((id) => ({ id, because: "what is cured still gives off fumes" })),
      splittable: true,
      toHand: [],
      cautions: [],
      passSign: "No smell with your head inside.",
    },
  ];
}

function snags(site: Site, seams: Seam[]): Snag[] {
  const { seal } = site.variant;
  const { at, say, shell } = site;
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject">) => list.push({ stage: "seal", subject: "seams", ...snag });
  const sealant = sealantOf(site);
  const clean = materialsOf(site.book, "sealant").find((s) => !s.mouldInhibitor);
  if (seams.length > 0 && sealant.mouldInhibitor)
    add({
      rule: "seal/mould-inhibitor",
      severity: "stop",
      title: "This sealant poisons",
      sentence: `${sealant.name} holds a mould inhibitor.`,
      reason:
        "It leaches where small animals sit and drink. Use a sealant whose label says 100 % silicone, no additives.",
      ...(clean && {
        fix: { label: `Use ${clean.name.toLowerCase()}`, patch: [set(at("/seal/sealant"), clean.id)] },
      }),
    });
  if (seal.standingWater !== null && seams.length === 0)
    add({
      rule: "seal/water-without-beads",
      severity: "stop",
      title: "Water with no bead to hold it",
      sentence: `${say(seal.standingWater.value)} of water is planned and no seam is sealed.`,
      reason: "Glued joints carry load; they are not watertight.",
      fix: { label: "Bead every seam", patch: [set(at("/seal/seams"), "all")] },
    });
  if (seal.standingWater !== null && seal.standingWater.value > shell.levels.damTopMm) {
    const wanted = seal.standingWater.value + TEST_OVER_MM;
    add({
      rule: "seal/water-over-dam",
      severity: "stop",
      title: "The water line is above the dam",
      sentence: `Water to ${say(seal.standingWater.value)}, dam ${say(shell.levels.damTopMm)}.`,
      reason: "The dam must top the water line, with freeboard to test it 20 mm higher.",
      ...(shell.damPath !== null && {
        fix: { label: `Make the dam ${say(wanted)} high`, patch: [setMm(at(shell.damPath), wanted)] },
      }),
    });
  }
  if (seal.standingWater === null && shell.levels.groundMm > 0)
    add({
      rule: "seal/splash-only",
      severity: "note",
      title: "Sealed against splashes only",
      sentence: "No standing water is planned, so the diary holds no water test.",
      reason:
        "A spilt dish is a splash. A drain layer is standing water sooner or later: plan its level if there will be one.",
    });
  if (seams.length > 0 && shell.faces.base.material.family === "pvcFoam")
    add({
      rule: "seal/key-the-pvc",
      severity: "note",
      title: "Key the PVC before the bead",
      sentence: "Silicone holds weakly on PVC sheet: scuff and degrease both faces of every seam.",
      reason: "It seals the seam; the cement and screws hold the joint.",
    });
  if (seal.airingDays.value < AIRING_DAYS.low && seams.length > 0)
    add({
      rule: "seal/airing-too-short",
      severity: "mind",
      title: "Too short to air out",
      sentence: `${formatNumber(seal.airingDays.value)} days; builders wait ${AIRING_DAYS.low} to ${AIRING_DAYS.high}.`,
      reason: "Curing silicone gives off acid or alcohol until it is through (trade practice, no source).",
      fix: {
        label: `Air for ${AIRING_DAYS.low} days`,
        patch: [
          set(at("/seal/airingDays"), {
            typed: String(AIRING_DAYS.low),
            value: AIRING_DAYS.low,
            how: "stated",
          }),
        ],
      },
    });
  const cureDays = (HOLLOW_DEPTH * seal.leg.value) / (sealant.cureMmPerDay.low ?? sealant.cureMmPerDay.value);
  if (seams.length > 0 && cureDays > 3)
    add({
      rule: "seal/bead-too-thick",
      severity: "mind",
      title: "A very thick bead",
      sentence: `A leg of ${say(seal.leg.value)} cures through in about ${formatMinutes(Math.ceil(cureDays) * 1440)}.`,
      reason: "Silicone cures 2 to 3 mm a day from its face inward (maker's label); two thinner beads are surer.",
      fix: { label: `Lay it ${say(8)} in the leg`, patch: [setMm(at("/seal/leg"), 8)] },
      figure: "seal/cure",
    });
  return list;
}
