import { parseMixed } from "./number";
import { fail, ok, type Result } from "./result";

/** Millimetres in one of each unit. Exact by definition: NIST SP 811, appendix B.8. */
export const MM_PER = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 } as const;
export type LengthUnit = keyof typeof MM_PER;

const NAMES: Record<string, LengthUnit> = {
  mm: "mm",
  millimetre: "mm",
  millimetres: "mm",
  millimeter: "mm",
  millimeters: "mm",
  cm: "cm",
  centimetre: "cm",
  centimetres: "cm",
  centimeter: "cm",
  centimeters: "cm",
  m: "m",
  metre: "m",
  metres: "m",
  meter: "m",
  meters: "m",
  '"': "in",
  in: "in",
  inch: "in",
  inches: "in",
  "'": "ft",
  ft: "ft",
  foot: "ft",
  feet: "ft",
};

const EXAMPLES = `600, 60 cm, 1.5 m, 23 5/8" or 2' 3 1/2"`;

/**
 * Reads a length as typed at a bench.
 * @param text what was typed, e.g. `23 5/8"`, `2' 3"`, `60cm`, `600`
 * @param bareUnit the unit a number without one is in
 * @returns millimetres, or a sentence saying what to type instead; zero and negative lengths are read, not judged
 * @example
 * parseLength('23 5/8', "in"); // { ok: true, value: 600.075 }
 * parseLength("60 cm"); // { ok: true, value: 600 }
 * parseLength("wide").ok; // false
 */
export function parseLength(text: string, bareUnit: LengthUnit = "mm"): Result<number> {
  const clean = text
    .trim()
    .toLowerCase()
    .replace(/[″“”]|''/g, '"')
    .replace(/[′‘’]/g, "'")
    .replace(/[−–]/g, "-")
    .replace(
      /[½¼¾⅛⅜⅝⅞]/g,
      (f) => ` ${{ "½": "1/2", "¼": "1/4", "¾": "3/4", "⅛": "1/8", "⅜": "3/8", "⅝": "5/8", "⅞": "7/8" }[f]}`,
    );
  if (clean === "") return fail(`Nothing was typed. Type a length such as ${EXAMPLES}.`);
  const refusal = fail<number>(`“${text.trim()}” is not a length. Type for example ${EXAMPLES}.`);
  const negative = clean.startsWith("-");
  let rest = clean.replace(/^[+-]\s*/, "");
  let totalMm = 0;
  let previous: LengthUnit | undefined;
  while (rest !== "") {
    const piece = /^((?:[\d.,][\d.,/\s-]*)?\d[.,]?)\s*("|'|[a-z]+)?\s*/.exec(rest);
    if (!piece?.[1]) return refusal;
    const number = parseMixed(piece[1]);
    if (number === undefined) return refusal;
    const unit = piece[2] ? NAMES[piece[2]] : previous === "ft" ? "in" : bareUnit;
    if (!unit || (previous && MM_PER[unit] >= MM_PER[previous])) return refusal;
    if (!piece[2] && previous && previous !== "ft") return refusal;
    totalMm += number * MM_PER[unit];
    previous = unit;
    rest = rest.slice(piece[0].length);
  }
  // A picometre is kept: binary fractions of 25.4 would else show in files.
  const roundedMm = Number(totalMm.toFixed(9));
  return Number.isFinite(roundedMm) ? ok(negative ? -roundedMm : roundedMm) : refusal;
}
