import { constant, type Figure, label } from "../figures/figure";
import type { Site } from "../shell/site";
import { fillBalance, lossOf } from "./balance";
import { DRAINS, OVER_WATER_MM } from "./drain";
import { drainRoom } from "./drainRoom";
import { fillOf, poolLitres } from "./mass";
import { SETTLES } from "./mix";
import { siteFloor } from "./site";

/** Slope of a ramp out of the water, degrees (source: sealing; 30–45, from memory). */
export const RAMP_DEG = { value: 40, low: 30, high: 45 } as const;

/** Water conditioner, mL a litre; what stands on the bottle rules. */
const CONDITIONER_ML_PER_L = { value: 0.25, low: 0.1, high: 0.5, basis: label } as const;

/** How far a ramp runs at a slope, mm. */
export const rampRunMm = (waterMm: number, degrees: number): number =>
  waterMm / Math.tan((Math.min(89, Math.max(1, degrees)) * Math.PI) / 180);

/** Levels, litres, days to fill, and the pool. */
export function groundFigures(site: Site): Figure[] {
  const { shell, variant } = site;
  const { levels } = shell;
  const { ground } = variant;
  const fills = fillOf(shell, variant);
  const litres = (id: string) => fills.find((f) => f.id === id)?.litres ?? 0;
  const floor = siteFloor(site);
  const list: Figure[] = [];
  const mix = levels.strata.find((s) => s.id === "mix");
  if (mix)
    list.push({
      id: "ground/mix",
      label: "Substrate, as it lies",
      value: litres("mix"),
      unit: "L",
      formula: "land × mean of its depth at the front and at the back",
      inputs: [
        { name: "land", value: floor.landM2, unit: "m²" },
        { name: "deep at the front", value: mix.frontMm - mix.fromFrontMm, unit: "mm" },
        { name: "deep at the back", value: mix.backMm - mix.fromBackMm, unit: "mm" },
        constant("loose it is more, it settles by", SETTLES, ""),
      ],
    });
  if (ground.drain) {
    const { freeMm, landM2, voidShare } = drainRoom(site);
    const balance = fillBalance(ground, landM2, freeMm, voidShare);
    list.push({
      id: "ground/capacity",
      label: "The drainage layer holds",
      value: balance.capacityL,
      unit: "L",
      rounding: "down",
      formula: "land, without what stands on it × what water leaves free of the layer × its voids",
      inputs: [
        { name: "land", value: floor.landM2, unit: "m²" },
        { name: "without walls and pieces", value: landM2, unit: "m²" },
        { name: "free over the water", value: freeMm, unit: "mm" },
        constant(`voids of ${DRAINS[ground.drain.body].name}`, DRAINS[ground.drain.body].voidShare, ""),
        constant("it tops the water line by", OVER_WATER_MM, "mm"),
      ],
    });
    if (balance.days !== null)
      list.push({
        id: "ground/days-to-fill",
        label: "Days until it reaches the barrier",
        value: balance.days,
        unit: "days",
        rounding: "down",
        formula: "what the layer holds ÷ (misted a day × (1 − lost with the air))",
        inputs: [
          { name: "holds", value: balance.capacityL, unit: "L", figure: "ground/capacity" },
          { name: "misted a day", value: ground.misting?.value ?? 0, unit: "mL" },
          constant("lost with the air", lossOf(ground), "%"),
        ],
        estimate: true,
      });
  }
  const poolL = poolLitres(shell, variant);
  if (ground.pool)
    list.push(
      {
        id: "ground/pool",
        label: "Water in the pool",
        value: poolL,
        unit: "L",
        formula: "its width × its length × the water line, without what stands in it",
        inputs: [
          { name: "wide", value: ground.pool.width.value, unit: "mm" },
          { name: "long", value: ground.pool.length.value, unit: "mm" },
          { name: "water line", value: levels.waterMm, unit: "mm" },
        ],
      },
      {
        id: "ground/conditioner",
        label: "Conditioner for it",
        value: poolL * CONDITIONER_ML_PER_L.value,
        unit: "mL",
        rounding: "up",
        formula: "litres × dose",
        inputs: [
          { name: "pool", value: poolL, unit: "L", figure: "ground/pool" },
          constant("dose for chlorine and chloramine", CONDITIONER_ML_PER_L, "mL/L"),
        ],
      },
      ...(ground.pool.wayOut === "ramp"
        ? [
            {
              id: "ground/ramp",
              label: "The ramp runs",
              value: rampRunMm(levels.waterMm, ground.pool.ramp.value),
              unit: "mm",
              rounding: "up",
              formula: "water line ÷ tan(slope)",
              inputs: [
                { name: "water line", value: levels.waterMm, unit: "mm" },
                { name: "slope", value: ground.pool.ramp.value, unit: "°" },
              ],
            } satisfies Figure,
          ]
        : []),
    );
  return list;
}
