import type { Part } from "../../../ledgers/ledger";
import type { Here } from "../../kind";
import type { Slides } from "./fit";

/** Two panes, and a bar of bottom and of top track. */
export function slideParts({ site, opening, id }: Here, { fit, track, glass }: Slides): Part[] {
  const pane = (name: string, label: string): Part => ({
    id: id(name),
    label,
    materialId: glass.id,
    kind: "pane",
    lengthMm: fit.pane.widthMm,
    widthMm: fit.pane.heightMm,
    thicknessMm: glass.thicknessMm,
    qty: 1,
    grainLocked: false,
    working: {
      length: site.saySum([opening.widthMm, " opening ÷ 2 + half the overlap − side allowance"]),
      width: site.saySum(["between ", fit.leastPaneMm, " (holds) and ", fit.mostPaneMm, " (lifts in)"]),
    },
    figure: id("pane-height"),
  });
  const bar = (name: string, label: string, comesWith?: string): Part => ({
    id: id(name),
    label,
    materialId: track.id,
    kind: "bar",
    lengthMm: opening.widthMm,
    widthMm: 0,
    thicknessMm: 0,
    qty: 1,
    grainLocked: false,
    ...(comesWith && { comesWith: id(comesWith) }),
    working: { length: "width of the opening", width: "" },
  });
  return [
    pane("slide-a", "Slide A, rear groove"),
    pane("slide-b", "Slide B, front groove"),
    bar("track-bottom", "Bottom track", "track-top"),
    bar("track-top", "Top track"),
  ];
}
