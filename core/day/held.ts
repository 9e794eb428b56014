import { coversOf } from "../background/covers";
import { type Known, memory } from "../figures/figure";
import { siteFloor } from "../ground/site";
import { kgAt, type MassFact } from "../ledgers/masses";
import type { Site } from "../shell/site";

/** Heat in a kilogram of what is put in: wet ground, wood, stone, foam, J/(kg·K). From memory. */
export const INSIDE: Known = { value: 1500, low: 900, high: 3000, basis: memory };
/** And of the shell, the inner half of it, J/(kg·K). From memory. */
export const SHELL: Known = { value: 420, low: 300, high: 700, basis: memory };
/** From the air and from around it to a surface, W/(m²·K). From memory. */
export const TO_SURFACES: Known = { value: 8, low: 5, high: 12, basis: memory };
/** Of convection alone, W/(m²·K). From memory; 2.5 to 5 are usual. */
export const CONVECTS: Known = { value: 3.5, low: 2.5, high: 5, basis: memory };
/** The climate takes no less, J/K. */
const LEAST_J_PER_K = 500;

/** What holds heat, J/K, and how fast it takes it up, W/K. */
export function heldBy(
  site: Pick<Site, "shell" | "variant" | "book">,
  masses: readonly MassFact[],
): { thermalMassJPerK: number; massCouplingWPerK: number } {
  const { wholeM2 } = siteFloor(site);
  const coveredM2 = coversOf(site.shell, site.variant).reduce((sum, c) => sum + c.m2, 0);
  const jPerK = INSIDE.value * kgAt(masses, "walls", "filled") + SHELL.value * kgAt(masses, "bare", "doors");
  return {
    thermalMassJPerK: Math.max(LEAST_J_PER_K, jPerK),
    massCouplingWPerK: TO_SURFACES.value * Math.max(0.01, wholeM2 + coveredM2),
  };
}
