import { isMade } from "../../../design/found";
import { memory } from "../../../figures/figure";
import { set } from "../../../ledgers/fix";
import type { Step } from "../../../ledgers/ledger";
import { gatherNeeds, need } from "../../../ledgers/needs";
import { filletMl } from "../../../shell/fillet";
import { CAUTION } from "../../../workshop/cautions";
import type { ClosureKind, Here } from "../../kind";
import { newSlidingPair } from "../slidingPair/create";
import { measureSlides } from "../slidingPair/fit";
import { slidingPair } from "../slidingPair/kind";
import type { SlidingPair } from "../slidingPair/schema";
import type { SliderAndPane } from "./schema";

/** The bead the fixed pane stands in, each leg, mm; and bedding it, minutes. From memory. */
const BEAD_MM = { value: 4, basis: memory } as const;
const BED_MINUTES = { value: 25, basis: memory } as const;

/** The same as a pair that both slide: sizes, tracks and the gap between are a pair's. */
const asPair = ({ fixed: _, ...closure }: SliderAndPane): SlidingPair => ({ ...closure, kind: "slidingPair" });
const newSliderAndPane = (opening: string, lock: SliderAndPane["lock"] = null): SliderAndPane => ({
  ...newSlidingPair(4, lock, opening),
  ...{ kind: "sliderAndPane", fixed: "left" },
});

/** Round three sides of the fixed pane: the fourth is where the slider passes. */
const beadMm = (here: Here, closure: SliderAndPane): number => {
  const { pane } = measureSlides(here, asPair(closure)).fit;
  return 2 * pane.widthMm + pane.heightMm;
};

function bedStep(here: Here, closure: SliderAndPane): Step {
  const { id, site } = here;
  return {
    id: id("bed-pane"),
    title: "Bed the fixed pane",
    detail: `In the rear groove, against its ${closure.fixed} side; silicone along head, side and foot, ${site.sayRun(beadMm(here, closure))}.`,
    stage: "front",
    handsOnMinutes: BED_MINUTES.value,
    waitMinutes: 1440,
    waitFor: "the silicone",
    after: [
      { id: id("measure-opening"), because: "the panes must have come" },
      { id: id("tracks"), because: "the tracks must hold" },
      { reached: "fetched", because: "the silicone must be there" },
    ],
    uses: [site.variant.seal.sealant],
    splittable: false,
    toHand: ["silicone", "masking tape", "alcohol"],
    cautions: [CAUTION.glass, CAUTION.siliconeFumes],
    passSign: "It does not move when it is pushed, and the bead has no hole.",
  };
}

/** One pane stands, the other slides before it. */
export const sliderAndPane: ClosureKind<SliderAndPane> = {
  ...slidingPair,
  kind: "sliderAndPane",
  label: "slider before a fixed pane",
  summary: (here, closure) =>
    `a slider before a fixed pane, ${slidingPair.summary(here, asPair(closure)).replace(/^\D*/, "")}`,
  check: (closure, path, checker) => slidingPair.check(asPair(closure), path, checker),
  start: (_, opening) => newSliderAndPane(opening.id),
  startWords: () => ({ button: "Put a slider before a fixed pane", about: "" }),
  offers: (site, opening) =>
    [null, { kind: "key", origin: "made" } as const].map((lock) => ({
      label: `Put a slider before a fixed pane${lock ? ", with a key lock" : ""}`,
      patch: [set(site.at("/closures/-"), newSliderAndPane(opening.id, lock))],
    })),
  leaves(here, closure) {
    const [left, right] = slidingPair.leaves(here, asPair(closure));
    const named = (leaf: typeof left, name: string) => ({ ...leaf!, name });
    return closure.fixed === "left"
      ? [named(left, "fixed pane"), named(right, "slider")]
      : [named(right, "fixed pane"), named(left, "slider")];
  },
  ways: (here, closure) =>
    slidingPair.ways(here, asPair(closure)).map((placed) => ({
      ...placed,
      way: { ...placed.way, name: placed.way.name === "beside the slides" ? "beside the slider" : "behind the slider" },
    })),
  plan(here, closure) {
    const pair = slidingPair.plan(here, asPair(closure));
    if (!isMade(closure)) return pair;
    const step = bedStep(here, closure);
    const { sealant } = here.site.variant.seal;
    const bead = gatherNeeds(here.site.book, here.id("bed"), [
      need(sealant, "mL", "for the fixed pane", [filletMl(BEAD_MM.value, beadMm(here, closure))]),
    ]);
    return {
      ...pair,
      supplies: [...pair.supplies, ...bead.supplies],
      figures: [...pair.figures, ...bead.figures],
      steps: pair.steps.flatMap((s) =>
        s.id === here.id("hang")
          ? [
              step,
              {
                ...s,
                title: "Hang the slider",
                after: [...s.after, { id: step.id, because: "the pane it passes must stand" }],
              },
            ]
          : [s],
      ),
    };
  },
};
