/** Letters and figures that are not taken for one another on paper. */
const LETTERS = "23456789ABCDEFGHJKLMNPQRSTUVWXYZ";
const LENGTH = 4;
/** FNV-1a, 32 bits. */
const [OFFSET, PRIME] = [0x811c9dc5, 0x01000193];

/**
 * A short code for each step, to be written on paper and typed at the bench later: made of its id, so that it stays with the
 * step whatever else the design changes.
 * @param ids of all steps of a plan
 * @returns the code of each; two that would share one are told apart by their order
 */
export function stepCodes(ids: readonly string[]): Map<string, string> {
  const taken = new Set<string>();
  const codes = new Map<string, string>();
  for (const id of [...ids].sort())
    for (let salt = 0; !codes.has(id); salt++) {
      let hash = OFFSET;
      for (const letter of `${id}${salt || ""}`) hash = Math.imul(hash ^ letter.charCodeAt(0), PRIME) >>> 0;
      const code = Array.from({ length: LENGTH }, (_, i) => LETTERS[(hash >>> (5 * i)) & 31]).join("");
      if (taken.has(code)) continue;
      taken.add(code);
      codes.set(id, code);
    }
  return codes;
}

/** A code as it was typed, spaces and small letters allowed; undefined for what is none. */
export function readCode(typed: string): string | undefined {
  const code = typed.replace(/[\s-]/g, "").toUpperCase();
  return code.length === LENGTH ? code : undefined;
}
