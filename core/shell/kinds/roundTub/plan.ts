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

/**
 * Volume of a dome, mL: a cap of a sphere, π·h/6 · (3·r² + h²) (mensuration).
 * @param heightMm of the dome
 * @param acrossMm its foot
 */
export const domeMl = (heightMm: number, acrossMm: number): number =>
  ((Math.PI * heightMm) / 6) * (3 * (acrossMm / 2) ** 2 + heightMm ** 2) * 1e-3;

/** What only this kind has. */
export function planRound(site: Site): TradeLedger {
  const { floorDepth, mound } = site.variant.shell as RoundTubShell;
  const floorMl = floorDepth ? volumeBelowMl(site.shell.profile, floorDepth.value) : 0;
  const moundMl = mound.height ? domeMl(mound.height.value, mound.across.value) : 0;
  const figures: Figure[] = [
    ...(mound.height
      ? [
          {
            id: "shell/mound",
            label: "Mound",
            value: moundMl / 1000,
            unit: "L",
            formula: "a dome: π·h/6 · (3·r² + h²)",
            inputs: [
              { name: "height", value: mound.height.value, unit: "mm" },
              { name: "across its foot", value: mound.across.value, unit: "mm" },
            ],
          },
        ]
      : []),
    ...(floorMl + moundMl > 0
      ? [
          {
            id: "shell/floor-pour",
            label: "Poured floor",
            value: (floorMl + moundMl) / 1000,
            unit: "L",
            formula: `volume of the tub up to the floor's depth × 1.0${moundMl > 0 ? " + the mound" : ""}`,
            inputs: [
              ...(floorDepth ? [{ name: "depth", value: floorDepth.value, unit: "mm", basis: practice }] : []),
              ...(moundMl > 0 ? [{ name: "mound", value: moundMl / 1000, unit: "L", figure: "shell/mound" }] : []),
            ],
          },
        ]
      : []),
  ];
  const pour = figures.find((f) => f.id === "shell/floor-pour");
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
      ...(pour ? [pourStep(pour.value, moundMl > 0)] : []),
    ],
  };
}

/** A floor of gypsum cement: poured, shaped while it stiffens, its passage drilled, cured dry (source: ground). */
const pourStep = (litres: number, mound: boolean): Step => ({
  id: "shell/pour",
  title: "Pour the floor",
  detail: `${formatNumber(litres, 2)} L at once; it is only keyed to plastic. ${mound ? "Heap the mound and shape it" : "Shape it"} while it stiffens, drill the passage to the tube, let it dry through.`,
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
