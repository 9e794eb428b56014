import { statedMm } from "../../design/measure";
import type { Opening } from "../../shell/shell";
import type { Site } from "../../shell/site";
import { EDGES } from "../door/format";
import { type Hanging, measureLeaf, sizedOf } from "./job";
import type { Leafed } from "./schema";
import { tightened } from "./tighten";

/** A clearance is set out in halves of a millimetre. */
const STEP_MM = 0.5;
/** What one edge loses hangs a little on the clearances of the others. */
const ROUNDS = 2;

/** A closure with the least clearances at which nothing binds at either end of the climate. */
export function settled<C extends Leafed>(site: Site, opening: Opening, closure: C, hanging: Hanging): C {
  let now = closure;
  for (let round = 0; round < ROUNDS; round++) {
    const job = measureLeaf(site, opening, now, hanging);
    const sized = sizedOf(job);
    if (!sized) return closure;
    const clearance = { ...now.clearance };
    for (const edge of EDGES) {
      const least = sized.gaps[edge] && edge !== "hinge" ? tightened(job, edge) : undefined;
      if (least !== undefined) clearance[edge] = statedMm(Math.ceil(least / STEP_MM) * STEP_MM);
    }
    now = { ...now, clearance };
  }
  return now;
}
