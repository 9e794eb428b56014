import { type Known, memory, practice } from "../figures/figure";
import { fixtureKind } from "../fixtures/kinds/list";
import type { Site } from "../shell/site";
import { type ClimateWall, wallsWPerK } from "./walls";

/** Changes of its air in an hour, until the day is worked out. From memory. */
export const CHANGES: Known = { value: 1, low: 0.3, high: 3, basis: memory };
/** Heat in a cubic metre of air near 25 °C, W·h/(m³·K): 1.18 kg × 1.006 kJ/kg. From memory. */
export const AIR_HEAT: Known = { value: 0.33, basis: memory };
/** A heater has so many times what is needed. Common practice, no source. */
export const MARGIN: Known = { value: 1.25, basis: practice };

/** What all of a design loses while the air is so many kelvin over the room, W/K: through its walls, and with its air. */
export const lossWPerK = (
  { shell }: Pick<Site, "shell">,
  walls: readonly ClimateWall[],
  changesPerHour = CHANGES.value,
): { walls: number; air: number } => ({
  walls: wallsWPerK(walls),
  air: (AIR_HEAT.value * changesPerHour * shell.volumeMl) / 1e6,
});

/** The least that all residents bear, °C; null where nobody has said. */
export function leastC({ brief }: Pick<Site, "brief">): number | null {
  const lows = brief.residents.flatMap((r) => r.bands.tempC?.low ?? []);
  return lows.length > 0 ? Math.max(...lows) : null;
}
/** The most that all residents bear, °C; null where nobody has said. */
export function mostC({ brief }: Pick<Site, "brief">): number | null {
  const highs = brief.residents.flatMap((r) => r.bands.tempC?.high ?? []);
  return highs.length > 0 ? Math.min(...highs) : null;
}

/** What heats on purpose. */
export const heatersOf = ({ variant }: Pick<Site, "variant">) => variant.fixtures.filter((f) => fixtureKind(f).heats);

/** What a steady balance comes to, in the coldest room and the warmest. */
export interface Steady {
  wallsWPerK: number;
  airWPerK: number;
  neededW: number | null;
  heatingW: number;
  /** Air inside with everything on and stuck, in the warmest room, °C. */
  stuckC: number;
}

/**
 * Steady heat: what is needed in the coldest room, and how hot it gets with everything stuck on in the warmest.
 * @param changesPerHour as worked out; without it as guessed
 */
export function steadyOf(site: Site, walls: readonly ClimateWall[], changesPerHour?: number): Steady {
  const loss = lossWPerK(site, walls, changesPerHour);
  const { tempC } = site.brief.room;
  const least = leastC(site);
  const heatingW = heatersOf(site).reduce((sum, f) => sum + (f.watts?.value ?? 0), 0);
  const whole = loss.walls + loss.air;
  return {
    ...{ wallsWPerK: loss.walls, airWPerK: loss.air, heatingW },
    neededW: least === null ? null : Math.max(0, least - tempC.low) * whole,
    stuckC: tempC.high + heatingW / whole,
  };
}
