import { type LengthUnit, parseLength } from "../units/length";
import { ok, type Result } from "../units/result";
import type { Measure } from "./basics";

/** How far off a rough measure may be, either way, as a share. From memory. */
const ABOUT_SHARE = 0.1;
/** What builders mean by a few and by several. From memory. */
const COUNT_WORDS: Record<string, [low: number, high: number]> = { couple: [2, 2.5], few: [2, 4], several: [3, 7] };

const ABOUT = /^(?:about|around|roughly|approx\.?|approximately|circa|ca\.?|~|≈)\s*/i;

/**
 * Reads a length that may be a guess: `about 40 cm`, `40-45 cm`, `several inches`, `600`.
 * @param text what was typed; kept as it is
 * @param bareUnit the unit a number without one is in
 * @param how how a plain length is known
 * @returns a measure in millimetres, guesses with their range, or what to type instead
 */
export function parseMeasure(text: string, bareUnit: LengthUnit, how: Measure["how"] = "stated"): Result<Measure> {
  const typed = text.trim();
  const guess = (low: number, high: number): Result<Measure> =>
    ok({ typed, value: (low + high) / 2, how: "guessed", low, high });

  const word = /^(?:a\s+)?(couple|few|several)\s+(?:of\s+)?([a-z]+)$/i.exec(typed);
  const span = word && COUNT_WORDS[word[1]!.toLowerCase()];
  if (word && span) {
    const one = parseLength(`1 ${word[2]}`, bareUnit);
    return one.ok ? guess(span[0] * one.value, span[1] * one.value) : one;
  }
  const bare = typed.replace(ABOUT, "");
  const between = /^(.*\d)\s*([a-z"']*)\s*(?:–|—|to|\.\.)\s*(\d.*)$/i.exec(bare) ?? /^([\d.,]+)()-(\d.*)$/.exec(bare);
  if (between) {
    const high = parseLength(between[3]!, bareUnit);
    // The first of two may leave its unit to the second: `40 to 45 cm`.
    const unit = between[2] || (/[a-z"']+\s*$/i.exec(between[3]!)?.[0] ?? "");
    const low = parseLength(between[1]! + unit, bareUnit);
    if (low.ok && high.ok && low.value < high.value) return guess(low.value, high.value);
  }
  const length = parseLength(bare, bareUnit);
  if (!length.ok) return length;
  if (bare === typed) return ok({ typed, value: length.value, how });
  const off = ABOUT_SHARE * Math.abs(length.value);
  return ok({ typed, value: length.value, how: "guessed", low: length.value - off, high: length.value + off });
}
