import type { Hung } from "../closures/facts";
import { constant, type Figure, memory, published } from "../figures/figure";
import { WET_GROUND } from "../figures/substrate";
import { WATER } from "../figures/water";
import type { Fill } from "../ground/mass";
import type { Shell, Solid } from "../shell/shell";
import { shellKg } from "../shell/shell";
import type { Site } from "../shell/site";
import type { Vec3 } from "../shell/space";
import { GRAVITY } from "../units/constants";

/** Imposed load a dwelling's floor is designed for, spread over the room, kN/m² (lower end of the standard's range). */
export const FLOOR_KN_PER_M2 = { value: 1.5, low: 1.5, high: 2, basis: published("en-1991-1-1") } as const;
/** And on one point, kN. */
export const FOOT_KN = { value: 2, low: 2, high: 3, basis: published("en-1991-1-1") } as const;
/** A shell that tips under this angle, or is taller than this many depths, is fixed to the wall. */
export const LEAST_TIP = { value: 10, basis: memory } as const;
export const TALL_SHARE = 1.5;
/** A room to spread the load over when nothing is known of it, m². */
const SMALL_ROOM_M2 = { value: 10, basis: memory } as const;

/** Middle of several solids by mass. */
export function centreOfMass(solids: readonly Solid[]): Vec3 {
  const kg = solids.reduce((sum, s) => sum + s.kg, 0);
  const along = (i: 0 | 1 | 2) => (kg === 0 ? 0 : solids.reduce((sum, s) => sum + s.kg * s.at[i], 0) / kg);
  return [along(0), along(1), along(2)];
}

/**
 * Angle at which a body tips over an edge: atan of the level distance from its centre of mass to the edge by the centre's
 * height above the floor. Source: statics.
 */
export const tippingDegrees = (toEdgeMm: number, aboveFloorMm: number): number =>
  (Math.atan2(toEdgeMm, aboveFloorMm) * 180) / Math.PI;

/** Front edge of the outside, as y in the shell's space. */
const frontEdge = (shell: Shell): number => -(shell.outside.depthMm - shell.inside.depthMm - wallBehind(shell));
const wallBehind = (shell: Shell): number => shell.faces.back.material.thicknessMm;

/**
 * Mass, centre of mass, tipping and floor load of the shell dry and filled.
 * @param fills what it is filled with, layer by layer
 */
export function standingFigures({ shell }: Site, hung: Hung | undefined, fills: readonly Fill[]): Figure[] {
  const dry = shellKg(shell);
  const fill = fills.reduce((sum, f) => sum + f.kg, 0);
  const baseMm = shell.faces.base.material.thicknessMm + shell.legsMm;
  const front = frontEdge(shell);
  const doors: Solid[] = hung
    ? [
        {
          id: "doors",
          label: hung.label,
          kg: hung.kg,
          at: [
            shell.inside.widthMm / 2,
            front - hung.beforeMm,
            (shell.levels.openingLowMm + shell.levels.openingHighMm) / 2,
          ],
        },
      ]
    : [];
  // Empty is worst: what fills it lies low and holds it down.
  const standing = [...shell.solids.filter((s) => s.id !== hung?.replaces), ...doors];
  const centre = centreOfMass(standing);
  const wet = dry + fill + (hung && !hung.replaces ? hung.kg : 0);
  const wetKn = (wet * GRAVITY) / 1000;
  return [
    {
      id: "shell/mass-shell",
      label: "Mass of the bare shell",
      value: dry,
      unit: "kg",
      formula: "Σ area × thickness × density of each piece",
      inputs: shell.solids.map((s) => ({ name: s.label, value: s.kg, unit: "kg" })),
    },
    {
      id: "shell/mass-fill",
      label: "Mass of substrate and water",
      value: fill,
      unit: "kg",
      formula:
        "Σ litres × density, layer by layer, at the middle of the slope; water fills what the drainage layer leaves",
      inputs: [
        ...fills.map((f) => ({ name: f.label, value: f.kg, unit: "kg" })),
        constant("wet substrate", WET_GROUND, "kg/m³"),
        constant("water", WATER, "kg/m³"),
      ],
    },
    {
      id: "shell/centre-height",
      label: "Centre of mass above the floor, empty",
      value: centre[2] + baseMm,
      unit: "mm",
      formula: "Σ mass × height ÷ Σ mass, doors open, over base and legs",
      inputs: standing.map((s) => ({
        name: `${s.label}, height of its middle`,
        value: s.at[2],
        unit: "mm",
      })),
    },
    {
      id: "shell/tipping",
      label: "Tips forward at",
      value: tippingDegrees(centre[1] - front, centre[2] + baseMm),
      unit: "°",
      rounding: "down",
      formula:
        "atan(distance from the centre of mass back to the front edge ÷ its height above the floor), empty, doors open",
      inputs: [
        { name: "behind the front edge", value: centre[1] - front, unit: "mm" },
        { name: "above the floor", value: centre[2] + baseMm, unit: "mm" },
        constant("least angle", LEAST_TIP, "°"),
      ],
    },
    {
      id: "shell/floor-load",
      label: "Load on the room's floor",
      value: wetKn / SMALL_ROOM_M2.value,
      unit: "kN/m²",
      rounding: "up",
      formula: "filled mass × g ÷ the area of a small room",
      inputs: [
        { name: "filled mass", value: wet, unit: "kg" },
        constant("small room", SMALL_ROOM_M2, "m²"),
        constant("a dwelling's floor is designed for", FLOOR_KN_PER_M2, "kN/m²"),
      ],
    },
    {
      id: "shell/foot-load",
      label: "Load on each of four feet",
      value: wetKn / 4,
      unit: "kN",
      rounding: "up",
      formula: "filled mass × g ÷ 4",
      inputs: [
        { name: "filled mass", value: wet, unit: "kg" },
        constant("a point of a dwelling's floor is designed for", FOOT_KN, "kN"),
      ],
    },
  ];
}
