import { formatLengthWithUnit, formatNumber, type LengthDisplay } from "./format";
import { MM_PER } from "./length";
import { ceil, floor, over } from "./tolerance";

/** Where a thousandth no longer tells: digits past this would be the computer's own. */
const MOST_DECIMALS = 9;

/**
 * A length and the most it may be, each with its unit: the length rounded up, the limit down, and with as many digits as it
 * takes for one that keeps its limit to read so.
 * @param lengthMm what it is, mm
 * @param limitMm what it may be at most, mm
 * @param display the build's choice of units
 * @example
 * formatWithin(3.38, 3.34, { unit: "mm" }); // ["3.4 mm", "3.3 mm"]
 */
export function formatWithin(lengthMm: number, limitMm: number, display: LengthDisplay): [string, string] {
  const plain: [string, string] = [
    formatLengthWithUnit(lengthMm, display, "up"),
    formatLengthWithUnit(limitMm, display, "down"),
  ];
  const [per, first] = display.unit === "mm" ? [MM_PER.mm, 1] : [MM_PER.in, 2];
  const [length, limit] = [lengthMm / per, limitMm / per];
  const rounded = (decimals: number) =>
    [formatNumber(length, decimals, "up"), formatNumber(limit, decimals, "down")] as const;
  const step = display.unit === "mm" ? 10 : display.denominator;
  const agrees = ceil(length * step) <= floor(limit * step);
  if (agrees || over(length, limit)) return plain;
  for (let decimals = first + 1; decimals <= MOST_DECIMALS; decimals++) {
    const [shown, allowed] = rounded(decimals);
    if (Number(shown) <= Number(allowed))
      return display.unit === "mm" ? [`${shown} mm`, `${allowed} mm`] : [`${shown}"`, `${allowed}"`];
  }
  return plain;
}
