import { memory } from "../../figures/figure";
import { ADHESIVE } from "../../ledgers/glue";
import type { Step } from "../../ledgers/ledger";
import { CAUTION } from "../../workshop/cautions";
import type { Here } from "../kind";
import { measureStep } from "../measureStep";
import { HELD_MM } from "./groove";
import type { GroovedJob } from "./job";

const GROOVE_MINUTES = { value: 30, basis: memory } as const;
const RUN_MINUTES = { value: 15, basis: memory } as const;

/** Measuring, gluing the grooves in, running the pane in. */
export function groovedSteps(here: Here, { of, run, alongMm, infill, groove }: GroovedJob): Step[] {
  const { site, opening, id } = here;
  const glass = infill.class === "glass";
  return [
    measureStep(here, {
      becomes: `${site.say(run.acrossMm)} × ${site.say(alongMm)}`,
      ...{ figure: `${of.one}-across`, glass },
    }),
    {
      id: id("grooves"),
      title: "Glue the grooves in",
      detail: `Two of ${site.say(opening.heightMm)} and one of ${site.say(opening.widthMm)}, mitred or butted, in one plane.`,
      stage: "front",
      handsOnMinutes: GROOVE_MINUTES.value,
      waitMinutes: 1440,
      waitFor: "the adhesive",
      after: [
        { reached: "stands", because: "the frame carries them" },
        { reached: "fetched", because: "the profile must be there" },
      ],
      uses: [groove.material.id, ADHESIVE],
      splittable: true,
      toHand: ["fine saw", "adhesive", "tape to hold them"],
      cautions: [CAUTION.solventFumes],
      passSign: "A straight edge lies along both, and a strip of the pane's thickness runs through.",
    },
    {
      id: id("hang"),
      title: `Run the ${of.one} in`,
      detail: `From the ${of.moves === "lifts" ? "head" : "front"}. Pull and stop on.`,
      stage: "front",
      handsOnMinutes: RUN_MINUTES.value,
      waitMinutes: 0,
      after: [
        { id: id("measure-opening"), because: "it must have come" },
        { id: id("grooves"), because: "the grooves must hold" },
        ...(glass ? [] : [{ reached: "sawn", because: "it must be cut" } as const]),
        { reached: "fetched", because: "its pull must be there" },
      ],
      reaches: ["closed"],
      uses: [infill.id, "finger-pull", "door-stop"],
      splittable: false,
      toHand: ["pull", "stop"],
      cautions: glass ? [CAUTION.glass] : [],
      passSign: `It runs without force, and pushed to one side still reaches ${site.say(HELD_MM)} into the other groove.`,
    },
  ];
}
