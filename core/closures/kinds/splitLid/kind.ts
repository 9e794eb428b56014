import { isMade } from "../../../design/found";
import { statedMm } from "../../../design/measure";
import { memory } from "../../../figures/figure";
import { emptyLedger, gather, type Part, type Step, type TradeLedger } from "../../../ledgers/ledger";
import { gatherNeeds, need } from "../../../ledgers/needs";
import { shellSheets } from "../../../materials/board";
import { findMaterial } from "../../../materials/find";
import { filletMl } from "../../../shell/fillet";
import type { Opening } from "../../../shell/shell";
import type { Site } from "../../../shell/site";
import { formatLength } from "../../../units/format";
import { CAUTION } from "../../../workshop/cautions";
import type { ClosureKind, Here } from "../../kind";
import { checkLeafed } from "../../leaf/check";
import { catchesIn, hingesIn } from "../../leaf/fittings";
import { fixingFor } from "../../leaf/hanging";
import { asHingedTo, type Hanging, type LeafJob, measureLeaf, sizedOf } from "../../leaf/job";
import { leafParts } from "../../leaf/parts";
import { planLeaves } from "../../leaf/plan";
import { newLeafed } from "../../leaf/schema";
import { settled } from "../../leaf/start";
import { leafWays } from "../../leaf/ways";
import { flapWords, type LeafWords } from "../../leaf/words";
import { withAndWithoutKey } from "../../offers";
import type { SplitLid } from "./schema";

const fixedWords: LeafWords = { ...flapWords, one: "half", all: "fixed half" };
/** The bead the fixed half lies in, each leg, mm; and bedding it, minutes. From memory. */
const BEAD_MM = { value: 4, basis: memory } as const;
const BED_MINUTES = { value: 20, basis: memory } as const;

type At = Pick<Here, "site" | "opening">;

/** The flap hangs on a line across the lid: its height along the hinges is the opening's width. */
const hangingIn = (at: At, closure: SplitLid): Hanging => ({
  ...{ kind: "hinged", leaves: 1, hinges: closure.hinges, on: asHingedTo(fixedOf(at, closure)) },
  opening: { widthMm: closure.flap.value, heightMm: at.opening.widthMm },
});
const flapOf = (at: At, closure: SplitLid): LeafJob =>
  measureLeaf(at.site, at.opening, closure, hangingIn(at, closure));

/** What is behind the flap, without a clearance where the two meet: that is the flap's. */
const fixedOf = ({ site, opening }: At, closure: SplitLid): LeafJob =>
  measureLeaf(
    site,
    opening,
    { ...closure, clearance: { ...closure.clearance, foot: statedMm(0), lock: closure.clearance.head } },
    {
      ...{ kind: "lid", leaves: 1, centred: true },
      opening: { widthMm: opening.widthMm, heightMm: Math.max(1, opening.heightMm - closure.flap.value) },
    },
  );

function newSplitLid(site: Site, opening: Opening): SplitLid {
  const { book } = site;
  const closure: SplitLid = {
    ...{ id: opening.id, opening: opening.id, origin: "made", lock: null, kind: "splitLid" },
    ...newLeafed({ infill: shellSheets(book)[0]?.id ?? "" }, catchesIn(book)[0]?.id ?? ""),
    hinges: { hinge: hingesIn(book)[0]?.id ?? "", count: 2, spacing: null, fixing: "screws" },
    flap: statedMm(Math.round(opening.heightMm / 2)),
  };
  const sized = settled(site, opening, closure, hangingIn({ site, opening }, closure));
  const fixing = fixingFor({ site }, flapOf({ site, opening }, sized));
  return { ...sized, hinges: { ...sized.hinges, fixing } };
}

/** The fixed half, bedded before the flap is hung to it. */
function fixedHalf(here: Here, closure: SplitLid): Pick<TradeLedger, "parts" | "supplies" | "steps" | "figures"> {
  const { site, opening, id } = here;
  const job = fixedOf(here, closure);
  const sized = sizedOf(job);
  if (!sized) return { parts: [], supplies: [], steps: [], figures: [] };
  const parts: Part[] = leafParts(here, job, sized, fixedWords).map(({ figure: _, ...part }) => part);
  const { sealant } = site.variant.seal;
  const beadMm = opening.widthMm + 2 * (opening.heightMm - closure.flap.value);
  const bead = gatherNeeds(site.book, id("bed"), [
    need(sealant, "mL", "for the fixed half of the lid", [filletMl(BEAD_MM.value, beadMm)]),
  ]);
  const step: Step = {
    id: id("bed-half"),
    title: "Bed the fixed half of the lid",
    detail: `${site.say(sized.leaf.widthMm)} × ${site.say(sized.leaf.heightMm)}, in silicone along its back and both sides, ${site.sayRun(beadMm)}.`,
    stage: "front",
    handsOnMinutes: BED_MINUTES.value,
    waitMinutes: 1440,
    waitFor: "the silicone",
    after: [
      { id: id("measure-opening"), because: "it is cut to the opening as it is" },
      { reached: "sawn", because: "it must be cut" },
      { reached: "fetched", because: "the silicone must be there" },
      { reached: "stands", because: "it lies on the shell as it stands" },
    ],
    uses: [sealant, job.infill.id],
    splittable: false,
    toHand: ["silicone", "masking tape", "weights"],
    cautions: [CAUTION.siliconeFumes],
    passSign: "It does not lift anywhere under a thumb.",
  };
  return { parts, supplies: bead.supplies, steps: [step], figures: bead.figures };
}

/** A lid whose back stays and whose front swings up. */
export const splitLid: ClosureKind<SplitLid> = {
  kind: "splitLid",
  label: "lid in two, the front hinged",
  suits: ({ face, round }) => face === "top" && !round,
  summary(here, closure) {
    const sized = sizedOf(flapOf(here, closure));
    const { say, brief } = here.site;
    return sized
      ? `under a lid in two, its flap ${formatLength(sized.leaf.heightMm, brief.units)} × ${say(sized.leaf.widthMm)}`
      : "under a lid in two, not to be made so";
  },
  what: () => "flap",
  unlocked: () => "What leans on the flap lifts it in the end.",
  check(closure, path, checker) {
    checkLeafed(closure, path, checker);
    checker.between(`${path}/flap`, closure.flap, 60, 3000, "The hinged half");
    if (!findMaterial(checker.book, closure.hinges.hinge, "hardware"))
      checker.add(`${path}/hinges/hinge`, `The book has no hinge “${closure.hinges.hinge}”. Choose another.`);
  },
  start: newSplitLid,
  startWords: () => ({ button: "Put a lid on in two, the front hinged", about: "" }),
  offers: (site, opening) => withAndWithoutKey(site, "Put a lid on in two", newSplitLid(site, opening)),
  leaves(here, closure) {
    const flap = flapOf(here, closure);
    const fixed = fixedOf(here, closure);
    const [swings, stays] = [sizedOf(flap), sizedOf(fixed)];
    if (!swings || !stays) return [];
    const { opening } = here;
    const { lock, foot } = flap.input.clearanceMm;
    const thicknessMm = flap.input.leaf.thicknessMm ?? flap.input.leaf.infill.thicknessMm;
    return [
      {
        ...{ id: "flap", name: "flap", of: flap.infill.class },
        rect: {
          ...{ uMm: opening.uMm + foot, vMm: opening.vMm + lock },
          ...{ widthMm: swings.leaf.heightMm, heightMm: swings.leaf.widthMm },
        },
        moves: { how: "swings", hangs: "head", thicknessMm },
      },
      {
        ...{ id: "half", name: "fixed half", of: fixed.infill.class },
        rect: {
          ...{ uMm: opening.uMm + fixed.input.clearanceMm.lock, vMm: opening.vMm + closure.flap.value },
          ...{ widthMm: stays.leaf.widthMm, heightMm: stays.leaf.heightMm },
        },
        moves: { how: "stays", thicknessMm },
      },
    ];
  },
  ways(here, closure) {
    const job = flapOf(here, closure);
    const sized = sizedOf(job);
    return sized && sizedOf(fixedOf(here, closure)) ? leafWays(here, job, sized, flapWords, closure.lock) : [];
  },
  plan(here, closure) {
    const job = flapOf(here, closure);
    if (!isMade(closure)) return planLeaves(here, closure, job, flapWords);
    const half = fixedHalf(here, closure);
    const bedded = half.steps.map(({ id }) => ({ id, because: "it hangs from the fixed half" }));
    return gather([{ ...emptyLedger(), ...half }, planLeaves(here, closure, job, flapWords, bedded)]);
  },
};
