import type { Measure } from "../design/basics";
import type { Checker } from "../ledgers/checker";
import { SIZE_LIMIT_MM } from "../shell/limits";
import type { Ground } from "./schema";

/** What of the ground cannot be planned at all; what is merely wrong is a snag. */
export function checkGround(ground: Ground, { between, add }: Checker): void {
  const plain = (path: string, measure: Measure | null, low: number, high: number, what: string, unit: string) => {
    if (measure && (measure.value < low || measure.value > high))
      add(path, `${what}: ${measure.typed} cannot be right. Type between ${low} and ${high}${unit}.`);
  };
  between("/ground/front", ground.front, 0, SIZE_LIMIT_MM.high, "The substrate's top at the front");
  between("/ground/drain/depth", ground.drain?.depth ?? null, 2, 600, "A drainage layer");
  between("/ground/barrier/curl", ground.barrier?.curl ?? null, 0, 300, "The curl");
  between("/ground/charcoal", ground.charcoal, 1, 100, "Charcoal");
  between("/ground/litter", ground.litter, 1, 300, "Leaf litter");
  for (const [i, { amount }] of ground.mix.parts.entries())
    plain(`/ground/mix/parts/${i}/amount`, amount, 0, 1000, "A part of the mix", "");
  plain("/ground/misting", ground.misting, 0, 20_000, "Misting", " mL a day");
  plain("/ground/lost", ground.lost, 0, 100, "Lost with the air", " of a hundred");
  plain("/ground/quarantineDays", ground.quarantineDays, 0, 365, "Quarantine", " days");
  plain("/ground/settleWeeks", ground.settleWeeks, 0, 52, "Settling in", " weeks");
  plain("/ground/dish/volume", ground.dish?.volume ?? null, 1, 20_000, "A dish", " mL");
  if (ground.pool) {
    const { pool } = ground;
    between("/ground/pool/width", pool.width, 20, SIZE_LIMIT_MM.high, "The pool's width");
    between("/ground/pool/length", pool.length, 20, SIZE_LIMIT_MM.high, "The pool's length");
    between("/ground/pool/u", pool.u, 0, SIZE_LIMIT_MM.high, "The pool's middle");
    between("/ground/pool/v", pool.v, 0, SIZE_LIMIT_MM.high, "The pool's middle");
    plain("/ground/pool/ramp", pool.ramp, 5, 85, "A ramp", " degrees");
  }
  ground.plants.forEach((plant, i) => {
    const path = `/ground/plants/${i}`;
    if (ground.plants.findIndex((p) => p.id === plant.id) !== i) add(`${path}/id`, "Two plants share this id.");
    between(`${path}/pot`, plant.pot, 5, 600, "A pot");
    between(`${path}/height`, plant.height, 1, 5000, "A plant's height");
    between(`${path}/spread`, plant.spread, 1, 5000, "A plant's spread");
  });
}
