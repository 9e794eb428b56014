import { statedMm } from "../design/measure";
import type { Divider } from "../dividers/schema";
import { zonesOf } from "../dividers/zones";
import { baseOf } from "../shell/base";
import type { Shell } from "../shell/shell";
import type { Pool } from "./schema";

/** Of the floor's width, what a new pool of its own takes. */
const SHARE = 0.35;

/** A pool: all of the last part that dividers leave, or a place of its own at the right. */
export function newPool(id: string, name: string, shell: Shell, dividers: readonly Divider[]): Pool {
  const floor = baseOf(shell);
  const zones = zonesOf(floor, dividers);
  const width = Math.round(floor.widthMm * SHARE);
  return {
    ...{ id, name, kind: "pool", face: "base", zone: zones.length > 1 ? zones.at(-1)!.id : null },
    ...{ u: statedMm(Math.round(floor.widthMm - width / 2)), v: statedMm(Math.round(floor.depthMm / 2)) },
    ...{ width: statedMm(width), length: statedMm(Math.floor(floor.depthMm)) },
    ...{ divider: null, wayOut: "ramp", ramp: statedMm(40) },
  };
}
