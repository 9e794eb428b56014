import { keepsDry, poolDividers } from "../dividers/bounds";
import type { Variant } from "../document/schema";
import type { Pool } from "../vessels/schema";
import { poolsOf } from "../vessels/split";

/** Whether a pool's water is kept from the land. Through mesh and cloth both share one level. */
export function isApart(variant: Pick<Variant, "dividers">, pool: Pool): boolean {
  const bounds = poolDividers(variant, pool);
  return bounds.length > 0 && bounds.every(keepsDry);
}

/** Whether all open water is kept from the land. */
export function keptApart(variant: Pick<Variant, "dividers" | "vessels">): boolean {
  const pools = poolsOf(variant.vessels);
  return pools.length > 0 && pools.every((p) => isApart(variant, p));
}
