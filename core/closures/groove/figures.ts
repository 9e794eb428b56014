import { constant, type Figure, from } from "../../figures/figure";
import { capital } from "../../units/capital";
import type { Here } from "../kind";
import { SIDE_PLAY_MM } from "./groove";
import type { GroovedJob } from "./job";

/** How the pane was sized, how it is held, and what it weighs. */
export function groovedFigures({ opening, id }: Here, { of, run, alongMm, infill, groove, kg }: GroovedJob): Figure[] {
  const name = capital(of.one);
  const across: Figure = {
    ...{ id: id(`${of.one}-across`), label: `${name}, across the grooves`, value: run.acrossMm, unit: "mm" },
    formula: "opening − 2 × web − 2 × side play",
    inputs: [
      { name: "opening", value: opening.widthMm, unit: "mm" },
      { name: "web", value: groove.webMm, unit: "mm" },
      constant("side play", SIDE_PLAY_MM, "mm"),
    ],
  };
  const along: Figure = {
    ...{ id: id(`${of.one}-along`), label: `${name}, along them`, value: alongMm, unit: "mm" },
    formula: "opening − web of the far groove − what is clear at the near end",
    inputs: [
      { name: "opening", value: opening.heightMm, unit: "mm" },
      { name: "web", value: groove.webMm, unit: "mm" },
      { name: "clear", value: of.clearMm, unit: "mm" },
    ],
  };
  return [
    across,
    along,
    {
      ...{
        id: id(`${of.one}-held`),
        label: "Held in the groove, at least",
        value: run.heldMm,
        unit: "mm",
        rounding: "down",
      },
      formula: "depth of the groove − 2 × side play: pushed to the other side",
      inputs: [{ name: "depth", value: groove.depthMm, unit: "mm" }, constant("side play", SIDE_PLAY_MM, "mm")],
    },
    {
      ...{ id: id(`${of.one}-mass`), label: `Mass of the ${of.one}`, value: kg, unit: "kg" },
      formula: "across × along × thickness × density",
      inputs: [
        from(across),
        from(along),
        { name: "thickness", value: infill.thicknessMm, unit: "mm" },
        constant("density", infill.densityKgPerM3, "kg/m³"),
      ],
    },
  ];
}
