import { type Known, memory } from "../../figures/figure";
import type { Step, Wait } from "../../ledgers/ledger";
import { capital } from "../../units/capital";
import { CAUTION } from "../../workshop/cautions";
import { LIFT_KG } from "../../workshop/lift";
import type { DoorResult } from "../door/format";
import type { Here } from "../kind";
import { measureStep } from "../measureStep";
import type { LeafJob } from "./job";
import type { Hinges } from "./schema";
import { catchesOf } from "./supplies";
import type { LeafWords } from "./words";

const minutes = (value: number): Known => ({ value, low: value * 0.6, high: value * 1.6, basis: memory });
const FRAME = minutes(45);
const FILL = minutes(20);
const WINDOW = minutes(40);
const HANG = minutes(40);
const FIT = minutes(20);
/** Glued corners are left a night. From memory. */
const GLUE_WAIT = { value: 1440, basis: memory } as const;

/** What the steps of a closure's leaves are told of. */
interface Making {
  here: Here;
  job: LeafJob;
  sized: DoorResult;
  words: LeafWords;
}

/** The step after which a leaf's bars, or the leaf itself, are to hand. */
const readyAt = ({ here: { id }, job: { bar } }: Making) => (bar ? id("frame") : id("measure-opening"));

/** Its bars cut and glued. */
function frameSteps({ here: { site, id }, job: { bar, made, hanging }, words }: Making): Step[] {
  if (!bar || !made.leaf.frame) return [];
  return [
    {
      id: id("frame"),
      title: `Cut the bars and make the ${words.all} up`,
      detail: `${made.leaf.frame.join === "mitre" ? "Mitres of 45°, tried dry" : "Stiles whole, rails between them"}; square by both diagonals, flat on the bench while the glue holds. Glue and screws are not counted.`,
      stage: "front",
      handsOnMinutes: FRAME.value * hanging.leaves,
      waitMinutes: GLUE_WAIT.value,
      waitFor: "the glue in the corners",
      after: [
        { id: id("measure-opening"), because: "bars are cut to the opening as it is" },
        { reached: "fetched", because: "the bars must be there" },
      ],
      uses: [bar.id, "corner-piece"],
      splittable: true,
      toHand: ["saw", "mitre box or stop", "square", "clamps", "glue"],
      cautions: [CAUTION.saw, CAUTION.dust],
      passSign: `Both diagonals agree within ${site.say(1)}, and it lies flat.`,
      figure: id(`${words.one}-height`),
    },
  ];
}

/** A window cut into a leaf of sheet, and closed. */
function windowSteps(making: Making): Step[] {
  const { here, job, words } = making;
  const { window, infill, hanging } = job;
  if (!window) return [];
  const { say } = here.site;
  const mesh = window.infill.class === "mesh";
  return [
    {
      id: here.id("window"),
      title: `Cut the window into the ${words.one} and close it`,
      detail: `${say(window.widthMm)} × ${say(window.heightMm)} in its middle, corners drilled first; lapped ${say(window.lapMm)} all round.`,
      stage: "front",
      handsOnMinutes: WINDOW.value * hanging.leaves,
      waitMinutes: 0,
      after: [
        { id: readyAt(making), because: "its frame must be made" },
        { reached: "sawn", because: "the sheet must be cut" },
        { reached: "fetched", because: "what closes it must be there" },
      ],
      reaches: ["meshed"],
      uses: [infill.id, window.infill.id, ...(mesh ? ["mesh-batten"] : [])],
      splittable: true,
      toHand: ["drill", "jigsaw or knife", "file"],
      cautions: [CAUTION.blade, mesh ? CAUTION.mesh : CAUTION.glass],
    },
  ];
}

/** How each sort of infill goes into its frame. */
const FILLING = {
  glass: { title: "Set the glass on its blocks", toHand: ["blocks and shims", "knife"], caution: CAUTION.glass },
  sheet: { title: "Fit the sheet", toHand: ["screws", "knife"], caution: CAUTION.blade },
  mesh: { title: "Stretch the mesh", toHand: ["stapler or roller", "knife"], caution: CAUTION.mesh },
} as const;

function fillWords({ here: { site }, job: { infill, made, hanging } }: Making): string {
  const play = site.say(made.leaf.play.value);
  if (infill.class === "mesh")
    return "From the middle outward, battens or spline all round, no end of wire to be felt.";
  if (infill.class === "sheet") return `${play} clear all round, so that it may move.`;
  if (!made.leaf.blocks) return "No blocks are planned: it stands on its frame.";
  const blocks =
    hanging.kind === "hinged"
      ? "One block at the foot by the hinges, one at the head by the lock"
      : "Blocks at the quarter points";
  return `${blocks}; ${play} clear all round, beads or silicone after.`;
}

/** What a frame is filled with, once its glue holds. */
function fillSteps(making: Making): Step[] {
  const { here, job } = making;
  const { id } = here;
  const { infill, made, hanging, bar } = job;
  if (!bar) return [];
  const { title, toHand, caution } = FILLING[infill.class];
  const mesh = infill.class === "mesh";
  const sheet = infill.class === "sheet";
  return [
    {
      ...{ id: id("infill"), title, detail: fillWords(making), stage: "front" },
      ...{ handsOnMinutes: FILL.value * hanging.leaves, waitMinutes: 0 },
      after: [
        { id: id("frame"), because: "the glue must hold" },
        { id: id("measure-opening"), because: "the pane must have come" },
        { reached: "fetched", because: "it must be there" },
        ...(sheet ? [{ reached: "sawn", because: "the sheet must be cut" } as const] : []),
      ],
      ...(mesh && { reaches: ["meshed" as const] }),
      uses: [
        infill.id,
        ...(infill.class === "glass" && made.leaf.blocks ? ["setting-block"] : []),
        ...(mesh ? ["mesh-batten"] : []),
      ],
      splittable: true,
      toHand: [...toHand],
      cautions: [caution],
    },
  ];
}

const FIXED: Record<Hinges["fixing"], string> = {
  screws: "screws pre-drilled",
  bolts: "bolted through with washers",
  clamped: "clamped or bonded on, as their maker says",
};

/** Hung, or laid and tried, with what holds it. @param also what else must be over first */
function hangStep(making: Making, also: readonly Wait[]): Step {
  const { here, job, sized, words } = making;
  const { site, id } = here;
  const { made, hanging, infill, bar, window } = job;
  const { hinges, kind, leaves } = hanging;
  const n = catchesOf(job, sized);
  const catches = `${n} ${n === 1 ? "catch" : "catches"}, one each ${site.say(made.holds.every.value)}`;
  const bareSheet = !bar && infill.class === "sheet";
  return {
    id: id("hang"),
    title: hinges ? `Hang the ${words.all}` : kind === "lid" ? "Fit the lid" : "Fit the panel",
    detail: hinges
      ? `${hinges.count} hinges a leaf, ${FIXED[hinges.fixing]}; shims of ${site.say(made.clearance.foot.value)} under it while they go in. ${catches}.`
      : `${catches}; tried with a finger between each two.`,
    stage: "front",
    handsOnMinutes: (hinges ? HANG.value : FIT.value) * leaves,
    waitMinutes: 0,
    after: [
      { id: id("infill"), because: "it is hung whole" },
      { id: id("window"), because: "it is hung whole" },
      { id: readyAt(making), because: "it must be made" },
      { reached: "fetched", because: "what holds it must be there" },
      ...(bareSheet ? [{ reached: "sawn", because: "the sheet must be cut" } as const] : []),
      { reached: "stands", because: "it is fitted to the shell as it stands" },
      ...also,
    ],
    reaches: ["closed"],
    uses: [
      ...(hinges ? [hinges.hinge] : []),
      ...[made.holds.catch, "finger-pull"],
      ...(made.stop ? ["door-stop"] : []),
      ...(bar || window ? [] : [infill.id]),
    ],
    splittable: false,
    toHand: ["shims", "screwdriver", "pencil", "what holds it"],
    cautions: [
      ...(infill.class === "glass" ? [CAUTION.glass] : []),
      ...(sized.leaf.massKg > LIFT_KG ? [CAUTION.lift] : []),
    ],
    passSign: "It shuts without force, touches nowhere, and each catch is heard or seen to hold.",
    figure: id(`${words.one}-width`),
  };
}

/** Measuring, making, filling and hanging, in that order. @param also what else must be over before it is hung */
export function leafSteps(
  here: Here,
  job: LeafJob,
  sized: DoorResult,
  words: LeafWords,
  also: readonly Wait[],
): Step[] {
  const making = { here, job, sized, words };
  const { say } = here.site;
  const { leaf, infill } = sized;
  const glass = job.infill.class === "glass";
  const size = infill ?? leaf;
  const pane = glass ? `, pane of ${say(size.widthMm)} × ${say(size.heightMm)}` : "";
  return [
    measureStep(here, {
      becomes: `${capital(words.one)} of ${say(leaf.widthMm)} × ${say(leaf.heightMm)}${pane}`,
      ...{ figure: `${words.one}-width`, glass },
    }),
    ...frameSteps(making),
    ...windowSteps(making),
    ...fillSteps(making),
    hangStep(making, also),
  ];
}
