import letters from "./letters.json" with { type: "json" };

/** How a drawing is written: figures in the mono face, words in the body face, titles in its bold. */
export type Lettering = "mono" | "body" | "bold";

/** A letter that was not measured is taken to be this wide, in ems: as wide as the widest that was. */
const UNKNOWN_EM = 0.97;

/** Width of a text, in the unit of its size. Letters are measured by `npm run letters` from the faces that are shipped. */
export function textWidth(text: string, size: number, lettering: Lettering): number {
  const table: Partial<Record<string, number>> = letters[lettering];
  let em = 0;
  for (const letter of text) em += table[letter] ?? UNKNOWN_EM;
  return em * size;
}
