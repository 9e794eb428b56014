import type { Step } from "../../../ledgers/ledger";
import { CAUTION } from "../../../workshop/cautions";
import { RATES } from "../../../workshop/rates";
import type { Here } from "../../kind";
import { HOLD_MM, type Slides } from "./fit";
import type { SlidingPair } from "./schema";

/** Measuring, tracks and hanging. */
export function slideSteps({ site, opening, id }: Here, closure: SlidingPair, { fit }: Slides): Step[] {
  return [
    {
      id: id("measure-opening"),
      title: "Measure the opening, then order the glass",
      detail: `Measure height at both ends and the middle, width at top and foot. Panes of ${site.say(fit.pane.widthMm)} × ${site.say(fit.pane.heightMm)} if it came out as drawn.`,
      stage: "front",
      handsOnMinutes: 15,
      waitMinutes: site.workshop.glassLeadDays * 1440,
      waitFor: "the glass to be cut",
      after: [{ reached: "stands", because: "the opening is what it is only once the frame stands" }],
      splittable: true,
      toHand: ["tape", "phone or paper for the order"],
      cautions: [],
      figure: id("pane-height"),
    },
    {
      id: id("tracks"),
      title: "Glue the tracks in",
      detail: `Deep track at the top, shallow at the foot, both ${site.say(opening.widthMm)}, grooves in line.`,
      stage: "front",
      handsOnMinutes: 30,
      waitMinutes: 1440,
      waitFor: "the adhesive",
      after: [{ reached: "stands", because: "the frame carries the tracks" }],
      uses: [closure.track],
      splittable: true,
      toHand: ["tracks", "adhesive", "tape to hold them"],
      cautions: [CAUTION.solventFumes],
      passSign: "A straight edge lies along both grooves.",
    },
    {
      id: id("hang"),
      title: "Hang the slides",
      detail: "Up into the deep groove, over the lip, down. Rear pane first. Stick the pulls on outside.",
      stage: "front",
      handsOnMinutes: RATES.slidingPair.value,
      waitMinutes: 0,
      after: [
        { id: id("measure-opening"), because: "the panes must have come" },
        { id: id("tracks"), because: "the tracks must hold" },
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
