import { MM_PER } from "../units/length";
import { parseDecimal } from "../units/number";
import type { Measure } from "./basics";

/**
 * A length as it was typed, its unit said where a bare number would now be read in another: what was typed in millimetres
 * before the build went over to inches, or was a starting value.
 * @param unit what a number without a unit is read in now
 */
export function typedWords({ typed, value }: Pick<Measure, "typed" | "value">, unit: "mm" | "in"): string {
  const bare = parseDecimal(typed);
  if (bare === undefined || bare === 0) return typed;
  if (unit === "in" && Math.abs(bare - value) < 1e-6) return `${typed} mm`;
  return unit === "mm" && Math.abs(bare * MM_PER.in - value) < 1e-6 ? `${typed} in` : typed;
}
