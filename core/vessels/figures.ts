import { constant, type Figure, label } from "../figures/figure";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import type { PoolHolds } from "./facts";
import { VESSELS } from "./kinds";
import type { Pool, Vessel } from "./schema";
import { surfaceM2 } from "./sizes";
import { DRINKS_SHARE, daysUntilDry, drunkMl, EVAPORATES_MM, vesselLitres } from "./water";

/** Slope of a ramp out of the water, degrees (source: sealing; 30–45, from memory). */
export const RAMP_DEG = { value: 40, low: 30, high: 45 } as const;

/** Water conditioner, mL a litre; what stands on the bottle rules. */
export const CONDITIONER_ML_PER_L = { value: 0.25, low: 0.1, high: 0.5, basis: label } as const;

/** How far a ramp runs at a slope, mm. */
export const rampRunMm = (waterMm: number, degrees: number): number =>
  waterMm / Math.tan((Math.min(89, Math.max(1, degrees)) * Math.PI) / 180);

/** What a pool holds, and how far its ramp runs. */
export function poolFigures({ shell }: Site, pool: Pool, holds: PoolHolds): Figure[] {
  const { waterMm } = shell.levels;
  const area = { name: "its surface, without what stands in it", value: holds.m2, unit: "m²" };
  const water = { name: "water line", value: waterMm, unit: "mm" };
  return [
    {
      ...{
        id: `vessels/${pool.id}/litres`,
        label: `Water in ${pool.name.toLowerCase()}`,
        value: holds.litres,
        unit: "L",
      },
      formula: "its surface × the water line, without what stands in it",
      inputs: [area, water],
    },
    ...(pool.wayOut === "ramp"
      ? [
          {
            ...{ id: `vessels/${pool.id}/ramp`, label: "The ramp runs", value: rampRunMm(waterMm, pool.ramp.value) },
            ...{ unit: "mm", rounding: "up" as const, formula: "water line ÷ tan(slope)" },
            inputs: [water, { name: "slope", value: pool.ramp.value, unit: "°" }],
          },
        ]
      : []),
  ];
}

/** What a vessel holds, and the days until it is dry. */
export function vesselFigures({ brief }: Site, vessel: Vessel): Figure[] {
  const litres = vesselLitres(vessel);
  const days = daysUntilDry(vessel, brief);
  const drunk = drunkMl(vessel, brief);
  const id = `vessels/${vessel.id}`;
  return [
    {
      ...{ id: `${id}/litres`, label: `${vessel.name} holds`, value: litres, unit: "L", rounding: "down" },
      formula: "its inside × how deep it is filled × what its shape holds of that",
      inputs: [
        { name: "its surface", value: surfaceM2(vessel), unit: "m²" },
        { name: "filled", value: vessel.filled.value, unit: "mm" },
        constant("it narrows to its foot", VESSELS[vessel.kind].holds, ""),
      ],
    },
    {
      ...{ id: `${id}/days`, label: `${vessel.name} is dry in`, value: days.likely, low: days.low, high: days.high },
      ...{ unit: "days", rounding: "down", estimate: true },
      formula: "litres ÷ (surface × what evaporates + what is drunk)",
      inputs: [
        { name: "holds", value: litres, unit: "L", figure: `${id}/litres` },
        constant("evaporates a day", EVAPORATES_MM, "mm"),
        { name: "drunk a day", value: drunk?.likely ?? 0, unit: "mL" },
        ...(drunk && !vessel.drunk ? [constant("of the animals' mass a day", DRINKS_SHARE, "")] : []),
      ],
    },
  ];
}

/** Conditioner for all that is filled from the tap: what the shell takes at once, or the vessels alone. */
export function conditionerFigure(litres: number, vesselsL: number): Figure {
  return {
    ...{
      id: "vessels/conditioner",
      label: "Conditioner for it",
      value: (litres + vesselsL) * CONDITIONER_ML_PER_L.value,
    },
    ...{ unit: "mL", rounding: "up", formula: "litres × dose" },
    inputs: [
      { name: "filled together", value: litres, unit: "L" },
      { name: `in vessels, ${formatNumber(vesselsL, 2)} L`, value: vesselsL, unit: "L" },
      constant("dose for chlorine and chloramine", CONDITIONER_ML_PER_L, "mL/L"),
    ],
  };
}
