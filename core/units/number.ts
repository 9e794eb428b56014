/** A decimal number with either a point or a comma, or undefined when the text is anything else. */
export function parseDecimal(text: string): number | undefined {
  const clean = text.trim().replace(",", ".");
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(clean) ? Number(clean) : undefined;
}

/**
 * A number as people with a tape write it: `23`, `23.5`, `5/8`, `23 5/8`, `23-5/8`.
 * @returns the number, or undefined when the text is not one
 */
export function parseMixed(text: string): number | undefined {
  const mixed = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/.exec(text.trim());
  if (!mixed) return parseDecimal(text);
  const denominator = Number(mixed[3]);
  if (denominator === 0) return undefined;
  return Number(mixed[1] ?? 0) + Number(mixed[2]) / denominator;
}
