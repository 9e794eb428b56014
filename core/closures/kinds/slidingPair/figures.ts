import { constant, type Figure, from } from "../../../figures/figure";
import type { Here } from "../../kind";
import { HOLD_MM, LIFT_MM, panesKg, type Slides } from "./fit";
import type { SlidingPair } from "./schema";

/** How the panes were sized, and what they weigh. */
export function slideFigures({ opening, id }: Here, closure: SlidingPair, { fit, track, glass }: Slides): Figure[] {
  const clear: Figure = {
    id: id("clear-height"),
    label: "Clear height between the lips",
    value: fit.clearMm,
    unit: "mm",
    rounding: "down",
    formula: "opening height − both groove depths − both webs",
    inputs: [
      { name: "opening height", value: opening.heightMm, unit: "mm" },
      constant("bottom groove", track.bottomDepthMm, "mm"),
      constant("top groove", track.topDepthMm, "mm"),
      constant("web under each groove", track.webMm, "mm"),
    ],
  };
  return [
    clear,
    {
      id: id("pane-height"),
      label: "Pane height",
      value: fit.pane.heightMm,
      low: fit.leastPaneMm,
      high: fit.mostPaneMm,
      unit: "mm",
      formula: `middle of the least that holds (clear height + bottom groove + ${HOLD_MM}) and the most that lifts in (clear height + top groove − ${LIFT_MM})`,
      inputs: [
        from(clear),
        constant("bottom groove", track.bottomDepthMm, "mm"),
        constant("top groove", track.topDepthMm, "mm"),
      ],
    },
    {
      id: id("pane-width"),
      label: "Pane width",
      value: fit.pane.widthMm,
      unit: "mm",
      formula: "opening width ÷ 2 + half the overlap − side allowance",
      inputs: [
        { name: "opening width", value: opening.widthMm, unit: "mm" },
        { name: "overlap", value: closure.overlap.value, unit: "mm" },
        { name: "side allowance", value: closure.sideAllowance.value, unit: "mm" },
      ],
    },
    {
      id: id("pane-mass"),
      label: "Mass of both panes",
      value: panesKg({ fit, glass }),
      unit: "kg",
      formula: "2 × width × height × thickness × density",
      inputs: [
        { name: "pane width", value: fit.pane.widthMm, unit: "mm" },
        { name: "pane height", value: fit.pane.heightMm, unit: "mm" },
        { name: "thickness", value: glass.thicknessMm, unit: "mm" },
        constant("glass", glass.densityKgPerM3, "kg/m³"),
      ],
    },
    {
      id: id("gap"),
      label: "Gap between the slides",
      value: fit.gapMm,
      high: fit.gapMm + 2 * fit.playEachMm,
      unit: "mm",
      rounding: "up",
      formula: "track pitch − glass; at worst pitch + groove − 2 × glass, each pane loose in its groove",
      inputs: [
        constant("pitch", track.pitchMm, "mm"),
        constant("groove", track.grooveMm, "mm"),
        { name: "glass", value: glass.thicknessMm, unit: "mm" },
      ],
    },
  ];
}
