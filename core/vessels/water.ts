import type { Brief } from "../document/schema";
import { type Known, memory } from "../figures/figure";
import { VESSELS } from "./kinds";
import type { Vessel } from "./schema";
import { surfaceM2 } from "./sizes";

/** Open water in a shell loses so many mm a day until its air is reckoned: from memory. */
export const EVAPORATES_MM: Known = { value: 3, low: 1, high: 6, basis: memory };
/** Drunk in a day, of the animal's mass: from memory. */
export const DRINKS_SHARE: Known = { value: 0.04, low: 0.01, high: 0.1, basis: memory };

/** What a vessel holds as it is filled, L. */
export const vesselLitres = (vessel: Vessel): number =>
  // m² × mm = litres.
  surfaceM2(vessel) * Math.min(vessel.filled.value, vessel.depth.value) * VESSELS[vessel.kind].holds.value;

/** Drunk from it in a day, mL: typed, or by the mass of who lives there; null where nobody knows either. */
export function drunkMl(
  vessel: Vessel,
  { residents }: Pick<Brief, "residents">,
): { likely: number; high: number } | null {
  if (vessel.drunk) return { likely: vessel.drunk.value, high: vessel.drunk.high ?? vessel.drunk.value };
  const known = residents.filter((r) => r.mass);
  if (known.length === 0) return null;
  const grams = known.reduce((sum, r) => sum + r.count * r.mass!.value, 0);
  return { likely: grams * DRINKS_SHARE.value, high: grams * DRINKS_SHARE.high! };
}

/** Days until a vessel is dry: usable litres ÷ (what evaporates from its surface + what is drunk). */
export function daysUntilDry(
  vessel: Vessel,
  brief: Pick<Brief, "residents">,
): { likely: number; low: number; high: number } {
  const litres = vesselLitres(vessel);
  const drunk = drunkMl(vessel, brief);
  const days = (mmADay: number, mL: number) => litres / (surfaceM2(vessel) * mmADay + mL / 1000 || 1e-9);
  return {
    likely: days(EVAPORATES_MM.value, drunk?.likely ?? 0),
    low: days(EVAPORATES_MM.high!, drunk?.high ?? 0),
    high: days(EVAPORATES_MM.low!, 0),
  };
}
