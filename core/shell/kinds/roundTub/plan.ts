import { type Figure, type Known, memory, practice } from "../../../figures/figure";
import { emptyLedger, type Step, type TradeLedger } from "../../../ledgers/ledger";
import { gatherNeeds, need } from "../../../ledgers/needs";
import { formatNumber } from "../../../units/format";
import { CAUTION } from "../../../workshop/cautions";
import { volumeBelowMl } from "../../profile";
import type { Site } from "../../site";
import { surveyStep } from "../foundSteps";
import type { RoundTubShell } from "./schema";

/** A poured floor dries through in about a week. */
const DRIES_MINUTES: Known = { value: 7 * 1440, low: 4 * 1440, high: 14 * 1440, basis: memory };

/** What only this kind has. */
export function planRound(site: Site): TradeLedger {
  const { floorDepth } = site.variant.shell as RoundTubShell;
  const figures: Figure[] = floorDepth
    ? [
        {
          id: "shell/floor-pour",
          label: "Poured floor",
          value: volumeBelowMl(site.shell.profile, floorDepth.value) / 1000,
          unit: "L",
          formula: "volume of the tub up to the floor's depth × 1.0",
          inputs: [{ name: "depth", value: floorDepth.value, unit: "mm", basis: practice }],
        },
      ]
    : [];
  const pour = figures[0];
  const gathered = gatherNeeds(
    site.book,
    "shell",
    pour
      ? [need("fill-gypsum", "mL", "the poured floor", [pour.value * 1000, pour.value * 1000, pour.value * 1150])]
      : [],
  );
  return {
    ...emptyLedger(),
    figures: [...figures, ...gathered.figures],
    supplies: gathered.supplies,
    steps: [
      surveyStep(site, "Two diameters at rim and foot, crossing; height inside. Try the tube dry against the wall."),
      ...(pour ? [pourStep(pour.value)] : []),
    ],
  };
}

/** A floor of gypsum cement: poured, shaped while it stiffens, its passage drilled, cured dry (source: ground). */
const pourStep = (litres: number): Step => ({
  id: "shell/pour",
  title: "Pour the floor",
  detail: `${formatNumber(litres, 2)} L at once; it is only keyed to plastic. Shape it while it stiffens, drill the passage to the tube, let it dry through.`,
  stage: "shell",
  handsOnMinutes: 40,
  waitMinutes: DRIES_MINUTES.value,
  waitFor: "the floor to dry through",
  after: [{ id: "shell/survey", because: "the tube is tried dry first: plaster fixes its place" }],
  reaches: ["poured"],
  uses: ["fill-gypsum"],
  posture: "upright",
  holdsPosture: true,
  splittable: false,
  toHand: ["gypsum cement", "water", "bowl", "spatula", "drill"],
  cautions: [CAUTION.alkaline, CAUTION.dust],
  passSign: "Light, hard, and as dry to the cheek as the wall.",
  figure: "shell/floor-pour",
});
