import type { Shell } from "./shell";

/** Wet ground in bulk, kg/m³ (HANDBOOK §11: 900–1200, from memory). */
export const WET_GROUND = { value: 1050, low: 900, high: 1200, basis: { kind: "memory" } } as const;
/** Water at 20 °C, kg/m³. */
export const WATER = {
  value: 998.2,
  basis: { kind: "published", source: "CRC Handbook, water at 20 °C" },
} as const;

/** Lift with help above this (manual-handling guidance, from memory). */
export const LIFT_KG = 20;

/** A panel's mass, kg. */
export const panelKg = (panel: Shell["panels"][number], shell: Shell): number =>
  (panel.lengthMm * panel.widthMm * panel.thicknessMm * shell.sheets[panel.face].densityKgPerM3.value) / 1e9;

/** All sheet of the shell, kg. */
export const sheetKg = (shell: Shell): number => shell.panels.reduce((sum, p) => sum + panelKg(p, shell), 0);

/** Ground and standing water in it, kg. Where both stand, water fills what the ground leaves; the heavier of the two is taken. */
export function fillKg(shell: Shell): number {
  const floorM2 = (shell.inside.widthMm * shell.inside.depthMm) / 1e6;
  const ground = (shell.levels.groundMm / 1000) * WET_GROUND.value;
  const water = (shell.levels.waterMm / 1000) * WATER.value;
  return floorM2 * Math.max(ground, water);
}
