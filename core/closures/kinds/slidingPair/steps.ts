import { ADHESIVE } from "../../../ledgers/glue";
import type { Step, Wait } from "../../../ledgers/ledger";
import { CAUTION } from "../../../workshop/cautions";
import { RATES } from "../../../workshop/rates";
import type { Here } from "../../kind";
import { measureStep } from "../../measureStep";
import { HOLD_MM, type Slides } from "./fit";
import type { SlidingPair } from "./schema";

/** How the last step is called, and what else must be over before it. */
interface Hanging {
  title: string;
  also: readonly Wait[];
}

/** Measuring, tracks and hanging. */
export function slideSteps(
  here: Here,
  closure: SlidingPair,
  { fit }: Slides,
  { title, also }: Hanging = { title: "Hang the slides", also: [] },
): Step[] {
  const { site, opening, id } = here;
  return [
    measureStep(here, {
      becomes: `Panes of ${site.say(fit.pane.widthMm)} × ${site.say(fit.pane.heightMm)}`,
      ...{ figure: "pane-height", glass: true },
    }),
    {
      id: id("tracks"),
      title: "Glue the tracks in",
      detail: `Deep track at the top, shallow at the foot, both ${site.say(opening.widthMm)}, grooves in line.`,
      stage: "front",
      handsOnMinutes: 30,
      waitMinutes: 1440,
      waitFor: "the adhesive",
      after: [{ reached: "stands", because: "the frame carries the tracks" }],
      uses: [closure.track, ADHESIVE],
      splittable: true,
      toHand: ["tracks", "adhesive", "tape to hold them"],
      cautions: [CAUTION.solventFumes],
      passSign: "A straight edge lies along both grooves.",
    },
    {
      id: id("hang"),
      title,
      detail: "Up into the deep groove, over the lip, down. Rear pane first. Stick the pulls on outside.",
      stage: "front",
      handsOnMinutes: RATES.slidingPair.value,
      waitMinutes: 0,
      after: [
        { id: id("measure-opening"), because: "the panes must have come" },
        { id: id("tracks"), because: "the tracks must hold" },
        ...also,
      ],
      reaches: ["closed"],
      uses: [closure.glass, "finger-pull", ...(closure.brushStrip ? ["brush-strip"] : [])],
      splittable: false,
      toHand: ["panes", "finger pulls", "glass cleaner"],
      cautions: [CAUTION.glass],
      passSign: `Each pane runs freely and reaches ${site.say(HOLD_MM)} or more into the top groove all along.`,
      figure: id("pane-height"),
    },
  ];
}
