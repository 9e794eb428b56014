import type { Variant } from "../document/schema";
import type { Pool } from "../vessels/schema";
import type { Divider } from "./schema";
import { holdsBack } from "./stuffs";

/** The dividers that bound a pool: those that part its part of the floor, or the one it is said to stand behind. */
export function poolDividers({ dividers }: Pick<Variant, "dividers">, { zone, divider }: Pool): Divider[] {
  const ids = zone === null ? [divider] : zone.split("/").map((part) => part.split(":")[0]);
  return dividers.filter((d) => ids.includes(d.id));
}

/** Whether a divider is to keep one side dry, and can. */
export const keepsDry = (d: Pick<Divider, "watertight" | "layers">): boolean => d.watertight && holdsBack(d);
