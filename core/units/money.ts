import { fail, ok, type Result } from "./result";

const DIGITS = new Map<string, number>();

/** Digits after the point that a currency is counted in (ISO 4217): 2 for most, 0 for the yen, 3 for some dinars. */
export function minorDigits(currency: string): number {
  const known = DIGITS.get(currency);
  if (known !== undefined) return known;
  const digits =
    new Intl.NumberFormat("en-IE", { style: "currency", currency }).resolvedOptions().maximumFractionDigits ?? 2;
  DIGITS.set(currency, digits);
  return digits;
}

/** Integer minor units as whole currency units: 6250 EUR is 62.5, 6250 JPY is 6250. */
export const majorUnits = (minor: number, currency: string): number => minor / 10 ** minorDigits(currency);

/** Money from integer minor units, e.g. `€62.00`, `¥6,200`. */
export const formatMoney = (minor: number, currency: string): string =>
  new Intl.NumberFormat("en-IE", { style: "currency", currency }).format(majorUnits(minor, currency));

/** Money to the nearest whole currency unit, for sums in which cents tell nothing: `€62`. */
export const formatWholeMoney = (minor: number, currency: string): string =>
  new Intl.NumberFormat("en-IE", { style: "currency", currency, maximumFractionDigits: 0 }).format(
    majorUnits(minor, currency),
  );

/** Money as a plain number, for fields and lists: `62.50`, or `6250` where there are no cents. */
export const plainMoney = (minor: number, currency: string): string =>
  majorUnits(minor, currency).toFixed(minorDigits(currency));

/**
 * Reads money such as `62`, `62.50`, `€62,50`.
 * @param currency three letters: how many digits there may be after the point
 * @returns integer minor units, or a sentence saying what to type instead
 */
export function parseMoneyMinor(text: string, currency: string): Result<number> {
  const digits = minorDigits(currency);
  const clean = text
    .trim()
    .replace(/[€$£¥\s]/g, "")
    .replace(",", ".");
  const match = /^\d+(?:\.(\d+))?$/.exec(clean);
  const example = (62.5).toFixed(digits);
  const examples = digits === 0 ? "62" : `62 or ${example}`;
  if (!match) return fail(`“${text.trim()}” is not a price. Type for example ${examples}.`);
  if ((match[1]?.length ?? 0) > digits)
    return fail(
      digits === 0
        ? `“${text.trim()}”: ${currency} has no smaller unit. Type a whole number, for example 62.`
        : `“${text.trim()}” has more than ${digits} digits after the point. Type for example ${example}.`,
    );
  return ok(Math.round(Number(clean) * 10 ** digits));
}
