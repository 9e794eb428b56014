import { type Known, memory } from "../../../figures/figure";
import { set } from "../../../ledgers/fix";
import type { Snag, Step } from "../../../ledgers/ledger";
import { CAUTION } from "../../../workshop/cautions";
import { LIFT_KG } from "../../../workshop/lift";
import type { Here } from "../../kind";
import type { FoundClosure } from "./schema";

/** To take a leaf off its hinges or out of its tracks, and to hang one; minutes. */
const OFF_MINUTES: Known = { value: 8, low: 4, high: 15, basis: memory };
const ON_MINUTES: Known = { value: 15, low: 8, high: 30, basis: memory };

const leavesOf = ({ site }: Here) => site.shell.doors?.leaves.length ?? 0;

/** Doors off before the work and hung again after it, where that school is followed; hinges set right where they are mended. */
export function doorSteps(here: Here, { forWork, fate }: FoundClosure): Step[] {
  const { id, site } = here;
  const leaves = leavesOf(here);
  const slides = site.shell.doors?.opens === "slide";
  const heavy = (site.shell.doors?.kg ?? 0) / Math.max(1, leaves) > LIFT_KG;
  const cautions = [CAUTION.glass, ...(heavy ? [CAUTION.lift] : [])];
  const common = { stage: "front", waitMinutes: 0, splittable: true, cautions } as const;
  const on: Step[] =
    forWork === "off"
      ? [
          {
            ...{ id: id("doors-off"), title: "Take the doors off", ...common },
            detail: `${leaves} ${leaves === 1 ? "leaf" : "leaves"}, marked left and right; ${slides ? "tracks wiped out" : "hinge pins and shims in one bag"}. Stood on felt, where nobody walks.`,
            handsOnMinutes: leaves * OFF_MINUTES.value,
            after: [{ reached: "surveyed", because: "their gaps are measured while they hang" }],
            reaches: ["doorsOff"],
            toHand: ["screwdriver", "marker", "bag for pins", "felt"],
          },
          {
            ...{ id: id("doors-on"), title: "Hang the doors again", ...common },
            detail: `The same leaf in the same place${slides ? "" : ", the same shims under the same hinge"}.`,
            handsOnMinutes: leaves * ON_MINUTES.value,
            after: [
              { id: id("doors-off"), because: "they were off for the work" },
              { reached: "waterTested", because: "the test is read through the open front" },
              { reached: "wallsUp", because: "walls are reached through the open front" },
              { reached: "coated", because: "coats are reached through the open front" },
            ],
            reaches: ["closed"],
            toHand: ["screwdriver", "shims"],
            passSign: "They shut without force, and no gap is wider than it was measured.",
          },
        ]
      : [];
  const mended: Step[] =
    fate === "mended"
      ? [
          {
            ...{ id: id("doors-set"), title: "Set the doors right", ...common },
            detail: slides
              ? "Tracks cleaned and straightened, worn runners changed."
              : "Pins, screws and shims, leaf by leaf.",
            handsOnMinutes: leaves * ON_MINUTES.value,
            after: [
              { id: id("doors-on"), because: "they must hang" },
              { reached: "surveyed", because: "their gaps are measured first" },
            ],
            reaches: ["closed"],
            toHand: ["screwdriver", "shims", "feeler gauges"],
            passSign: "They shut without force, and each gap is even along its edge.",
          },
        ]
      : [];
  return [...on, ...mended];
}

/** The two schools, while neither is chosen. */
export function doorSnags({ path, own }: Here, { forWork }: FoundClosure): Snag[] {
  // What an older document does not say is asked for.
  if (forWork === "off" || forWork === "on") return [];
  return [
    {
      rule: "front/doors-off-or-on",
      subject: own("doors"),
      severity: "note",
      stage: "front",
      title: "Doors off for the work, or on?",
      sentence: "Nobody has said. Off gives room for both arms; on, nothing has to be hung and set again.",
      reason:
        "Careful builders differ (common practice, no source). Off, they are hung again before the gaps are walked round.",
      fix: { label: "Take them off", patch: [set(`${path}/forWork`, "off")] },
      otherFixes: [{ label: "Leave them on", patch: [set(`${path}/forWork`, "on")] }],
    },
  ];
}
