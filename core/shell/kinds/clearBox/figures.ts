import { constant, type Figure, memory } from "../../../figures/figure";
import { FOUND_MATERIALS } from "../../../materials/face";
import { WARMER } from "../../warmth";
import { magnetsHoldN, pullShare } from "./magnets";
import { lidAcross, lidGrowthMm } from "./measure";
import type { ClearBoxFound as Found } from "./schema";

/** What its magnets hold with, and how its lid grows. */
export const clearFigures = (found: Found): Figure[] => [...magnetFigures(found), ...lidFigures(found)];

function magnetFigures(found: Found): Figure[] {
  if (found.door.is !== "magnets") return [];
  const { count, pull, apart } = found.door.magnets;
  return [
    {
      id: "shell/magnets",
      label: "What its magnets hold the door with",
      value: magnetsHoldN(found),
      unit: "N",
      rounding: "down",
      estimate: true,
      formula: "magnets × label × what is left of its pull so far apart",
      inputs: [
        { name: "magnets", value: count, unit: "" },
        { name: "one pulls, by its label", value: pull.value, unit: "N" },
        { name: "apart, shut", value: apart.value, unit: "mm" },
        { name: "left of the label", value: pullShare(apart.value), unit: "×", basis: memory },
      ],
    },
  ];
}

function lidFigures(found: Found): Figure[] {
  if (found.lid.is !== "slides") return [];
  const { isMm, mostMm } = lidAcross(found);
  const { name, growth } = FOUND_MATERIALS[found.plastic];
  return [
    {
      id: "shell/lid-growth",
      label: "Growth of the lid, warm",
      value: lidGrowthMm(found),
      unit: "mm",
      rounding: "up",
      estimate: true,
      formula: "width across its grooves × growth × how much warmer it gets",
      inputs: [
        { name: "lid across its grooves", value: isMm, unit: "mm" },
        { name: "from groove bottom to groove bottom", value: mostMm, unit: "mm" },
        constant(`growth of ${name}`, growth, "per K"),
        constant("warmer than on the bench", WARMER, "K"),
      ],
    },
  ];
}
