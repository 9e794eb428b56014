import { poolDividers } from "../dividers/bounds";
import type { Divider } from "../dividers/schema";
import { zonesNamed, zonesOf } from "../dividers/zones";
import { featureKind } from "../features/index";
import type { Figure } from "../figures/figure";
import type { Step } from "../ledgers/ledger";
import { baseOf } from "../shell/base";
import type { Seam } from "../shell/shell";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import { CAUTION } from "../workshop/cautions";
import { RATES, WAITS } from "../workshop/rates";
import { sealantOf } from "./beads";
import { TOLERANCE_MM_PER_DAY } from "./leak/tolerance";
import { curesOf, layerKind } from "./stack/layers";
import { coatsSafeMinutes, coatsWetMinutes, isCoated } from "./stack/planStacks";
import { isPassed, type TestSeen } from "./test/standing";
import { testLevel } from "./testLevel";
import { hasDam, waterStands } from "./water";

/**
 * The beads; mending first where the last test leaked.
 * @param leaks whether it did
 */
export function beadSteps(site: Site, figures: Figure[], leaks: boolean): Step[] {
  const { seal } = site.variant;
  const metres = figures.find((f) => f.id === "seal/length")!.value / 1000;
  const cureMinutes = figures.find((f) => f.id === "seal/cure")!.value;
  const list: Step[] = [
    ...(leaks ? repairSteps(metres, cureMinutes) : []),
    {
      id: "seal/key",
      title: "Key, degrease and mask the seams",
      detail: `Scuff ${site.say(10)} either side of each corner, wipe with alcohol, tape along both legs.`,
      stage: "seal",
      handsOnMinutes: metres * RATES.maskPerMetre.value,
      work: "mask",
      waitMinutes: 0,
      after: [
        { reached: "stands", because: "the seams must stand still" },
        ...(leaks
          ? [{ id: "seal/repair-cut", because: "nothing but silicone sticks to silicone, and that only poorly" }]
          : []),
      ],
      reaches: ["keyed"],
      splittable: true,
      toHand: ["abrasive pad", "alcohol", "masking tape"],
      cautions: [CAUTION.dust],
    },
    {
      id: "seal/bead",
      title: "Run and tool the beads",
      detail: `${site.sayRun(metres * 1000)}, leg ${site.say(seal.leg.value)}. One seam at a time: lay, tool at once, pull the tape.`,
      stage: "seal",
      handsOnMinutes: metres * RATES.beadPerMetre.value,
      work: "bead",
      waitMinutes: cureMinutes,
      waitFor: "the bead to cure through",
      cures: { ...curesOf(layerKind("beads").dry), wet: cureMinutes },
      after: [
        { id: "seal/key", because: "silicone holds on a keyed, degreased face" },
        { reached: "coated", because: "rubber and varnish go under the silicone, never over it" },
        { reached: "holesCut", because: "holes come before coats and beads" },
      ],
      reaches: ["sealed"],
      uses: [seal.sealant],
      posture: "upright",
      holdsPosture: true,
      splittable: true,
      toHand: [sealantOf(site).name, "gun", "tooling stick", "soapy water", "rag"],
      cautions: [CAUTION.siliconeFumes],
      passSign: "Continuous, pressed in, wiped: no pinhole under a lamp.",
      figure: "seal/volume",
    },
  ];
  return list;
}

/** Where papers lie for a test: under the seams as far as they are reached from outside. */
function paperWords({ shell, say }: Site): string {
  if (shell.seams.length === 0) return "dry paper under it";
  // A base that hangs in its frame hides the foot of every wall.
  return shell.baseHangs
    ? `dry paper under the base, in its ${say(shell.legsMm)} of frame, and along every seam above it`
    : "dry paper under every seam";
}

/**
 * The water test, wherever water can stand, with or without beads of one's own.
 * @param test how it stands by its log: one that is a pass is over
 */
export function testSteps(site: Site, test: TestSeen): Step[] {
  if (!waterStands(site)) return [];
  const { levelMm, capped } = testLevel(site.shell.levels);
  // Its own log says when it was over: the last reading of a test that is a pass.
  const overAt = test.ended && isPassed(test) ? test.readings.at(-1)?.at : undefined;
  const lining = site.shell.lining
    ? " The background it came with is taken out for it where it comes out; else the test is kept as made with it in."
    : "";
  return [
    {
      id: "seal/water-test",
      title: "Water test",
      detail: `Level, on its stand. Fill to ${site.say(levelMm)}${capped ? `, the top of the dam: ${site.say(20)} over the water line would run over it` : hasDam(site) ? "" : ", once there is a dam"}. Control pan inside, ${paperWords(site)}, first reading after two hours.${lining}`,
      stage: "seal",
      handsOnMinutes: RATES.waterTestSetUp.value + 5 * RATES.waterTestReading.value,
      waitMinutes: WAITS.waterTest.value,
      waitFor: "a slow seep to tell from evaporation",
      after: [
        { id: "seal/bead", because: "the beads must be cured through" },
        ...coatsDry(site).map(({ id }) => ({ id, because: "a coat must be through before it gets wet" })),
        { reached: "sealed", because: "what holds water is whole before it is tested" },
        { reached: "stands", because: "it is tested as it will stand" },
        { reached: "holesCut", because: "ports and drains go in before the test" },
      ],
      reaches: ["waterTested"],
      posture: "upright",
      holdsPosture: true,
      splittable: false,
      toHand: ["finely divided ruler", "open pan", "dry paper", "jug"],
      cautions: [CAUTION.waterPower, CAUTION.lift],
      passSign: `Papers dry, and the shell loses no more than the pan, give or take ${site.say(TOLERANCE_MM_PER_DAY)} a day.`,
      figure: "seal/test-litres",
      ownLog: "waterTest",
      ...(overAt !== undefined && { overAt }),
    },
    ...coatsDry(site),
    ...dividerTests(site),
  ];
}

/** What the coats still wait, once the last is on, until they may get wet. */
function coatsDry(site: Site): Step[] {
  const waitMinutes = coatsWetMinutes(site);
  if (waitMinutes === 0) return [];
  return [
    {
      id: "seal/coats-dry",
      title: "Try the coats before they get wet",
      detail: "A fingernail in a corner: nothing gives, nothing smears.",
      stage: "seal",
      handsOnMinutes: 2,
      waitMinutes,
      waitFor: "the coats to be through",
      after: [{ reached: "coated", because: "it is the last of that face" }],
      splittable: false,
      toHand: [],
      cautions: [],
      passSign: "No mark of the nail, no smell close to.",
    },
  ];
}

/** A base that leaks: dried out, its old beads cut out; then keyed, beaded and tested as before. */
function repairSteps(metres: number, cureMinutes: number): Step[] {
  return [
    {
      id: "seal/repair-dry",
      title: "Empty it and dry it out",
      detail: "Siphon, wipe, a fan across it. Mark where the paper was wet.",
      stage: "seal",
      handsOnMinutes: 20,
      waitMinutes: WAITS.dryOut.value,
      waitFor: "the seams to dry through",
      after: [],
      splittable: true,
      toHand: ["siphon", "rags", "fan", "marker"],
      cautions: [CAUTION.waterPower, CAUTION.lift],
      figure: "seal/test-litres",
    },
    {
      id: "seal/repair-cut",
      title: "Cut the old silicone out",
      detail: `A razor along both legs, then alcohol. The new bead cures ${Math.ceil(cureMinutes / 60)} h, the longer of a day and its depth at the slowest; then it is tested again, for a repair is itself unproven.`,
      stage: "seal",
      handsOnMinutes: metres * RATES.beadPerMetre.value,
      work: "bead",
      waitMinutes: 0,
      after: [{ id: "seal/repair-dry", because: "silicone does not hold on a wet seam" }],
      splittable: true,
      toHand: ["razor scraper", "alcohol", "gloves"],
      cautions: [CAUTION.blade],
      passSign: "Clean wall both sides, no smear of old silicone.",
    },
  ];
}

/** What the pool behind a divider takes for its test. */
function poolWords(site: Site, divider: Divider): string {
  const { variant } = site;
  const pool = variant.vessels.find((p) => p.kind === "pool" && poolDividers(variant, p).includes(divider));
  if (pool?.kind !== "pool") return "";
  const m2 =
    pool.zone === null
      ? (pool.width.value * pool.length.value) / 1e6
      : zonesNamed(zonesOf(baseOf(site.shell), variant.dividers), pool.zone).reduce((sum, z) => sum + z.m2, 0);
  return `, ${formatNumber(m2 * divider.height.value)} L in the pool's own ${formatNumber(m2, 3)} m²`;
}

/** Each divider that keeps one side dry is tested so, after the base. */
const dividerTests = (site: Site): Step[] =>
  site.variant.dividers
    .filter((d) => d.watertight)
    .map((d) => ({
      id: `seal/divider-test/${d.id}`,
      title: `Test ${d.name.toLowerCase()}, one side dry`,
      detail: `Water on one side to just under ${site.say(d.height.value)}${poolWords(site, d)}, dry paper along the other side's foot.`,
      stage: "seal",
      handsOnMinutes: RATES.waterTestSetUp.value,
      waitMinutes: WAITS.dryOut.value,
      waitFor: "a seep to show on the dry side",
      after: [{ id: "seal/water-test", because: "the base must hold before what stands on it is judged" }],
      reaches: ["waterTested"],
      posture: "upright",
      holdsPosture: true,
      splittable: false,
      toHand: ["jug", "dry paper"],
      cautions: [CAUTION.waterPower],
      passSign: "The paper on the dry side stays dry for a day.",
    }));

/** Whatever was sealed, seam, pane or coat, airs before animals: as long as is set, or as the slowest coat takes. */
export function airOut(site: Site, seams: Seam[]): Step[] {
  const bedded = site.variant.features.some((f) => featureKind(f).bedded?.(f));
  const sealed = seams.length > 0 || isCoated(site) || bedded;
  if (!sealed) return [];
  const because = "what is cured still gives off fumes";
  return [
    {
      id: "seal/air-out",
      title: "Air the shell out",
      detail: "Doors off or open, a fan across it.",
      stage: "seal",
      handsOnMinutes: 5,
      waitMinutes: Math.max(site.variant.seal.airingDays.value * 1440, coatsSafeMinutes(site)),
      waitFor: "the smell to go",
      after: [
        { reached: "waterTested", because },
        { reached: "sealed", because },
        { reached: "coated", because },
      ],
      reaches: ["airedOut"],
      splittable: true,
      toHand: [],
      cautions: [],
      passSign: "No smell with your head inside.",
    },
  ];
}
