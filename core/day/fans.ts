import type { ClimateInput, ClimateOpening } from "../climate/format";
import { densityKgPerM3 } from "../climate/moist";
import { openingOf, speedAt } from "../climate/opening";
import { fixtureKind } from "../fixtures/kinds/list";
import type { Site } from "../shell/site";
import { onOf } from "./heaters";

/** Dry air at 22 °C. */
const AIR_KG_PER_M3 = densityKgPerM3(22, 0);
/** Halvings of the search for where a fan's curve meets its way's. */
const HALVINGS = 40;

/**
 * What a fan moves against the openings its air goes by: where its own falling line from free flow to most pressure meets
 * the pressure that they take.
 * @param freeM3PerHour at no pressure
 * @param mostPa at no flow; null where its label does not say, and then nothing is taken off
 * @returns m³/h; 0 where there is no way
 */
export function flowAgainst(openings: readonly ClimateOpening[], freeM3PerHour: number, mostPa: number | null): number {
  const ways = openings.map(openingOf);
  if (ways.length === 0) return 0;
  if (mostPa === null) return freeM3PerHour;
  const passes = (pa: number) =>
    3600 * ways.reduce((sum, o) => sum + o.areaM2 * speedAt(o, Math.sqrt((2 * pa) / AIR_KG_PER_M3)), 0);
  let [low, high] = [0, mostPa];
  for (let i = 0; i < HALVINGS; i++) {
    const pa = (low + high) / 2;
    if (passes(pa) < freeM3PerHour * (1 - pa / mostPa)) low = pa;
    else high = pa;
  }
  return freeM3PerHour * (1 - (low + high) / 2 / mostPa);
}

/** The fans of a design, each with what it moves against its openings. */
export const fansOf = (
  { variant }: Pick<Site, "variant">,
  openings: readonly ClimateOpening[],
): { id: string; name: string; freeM3PerHour: number; fan: ClimateInput["fans"][number] }[] =>
  variant.fixtures.flatMap((f) => {
    const moves = fixtureKind(f).moves?.(f);
    if (!moves || moves.m3PerHour === null) return [];
    const { duty, m3PerHour, mostPa } = moves;
    const flow = duty === "stir" ? m3PerHour : flowAgainst(openings, m3PerHour, mostPa);
    return [{ id: f.id, name: f.name, freeM3PerHour: m3PerHour, fan: { kind: duty, m3PerHour: flow, on: onOf(f) } }];
  });
