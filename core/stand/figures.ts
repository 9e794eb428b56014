import { constant, type Figure } from "../figures/figure";
import { FOUND_MATERIALS } from "../materials/face";
import type { Site } from "../shell/site";
import { GRAVITY } from "../units/constants";
import type { Shelf, Standing } from "./order";
import type { Stand } from "./schema";
import { BOARDS } from "./stuffs";

/** How far the shelf goes down as its boxes stand. */
export function sagFigure({ say }: Site, stand: Stand, row: readonly Standing[], sagMm: number): Figure {
  const { elasticGPa, creep } = BOARDS[stand.board];
  return {
    id: "stand/sag",
    label: "Sag of the shelf, in years",
    value: sagMm,
    unit: "mm",
    rounding: "up",
    estimate: true,
    formula: `creep × a board over its brackets, its ends free, each box an even load (stiffness method); shelf ${say(stand.length.value)} long`,
    inputs: [
      ...row.map(({ name, kg }) => ({ name: `${name}, filled`, value: kg, unit: "kg" })),
      { name: "brackets", value: stand.brackets.count, unit: "" },
      { name: "board, deep", value: stand.depth.value, unit: "mm" },
      { name: "board, thick", value: stand.thickness.value, unit: "mm" },
      constant(`Young's modulus of ${FOUND_MATERIALS[stand.board].name}`, elasticGPa, "GPa"),
      constant("creep", creep, "×"),
    ],
  };
}

export const loadFigure = ({ say }: Site, { bracketsMm }: Shelf, reactionsN: readonly number[]): Figure => ({
  id: "stand/bracket",
  label: "Most a bracket bears",
  value: Math.max(...reactionsN) / GRAVITY,
  unit: "kg",
  rounding: "up",
  formula: "the largest of what the brackets bear, as a mass",
  inputs: reactionsN.map((n, i) => ({
    name: `bracket ${say(bracketsMm[i]!)} from the left end`,
    value: n / GRAVITY,
    unit: "kg",
  })),
});
