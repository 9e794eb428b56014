import { constant, type Known, memory } from "../../figures/figure";
import type { Step } from "../../ledgers/ledger";
import { need, spread } from "../../ledgers/needs";
import { materialsOf } from "../../materials/find";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import { type Cover, ridgeMm } from "../cover";
import { finishWork } from "./finish";
import { laminate } from "./laminate";
import { bulkOf, panelSizes } from "./panelSizes";
import { afterStep, massOf, type Work, wallStep } from "./work";

/** PU glue between boards and to the wall, L/m² and face: from memory. */
const GLUE_L_PER_M2: Known = { value: 0.3, low: 0.2, high: 0.45, basis: memory };
const SKEWERS_PER_M2: Known = { value: 12, low: 8, high: 20, basis: memory };
/** PU glue on boards holds overnight (trade practice). */
const GLUE_SETS_MINUTES = 720;
const BOARD_KG: Known = { value: 35, low: 28, high: 40, basis: memory };

/** Foam boards laminated, carved and finished on the bench, then glued in and pinned. */
export function boardWork(site: Site, cover: Cover, start: Step["after"]): Work {
  const { wall, m2 } = cover;
  const { face } = wall;
  const { thicknessMm, layers } = laminate(site, ridgeMm(wall));
  const size = panelSizes(site, cover, thicknessMm, layers);
  const glue = materialsOf(site.book, "coat").find((c) => c.form === "puGlueFibre")?.id ?? "pu-glue";
  const steps: Step[] = [
    wallStep(cover, "laminate", [{ reached: "sawn", because: "the boards are cut first" }], {
      short: `laminate the ${face} board`,
      uses: [size.part.materialId, glue],
      title: `Laminate the ${face} board`,
      detail: `${layers} × ${site.say(thicknessMm)}, PU glue between, weights on.`,
      handsOnMinutes: 10 + 10 * layers * m2,
      waitMinutes: layers > 1 ? GLUE_SETS_MINUTES : 0,
      waitFor: "the glue between the boards",
      toHand: ["boards", "PU glue", "weights", "gloves"],
      cautions: [CAUTION.solventFumes],
    }),
  ];
  steps.push(
    wallStep(cover, "carve", afterStep(steps.at(-1), "loose boards shift under the knife"), {
      short: "carve",
      title: `Carve the ${face} board`,
      detail: "On the bench, the fitted edges left whole. Vacuum.",
      handsOnMinutes: m2 * (wall.carveBy === "hand" ? RATES.carvePerM2 : RATES.brushPerM2).value,
      work: "carve",
      toHand: ["knife", "vacuum", "mask"],
      cautions: [CAUTION.dust, CAUTION.blade],
      passSign: "Matt all over; it still goes in.",
    }),
  );
  const finish = finishWork(site, cover, steps.at(-1), false);
  steps.push(...finish.steps);
  steps.push(
    wallStep(cover, "fit", [...start, ...afterStep(steps.at(-1), "it is finished on the bench")], {
      short: "in it goes",
      uses: [glue, "skewers"],
      title: `Glue the ${face} board in`,
      detail: "PU glue on its back, skewers through it as pins until it holds; cut them off later.",
      handsOnMinutes: 20 + 20 * m2,
      waitMinutes: GLUE_SETS_MINUTES,
      waitFor: "the glue to hold",
      toHand: ["PU glue", "skewers", "gloves"],
      cautions: [CAUTION.solventFumes],
      passSign: "No edge lifts; nothing shifts by hand.",
    }),
  );
  const boardMm = thicknessMm * layers;
  // What is carved off is about what stands between ridge and mean.
  const leftMm = Math.min(boardMm, cover.meanMm);
  return {
    parts: [size.part],
    needs: [
      need(
        glue,
        "mL",
        `${layers} ${layers === 1 ? "face" : "faces"} of ${formatNumber(m2, 2)} m²`,
        spread(m2 * layers * 1000, GLUE_L_PER_M2),
        [constant("PU glue on a square metre of board", GLUE_L_PER_M2, "L")],
      ),
      need("skewers", "piece", `pins for the ${face}`, spread(m2, SKEWERS_PER_M2), [
        constant("pins in a square metre", SKEWERS_PER_M2, ""),
      ]),
      ...finish.needs,
    ],
    steps,
    bulk: bulkOf(site, cover, size, boardMm),
    masses: [massOf("board", m2 * leftMm, BOARD_KG), ...finish.masses],
    safeMinutes: Math.max(3 * 1440, finish.safeMinutes),
  };
}
