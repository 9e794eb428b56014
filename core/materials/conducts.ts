import { type Known, memory } from "../figures/figure";
import type { Family } from "./face";

const from = (value: number): Known => ({ value, basis: memory });

/** What a wall's stuff conducts, W/(m·K), after ISO 10456's tables as far as they are remembered. */
const CONDUCTS: Partial<Record<Family, Known>> = {
  ...{ glass: from(1), temperedGlass: from(1), acrylic: from(0.19), timber: from(0.13), plywood: from(0.13) },
  ...{ mdf: from(0.1), chipboard: from(0.12), pvcFoam: from(0.07), pp: from(0.22), pe: from(0.4), hdpe: from(0.45) },
  ...{ ps: from(0.16), xps: from(0.035), steel: from(50), galvanised: from(50), twinWall: from(0.05) },
  ...{ polycarbonate: from(0.2) },
};
/** Boards of wood, where a stuff is not named. */
const ELSE: Known = from(0.13);

/** What a stuff conducts, W/(m·K). */
export const conductsOf = (family: Family): Known => CONDUCTS[family] ?? ELSE;
