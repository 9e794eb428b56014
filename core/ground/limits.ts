import type { Measure } from "../design/basics";
import type { Checker } from "../ledgers/checker";
import { SIZE_LIMIT_MM } from "../shell/limits";
import { layerKindOf } from "./layers/kinds";
import type { Ground } from "./schema";

/** How deep a layer may be typed, mm. */
const DEEP_MM = { low: 2, high: 600 } as const;

/** What of the ground cannot be planned at all; what is merely wrong is a snag. */
export function checkGround(ground: Ground, { between, add }: Checker): void {
  const plain = (path: string, measure: Measure | null, low: number, high: number, what: string, unit: string) => {
    if (measure && (measure.value < low || measure.value > high))
      add(path, `${what}: ${measure.typed} cannot be right. Type between ${low} and ${high}${unit}.`);
  };
  between("/ground/front", ground.front, 0, SIZE_LIMIT_MM.high, "The substrate's top at the front");
  ground.layers.forEach((layer, i) => {
    const path = `/ground/layers/${i}`;
    const { word } = layerKindOf(layer);
    if ("depth" in layer) between(`${path}/depth`, layer.depth, DEEP_MM.low, DEEP_MM.high, `The ${word}`);
    if (layer.kind === "barrier") between(`${path}/curl`, layer.curl, 0, 300, "The curl");
    if (layer.kind === "bagged") plain(`${path}/bag`, layer.bag, 0.5, 200, "A bag", " L");
    if (layer.kind === "mix") {
      for (const [n, { amount }] of layer.parts.entries())
        plain(`${path}/parts/${n}/amount`, amount, 0, 1000, "A part of the mix", "");
      for (const [n, own] of layer.own.entries()) {
        plain(`${path}/own/${n}/amount`, own.amount, 0, 1000, "A part of the mix", "");
        plain(`${path}/own/${n}/wetKgPerM3`, own.wetKgPerM3, 20, 3000, "Its weight, wet", " kg/m³");
        plain(`${path}/own/${n}/swells`, own.swells, 0.2, 30, "What a litre swells to", " L");
      }
    }
  });
  plain("/ground/misting", ground.misting, 0, 20_000, "Misting", " mL a day");
  plain("/ground/store", ground.store ?? null, 0, 500_000, "Water in the substrate", " mL");
  plain("/ground/lost", ground.lost, 0, 100, "Lost with the air", " of a hundred");
  plain("/ground/quarantineDays", ground.quarantineDays, 0, 365, "Quarantine", " days");
  plain("/ground/settleWeeks", ground.settleWeeks, 0, 52, "Settling in", " weeks");
  ground.plants.forEach((plant, i) => {
    const path = `/ground/plants/${i}`;
    if (ground.plants.findIndex((p) => p.id === plant.id) !== i) add(`${path}/id`, "Two plants share this id.");
    between(`${path}/pot`, plant.pot, 5, 600, "A pot");
    between(`${path}/height`, plant.height, 1, 5000, "A plant's height");
    between(`${path}/spread`, plant.spread, 1, 5000, "A plant's spread");
  });
}
