import { set, setMm } from "../../../ledgers/fix";
import type { Snag } from "../../../ledgers/ledger";
import { materialsOf } from "../../../materials/find";
import { RAIL_SAG } from "../../../shell/facts";
import { formatNumber } from "../../../units/format";
import { sawToleranceMm } from "../../../workshop/sawTolerance";
import type { Here } from "../../kind";
import { type Slides, THIN_GLASS_M2 } from "./fit";
import type { SlidingPair } from "./schema";

/** Panes pass one another by this much (source: doors-and-gaps). */
const OVERLAP_MM = { low: 20, high: 30 } as const;

/** Whether the panes go in, hold, run and stay free. */
export function slideSnags(
  { site, opening, path, own, id, facts }: Here,
  closure: SlidingPair,
  { fit, track, glass }: Slides,
): Snag[] {
  const { say } = site;
  const at = (rest: string) => path + rest;
  const rail = facts.one(RAIL_SAG);
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject"> & { subject?: string }) =>
    list.push({ stage: "front", subject: own("slides"), ...snag });
  const matching = materialsOf(site.book, "track").find((t) => t.glassMm === glass.thicknessMm);
  if (glass.thicknessMm >= track.grooveMm.value)
    add({
      rule: "front/glass-too-thick-for-track",
      severity: "stop",
      title: "The glass does not go into the groove",
      sentence: `Glass of ${say(glass.thicknessMm)} in a groove ${say(track.grooveMm.value, "down")} wide.`,
      reason: `A pane needs about ${site.say(0.5)} of play on each side to run.`,
      ...(matching && {
        fix: { label: `Use ${matching.name}`, patch: [set(at("/track"), matching.id)] },
      }),
    });
  else if (glass.thicknessMm < track.glassMm)
    add({
      rule: "front/glass-loose-in-track",
      severity: "mind",
      title: "The glass is loose in its groove",
      sentence: `${say(glass.thicknessMm)} glass in a track for ${say(track.glassMm)}: it rattles ${say(track.grooveMm.value - glass.thicknessMm, "up")}.`,
      reason: "Play in the grooves adds to the gap between the panes.",
      ...(matching && {
        fix: { label: `Use ${matching.name}`, patch: [set(at("/track"), matching.id)] },
      }),
    });
  if (!fit.liftsIn)
    add({
      rule: "front/cannot-lift-in",
      severity: "stop",
      title: "The panes cannot be lifted in",
      sentence: `To hold, a pane needs ${say(fit.leastPaneMm, "up")}; to lift over the lip it may have ${say(fit.mostPaneMm, "down")}.`,
      reason: `The top groove must be at least ${site.say(5)} deeper than the bottom one.`,
      ...(matching &&
        matching.id !== track.id && {
          fix: { label: `Use ${matching.name}`, patch: [set(at("/track"), matching.id)] },
        }),
      figure: id("pane-height"),
    });
  const windowMm = fit.mostPaneMm - fit.leastPaneMm;
  const toleranceMm = sawToleranceMm(opening.heightMm);
  if (fit.liftsIn && windowMm < 2 * toleranceMm)
    add({
      rule: "front/measure-before-glass",
      severity: "note",
      title: "Measure the opening before the glass is cut",
      sentence: `The pane's height has ${say(windowMm, "down")} to choose in; the opening may come out ± ${say(toleranceMm, "up")}.`,
      reason: "Saw tolerance by ISO 2768-1 medium. The diary orders the glass after the frame stands.",
      figure: id("pane-height"),
    });
  const paneM2 = (fit.pane.widthMm * fit.pane.heightMm) / 1e6;
  const thick = materialsOf(site.book, "glass").find((g) => g.thicknessMm >= 6);
  const thickTrack = thick && materialsOf(site.book, "track").find((t) => t.glassMm === thick.thicknessMm);
  if (paneM2 > THIN_GLASS_M2 && glass.thicknessMm < 6)
    add({
      rule: "front/glass-too-thin",
      severity: "mind",
      title: "Thin glass for a large pane",
      sentence: `${formatNumber(paneM2, 2)} m² of ${say(glass.thicknessMm)} glass; over ${THIN_GLASS_M2} m² take ${say(6)}.`,
      reason: `Door glass ${say(4)} to half a square metre, ${say(6)} above (trade practice, no source). A glazier decides.`,
      ...(thick &&
        thickTrack && {
          fix: {
            label: `Use ${say(6)} glass and its track`,
            patch: [set(at("/glass"), thick.id), set(at("/track"), thickTrack.id)],
          },
        }),
    });
  if (closure.overlap.value < OVERLAP_MM.low || closure.overlap.value > OVERLAP_MM.high + 20)
    add({
      rule: "front/overlap",
      severity: "mind",
      title: "Unusual overlap",
      sentence: `The panes pass one another by ${say(closure.overlap.value)}; ${say(OVERLAP_MM.low)} to ${say(OVERLAP_MM.high)} is usual.`,
      reason: "Too little opens a straight gap when a pane is not quite home; too much is only weight.",
      fix: { label: `Overlap by ${say(25)}`, patch: [setMm(at("/overlap"), 25)] },
    });
  const topRoomMm = track.topDepthMm.value - fit.holdMm;
  if (rail && rail.sagMm >= topRoomMm)
    add({
      rule: "front/rail-sag-binds",
      severity: "stop",
      title: "The sagging rail will pinch the panes",
      sentence: `The rail comes down ${say(rail.sagMm, "up")} in years; ${say(topRoomMm, "down")} is free above the panes.`,
      reason: "Once the groove's floor touches the glass the doors are stuck, and glass carries the top.",
      otherFixes: rail.fixes,
      figure: rail.figure,
    });
  return list;
}
