import { type Known, memory } from "../../figures/figure";
import type { Step } from "../../ledgers/ledger";
import { CAUTION } from "../../workshop/cautions";
import { LIFT_KG } from "../../workshop/lift";
import type { DoorResult } from "../door/format";
import type { Here } from "../kind";
import type { LeafJob } from "./job";
import { findInfill } from "./stuff";
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

/** Measuring, making, filling and hanging, in that order. */
export function leafSteps(here: Here, job: LeafJob, sized: DoorResult, words: LeafWords): Step[] {
  const { site, id } = here;
  const { made, hanging, infill, bar } = job;
  const { say } = site;
  const { leaf } = sized;
  const glass = infill.class === "glass";
  const size = sized.infill ?? leaf;
  const measure: Step = {
    id: id("measure-opening"),
    title: `Measure the opening and both its diagonals${glass ? ", then order the glass" : ""}`,
    detail: `Width at head and foot, height at both sides, both diagonals. ${words.one[0]!.toUpperCase()}${words.one.slice(1)} of ${say(leaf.widthMm)} × ${say(leaf.heightMm)} if it came out as drawn${glass ? `, pane of ${say(size.widthMm)} × ${say(size.heightMm)}` : ""}.`,
    stage: "front",
    handsOnMinutes: 15,
    waitMinutes: glass ? site.workshop.glassLeadDays * 1440 : 0,
    ...(glass && { waitFor: "the glass to be cut" }),
    after: [{ reached: "stands", because: "the opening is what it is only once it stands" }],
    splittable: true,
    toHand: ["tape", ...(glass ? ["phone or paper for the order"] : [])],
    cautions: [],
    figure: id(`${words.one}-width`),
  };
  const frame: Step[] = bar
    ? [
        {
          id: id("frame"),
          title: `Cut the bars and make the ${words.all} up`,
          detail: `${made.leaf.frame!.join === "mitre" ? "Mitres of 45°, tried dry" : "Stiles whole, rails between them"}; square by both diagonals, flat on the bench while the glue holds.`,
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
          passSign: `Both diagonals agree within ${say(1)}, and it lies flat.`,
          figure: id(`${words.one}-height`),
        },
      ]
    : [];
  const ready = bar ? id("frame") : id("measure-opening");
  const { window } = made.leaf;
  const windowOf = window && findInfill(site.book, window.infill);
  const windows: Step[] =
    window && windowOf
      ? [
          {
            id: id("window"),
            title: `Cut the window into the ${words.one} and close it`,
            detail: `${say(window.width.value)} × ${say(window.height.value)} in its middle, corners drilled first; lapped ${say(window.lap.value)} all round.`,
            stage: "front",
            handsOnMinutes: WINDOW.value * hanging.leaves,
            waitMinutes: 0,
            after: [
              { id: ready, because: "its frame must be made" },
              { reached: "sawn", because: "the sheet must be cut" },
              { reached: "fetched", because: "what closes it must be there" },
            ],
            reaches: ["meshed"],
            uses: [infill.id, windowOf.id, ...(windowOf.class === "mesh" ? ["mesh-batten"] : [])],
            splittable: true,
            toHand: ["drill", "jigsaw or knife", "file"],
            cautions: [CAUTION.blade, windowOf.class === "mesh" ? CAUTION.mesh : CAUTION.glass],
          },
        ]
      : [];
  const fill: Step[] = bar
    ? [
        {
          id: id("infill"),
          title: { glass: "Set the glass on its blocks", sheet: "Fit the sheet", mesh: "Stretch the mesh" }[
            infill.class
          ],
          detail: {
            glass: made.leaf.blocks
              ? `${hanging.kind === "hinged" ? "One block at the foot by the hinges, one at the head by the lock" : "Blocks at the quarter points"}; ${say(made.leaf.play.value)} clear all round, beads or silicone after.`
              : "No blocks are planned: it stands on its frame.",
            sheet: `${say(made.leaf.play.value)} clear all round, so that it may move.`,
            mesh: "From the middle outward, battens or spline all round, no end of wire to be felt.",
          }[infill.class],
          stage: "front",
          handsOnMinutes: FILL.value * hanging.leaves,
          waitMinutes: 0,
          after: [
            { id: id("frame"), because: "the glue must hold" },
            { id: id("measure-opening"), because: "the pane must have come" },
            { reached: "fetched", because: "it must be there" },
            ...(infill.class === "sheet" ? [{ reached: "sawn", because: "the sheet must be cut" } as const] : []),
          ],
          ...(infill.class === "mesh" && { reaches: ["meshed"] as const }),
          uses: [
            infill.id,
            ...(glass && made.leaf.blocks ? ["setting-block"] : []),
            ...(infill.class === "mesh" ? ["mesh-batten"] : []),
          ],
          splittable: true,
          toHand: [glass ? "blocks and shims" : infill.class === "mesh" ? "stapler or roller" : "screws", "knife"],
          cautions: [glass ? CAUTION.glass : infill.class === "mesh" ? CAUTION.mesh : CAUTION.blade],
        } as Step,
      ]
    : [];
  const { hinges, kind } = hanging;
  const n = catchesOf(job, sized);
  const catches = `${n} ${n === 1 ? "catch" : "catches"}, one each ${say(made.holds.every.value)}`;
  const heavy = leaf.massKg > LIFT_KG;
  const hang: Step = {
    id: id("hang"),
    title: hinges ? `Hang the ${words.all}` : kind === "lid" ? "Fit the lid" : "Fit the panel",
    detail: hinges
      ? `${hinges.count} hinges a leaf, ${hinges.fixing === "bolts" ? "bolted through with washers" : "screws pre-drilled"}; shims of ${say(made.clearance.foot.value)} under it while they go in. ${catches}.`
      : `${catches}; tried with a finger between each two.`,
    stage: "front",
    handsOnMinutes: (hinges ? HANG.value : FIT.value) * hanging.leaves,
    waitMinutes: 0,
    after: [
      { id: id("infill"), because: "it is hung whole" },
      { id: id("window"), because: "it is hung whole" },
      { id: ready, because: "it must be made" },
      { reached: "fetched", because: "what holds it must be there" },
      ...(!bar && infill.class === "sheet" ? [{ reached: "sawn", because: "the sheet must be cut" } as const] : []),
      { reached: "stands", because: "it is fitted to the shell as it stands" },
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
    cautions: [...(glass ? [CAUTION.glass] : []), ...(heavy ? [CAUTION.lift] : [])],
    passSign: "It shuts without force, touches nowhere, and each catch is heard or seen to hold.",
    figure: id(`${words.one}-width`),
  };
  return [measure, ...frame, ...windows, ...fill, hang];
}
