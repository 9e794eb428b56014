import { MM_PER } from "../units/length";
import { parseDecimal } from "../units/number";
import { same } from "../units/tolerance";
import type { Measure } from "./basics";

/**
 * A length as it was typed, its unit said where a bare number would now be read in another: what was typed in millimetres
 * before the build went over to inches, or was a starting value.
 * @param unit what a number without a unit is read in now
 */
export function typedWords({ typed, value }: Pick<Measure, "typed" | "value">, unit: "mm" | "in"): string {
  const bare = parseDecimal(typed);
  if (bare === undefined || bare === 0) return typed;
  if (unit === "in" && same(bare, value)) return `${typed} mm`;
  return unit === "mm" && same(bare * MM_PER.in, value) ? `${typed} in` : typed;
}
