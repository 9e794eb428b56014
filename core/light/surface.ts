import { memory, published } from "../figures/figure";
import type { Air, Surface, SurfaceC } from "./format";

/** Stefan and Boltzmann's constant, W/(m²·K⁴): exact since 2019. */
export const STEFAN_BOLTZMANN = { value: 5.670374419e-8, basis: published("codata") } as const;
const KELVIN = 273.15;

/** The two other cases of a surface under a lamp: how they differ from the middle one. From memory. */
export const CASES = {
  low: { absorptance: -0.1, heat: 0.5, film: 1.5, sides: 2, basis: memory },
  high: { absorptance: 0.1, heat: 1, film: 0.67, sides: 1, basis: memory },
} as const;

/**
 * The temperature at which a surface loses what it takes up, °C. What it loses rises ever faster with it, so steps along the
 * slope from the warm side come down to the one answer and never past it.
 */
function balanced(taken: number, film: number, emissivity: number, sides: number, { tempC, surroundC }: Air): number {
  const shines = emissivity * STEFAN_BOLTZMANN.value;
  const around = (surroundC + KELVIN) ** 4;
  let c = Math.max(tempC, surroundC) + taken / (sides * film);
  for (let i = 0; i < 100; i++) {
    const over = sides * (film * (c - tempC) + shines * ((c + KELVIN) ** 4 - around)) - taken;
    const step = over / (sides * (film + 4 * shines * (c + KELVIN) ** 3));
    c -= step;
    if (Math.abs(step) < 1e-11) break;
  }
  return c;
}

/**
 * How warm a thin, dark, insulated surface gets under radiant heat, and its two other cases (source: light).
 * @param wPerM2 radiant heat on it
 * @returns °C: the middle, and the least and greatest of the three
 */
export function surfaceC(wPerM2: number, air: Air, { absorptance, emissivity }: Surface): SurfaceC {
  const within = (x: number) => Math.min(1, Math.max(0, x));
  const at = (more: number, heat: number, film: number, sides: number) =>
    balanced(within(absorptance + more) * wPerM2 * heat, air.hcWPerM2K * film, emissivity, sides, air);
  const value = at(0, 1, 1, 1);
  const all = [value, ...[CASES.low, CASES.high].map((c) => at(c.absorptance, c.heat, c.film, c.sides))];
  return { value, low: Math.min(...all), high: Math.max(...all) };
}

/**
 * The radiant heat under which a surface gets so warm, W/m²: the middle case turned round (source: light).
 * @returns under nought where the surface is cooler than what is round it
 */
export function wPerM2For(surface: number, air: Air, { absorptance, emissivity }: Surface): number {
  const shone = emissivity * STEFAN_BOLTZMANN.value * ((surface + KELVIN) ** 4 - (air.surroundC + KELVIN) ** 4);
  return (air.hcWPerM2K * (surface - air.tempC) + shone) / absorptance;
}
