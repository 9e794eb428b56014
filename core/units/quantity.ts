import { parseMixed } from "./number";
import { fail, ok, type Result } from "./result";

/** Millilitres in one of each. US gallon, quart, pint, cup and fluid ounce: NIST SP 811, appendix B.8. */
export const ML_PER = {
  ml: 1,
  l: 1000,
  gal: 3785.411784,
  qt: 946.352946,
  pt: 473.176473,
  cup: 236.5882365,
  floz: 29.5735295625,
} as const;

/** Grams in one of each. Avoirdupois pound and ounce: NIST SP 811, appendix B.8. */
export const G_PER = { g: 1, kg: 1000, lb: 453.59237, oz: 28.349523125 } as const;

const VOLUME_NAMES: Record<string, keyof typeof ML_PER> = {
  ml: "ml",
  l: "l",
  litre: "l",
  litres: "l",
  liter: "l",
  liters: "l",
  gal: "gal",
  gallon: "gal",
  gallons: "gal",
  qt: "qt",
  quart: "qt",
  quarts: "qt",
  pt: "pt",
  pint: "pt",
  pints: "pt",
  cup: "cup",
  cups: "cup",
  "fl oz": "floz",
};
const MASS_NAMES: Record<string, keyof typeof G_PER> = {
  g: "g",
  gram: "g",
  grams: "g",
  kg: "kg",
  lb: "lb",
  lbs: "lb",
  pound: "lb",
  pounds: "lb",
  oz: "oz",
};

function parseQuantity(
  text: string,
  names: Record<string, string>,
  factors: Record<string, number>,
  bare: string,
  say: string,
): Result<number> {
  const match = /^([\d.,/\s-]*\d[.,]?)\s*([a-z][a-z\s]*)?$/.exec(text.trim().toLowerCase());
  const number = match?.[1] === undefined ? undefined : parseMixed(match[1]);
  const unit = match?.[2] === undefined ? bare : names[match[2].trim()];
  const factor = unit === undefined ? undefined : factors[unit];
  if (number === undefined || factor === undefined) return fail(`“${text.trim()}” is not ${say}.`);
  return ok(number * factor);
}

/** Reads a volume such as `58 qt`, `14.5 gal`, `40 L`; a bare number is litres. Answers millilitres. */
export const parseVolumeMl = (text: string): Result<number> =>
  parseQuantity(text, VOLUME_NAMES, ML_PER, "l", "a volume. Type for example 40 L, 58 qt or 14.5 gal");

/** Reads a mass such as `2.5 kg` or `3 lb`; a bare number is kilograms. Answers grams. */
export const parseMassG = (text: string): Result<number> =>
  parseQuantity(text, MASS_NAMES, G_PER, "kg", "a mass. Type for example 2.5 kg, 400 g or 3 lb");

/** Reads a temperature such as `24`, `24 C`, `75F`; a bare number is °C. Answers °C; t_C = (t_F − 32)/1.8, NIST SP 811. */
export function parseTemperatureC(text: string): Result<number> {
  const match = /^([+-]?\d+(?:[.,]\d+)?)\s*°?\s*([cf])?$/.exec(text.trim().toLowerCase().replace("−", "-"));
  if (!match?.[1]) return fail(`“${text.trim()}” is not a temperature. Type for example 24, 24 C or 75 F.`);
  const number = Number(match[1].replace(",", "."));
  const celsius = match[2] === "f" ? (number - 32) / 1.8 : number;
  if (celsius < -273.15) return fail(`“${text.trim()}” is colder than anything can be. Type for example 24 or 75 F.`);
  return ok(celsius);
}
