import { constant } from "../../figures/figure";
import { type Need, need, spread } from "../../ledgers/needs";
import type { Site } from "../../shell/site";
import { ROOTED_WAYS } from "./rooted";

/** A plant in its pot, and a culture of the crew, in the book. */
export const PLANT = "plant-in-its-pot";
export const CULTURE = "crew-culture";
/** Two kinds live from each other's leavings: springtails and woodlice (common practice, no source). */
const CULTURES = 2;

/** What holds the plants that are not planted. */
export const rootedMaterials = ({ variant }: Site): string[] => [
  ...new Set(variant.ground.plants.flatMap((p) => ROOTED_WAYS[p.by].takes?.material ?? [])),
];

/** Plants to buy, what holds them, and the cultures of the crew. What is found is free, and said. */
export function plantingNeeds({ variant }: Site): Need[] {
  const { ground, shell } = variant;
  const needs = ground.plants.flatMap((plant): Need[] => {
    const { takes } = ROOTED_WAYS[plant.by];
    return [
      ...(plant.got === "bought"
        ? [need(PLANT, "piece", `${plant.count} × ${plant.name}`, [plant.count, plant.count, plant.count])]
        : []),
      ...(takes
        ? [
            need(
              takes.material,
              takes.unit,
              `${plant.name}, ${ROOTED_WAYS[plant.by].words}`,
              spread(plant.count, takes.each),
              [constant("for each plant", takes.each, takes.unit === "piece" ? "" : takes.unit)],
            ),
          ]
        : []),
    ];
  });
  if (shell.groundDepth && ground.crew !== "none" && ground.plants.length > 0)
    needs.push(need(CULTURE, "piece", "springtails and woodlice", [CULTURES, CULTURES, CULTURES]));
  return needs;
}
