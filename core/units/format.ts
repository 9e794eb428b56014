import { MM_PER } from "./length";
import { ceil, floor } from "./tolerance";

/** How a build shows lengths: millimetres, or inches with fractions down to 1/16 or 1/32. */
export type LengthDisplay = { unit: "mm" } | { unit: "in"; denominator: 16 | 32 };
/** What formats and answers are told in where no build says otherwise. */
export const MILLIMETRES: LengthDisplay = { unit: "mm" };
/** Gaps are shown rounded up and allowances down, so that a verdict never contradicts its digits. */
export type Rounding = "nearest" | "up" | "down";

const ROUND: Record<Rounding, (n: number) => number> = {
  nearest: Math.round,
  // The slack keeps 3.4000000000000004 from showing as 3.5.
  up: ceil,
  down: floor,
};

/** A plain number with at most `decimals` decimals, no trailing zeros, and never NaN or a minus before zero. */
export function formatNumber(value: number, decimals = 1, rounding: Rounding = "nearest"): string {
  if (!Number.isFinite(value)) return "–";
  const scale = 10 ** decimals;
  // A whole number over a power of ten is written with just its own decimals.
  const rounded = ROUND[rounding](value * scale) / scale;
  return String(rounded === 0 ? 0 : rounded);
}

/** From the least of some numbers to their most; once where so few decimals tell them not apart. */
export function spanWords(list: readonly number[], unit: string, decimals = 0): string {
  const [low, high] = [Math.min(...list), Math.max(...list)].map((x) => formatNumber(x, decimals));
  return low === high ? `${low} ${unit}` : `${low} to ${high} ${unit}`;
}

/** Below this a fraction of an inch that is off by more than a tenth is written with decimals. */
const FINE_IN = 0.25;

function formatInches(mm: number, denominator: number, rounding: Rounding): string {
  const exact = (Math.abs(mm) / MM_PER.in) * denominator;
  const parts = ROUND[rounding](exact);
  if (exact < FINE_IN * denominator && Math.abs(parts - exact) > exact / 10)
    return `${formatNumber(mm / MM_PER.in, 3, rounding)}"`;
  const whole = Math.floor(parts / denominator);
  let top = parts % denominator;
  let bottom = denominator;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  const sign = mm < 0 && parts > 0 ? "-" : "";
  if (top === 0) return `${sign}${whole}"`;
  return `${sign}${whole > 0 ? `${whole} ` : ""}${top}/${bottom}"`;
}

/**
 * A length as the build shows it, e.g. `1500` or `59 1/16"`.
 * @param mm the length in millimetres
 * @param display the build's choice of units
 * @param rounding `up` for a gap, `down` for an allowance
 * @example
 * formatLength(600.07, { unit: "in", denominator: 16 }, "up"); // '23 5/8"'
 * formatLength(600.07, { unit: "mm" }, "down"); // "600"
 */
export function formatLength(mm: number, display: LengthDisplay, rounding: Rounding = "nearest"): string {
  if (!Number.isFinite(mm)) return "–";
  return display.unit === "mm" ? formatNumber(mm, 1, rounding) : formatInches(mm, display.denominator, rounding);
}

/** `formatLength` with its unit spelled out, for sentences. */
export function formatLengthWithUnit(mm: number, display: LengthDisplay, rounding: Rounding = "nearest"): string {
  const text = formatLength(mm, display, rounding);
  return display.unit === "mm" ? `${text} mm` : text;
}

/**
 * A length with the digits it is reckoned with, for sums that must come out: `1500` or `59.055"`.
 * @param mm the length in millimetres
 */
export const formatExactLength = (mm: number, display: LengthDisplay): string =>
  display.unit === "mm" ? formatNumber(mm, 2) : `${formatNumber(mm / MM_PER.in, 3)}"`;

/**
 * A length read finely, with all its digits, as a water level is: `3.34 mm`, `0.1315"`.
 * @param decimals digits after the point in millimetres; inches take two more
 */
export const formatFineLength = (mm: number, display: LengthDisplay, decimals: number): string =>
  display.unit === "mm" ? `${mm.toFixed(decimals)} mm` : `${(mm / MM_PER.in).toFixed(decimals + 2)}"`;

/** A span of lengths with its unit, for sentences: `10 to 20 mm`, `3/8" to 13/16"`. */
export const formatSpan = (lowMm: number, highMm: number, display: LengthDisplay): string =>
  `${formatLength(lowMm, display)} to ${formatLengthWithUnit(highMm, display)}`;

/** A run of something sold or laid by length, in metres or feet: `3.7 m`, `12.1 ft`. */
export const formatRun = (mm: number, display: LengthDisplay): string =>
  display.unit === "mm" ? `${formatNumber(mm / 1000)} m` : `${formatNumber(mm / MM_PER.ft)} ft`;

/** Minutes as a builder says them: `25 min`, `2 h`, `2 h 15`, `3 days`. */
export function formatMinutes(minutes: number): string {
  const rounded = Math.round(minutes);
  if (rounded < 60) return `${rounded} min`;
  if (rounded >= 2880 && rounded % 1440 === 0) return `${rounded / 1440} days`;
  const rest = rounded % 60;
  return rest === 0 ? `${rounded / 60} h` : `${Math.floor(rounded / 60)} h ${String(rest).padStart(2, "0")}`;
}
