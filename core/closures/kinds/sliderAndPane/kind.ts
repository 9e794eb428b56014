import { isMade } from "../../../design/found";
import { memory } from "../../../figures/figure";
import { emptyLedger, gather, type Step } from "../../../ledgers/ledger";
import { gatherNeeds, need } from "../../../ledgers/needs";
import { filletMl } from "../../../shell/fillet";
import { CAUTION } from "../../../workshop/cautions";
import type { ClosureKind, Here, Leaf } from "../../kind";
import { withAndWithoutKey } from "../../offers";
import { newSlidingPair } from "../slidingPair/create";
import { measureSlides } from "../slidingPair/fit";
import { paneWords, planSlides, slidingPair } from "../slidingPair/kind";
import type { SlidingPair } from "../slidingPair/schema";
import { slideWays } from "../slidingPair/ways";
import type { SliderAndPane } from "./schema";

/** The bead the fixed pane stands in, each leg, mm; and bedding it, minutes. From memory. */
const BEAD_MM = { value: 4, basis: memory } as const;
const BED_MINUTES = { value: 25, basis: memory } as const;

/** The same as a pair that both slide: sizes, tracks and the gap between are a pair's. */
const asPair = ({ fixed: _, ...closure }: SliderAndPane): SlidingPair => ({ ...closure, kind: "slidingPair" });
const newSliderAndPane = (opening: string): SliderAndPane => ({
  ...newSlidingPair(4, null, opening),
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
  kind: "sliderAndPane",
  label: "slider before a fixed pane",
  ...{ suits: slidingPair.suits, what: slidingPair.what, unlocked: slidingPair.unlocked },
  summary: (here, closure) => `a slider before a fixed pane, each ${paneWords(here, asPair(closure))}`,
  check: (closure, path, checker) => slidingPair.check(asPair(closure), path, checker),
  start: (_, opening) => newSliderAndPane(opening.id),
  startWords: () => ({ button: "Put a slider before a fixed pane", about: "" }),
  offers: (site, opening) => withAndWithoutKey(site, "Put a slider before a fixed pane", newSliderAndPane(opening.id)),
  leaves(here, closure) {
    const [left, right] = slidingPair.leaves(here, asPair(closure)) as [Leaf, Leaf];
    const [fixed, slider] = closure.fixed === "left" ? [left, right] : [right, left];
    const { thicknessMm } = measureSlides(here, asPair(closure)).glass;
    const byMm = slider.rect.uMm - fixed.rect.uMm;
    return [
      { ...fixed, name: "fixed pane", moves: { how: "stays", thicknessMm } },
      { ...slider, name: "slider", moves: { how: "slides", along: "u", byMm, thicknessMm } },
    ];
  },
  passage(here, closure) {
    const { pane, clearMm } = measureSlides(here, asPair(closure)).fit;
    return { widthMm: here.opening.widthMm - pane.widthMm, heightMm: clearMm };
  },
  ways(here, closure) {
    const pair = asPair(closure);
    return slideWays(here, pair, measureSlides(here, pair), {
      ...{ between: "behind the slider", beside: "beside the slider", ends: "at the ends of the tracks" },
    });
  },
  plan(here, closure) {
    const pair = asPair(closure);
    if (!isMade(closure)) return planSlides(here, pair);
    const step = bedStep(here, closure);
    const stands = [{ id: step.id, because: "the pane it passes must stand" }];
    const { sealant } = here.site.variant.seal;
    const bead = gatherNeeds(here.site.book, here.id("bed"), [
      need(sealant, "mL", "for the fixed pane", [filletMl(BEAD_MM.value, beadMm(here, closure))]),
    ]);
    return gather([
      planSlides(here, pair, { title: "Hang the slider", also: stands }),
      { ...emptyLedger(), ...bead, steps: [step] },
    ]);
  },
};
