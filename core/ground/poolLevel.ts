import type { Variant } from "../document/schema";

/** The divider a pool stands behind, where it is to keep one side dry. */
export const poolDivider = ({ ground, seal }: Pick<Variant, "ground" | "seal">) =>
  seal.dividers.find(
    (d) => d.id === ground.pool?.divider && d.watertight && d.made !== "foamStone" && d.made !== "mesh",
  );

/** Whether the pool's water is kept from the land. Through mesh and cloth both share one level. */
export const keptApart = (variant: Pick<Variant, "ground" | "seal">): boolean =>
  variant.ground.pool !== null && poolDivider(variant) !== undefined;
