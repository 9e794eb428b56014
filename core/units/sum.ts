import { formatExactLength, type LengthDisplay } from "./format";

/** How a length came about, in words: what is a number in it is a length in millimetres. */
export type Sum = readonly (string | number)[];

/** A sum in the build's own units, e.g. `1500 wide inside + 10 left side`. */
export const sumWords = (sum: Sum, display: LengthDisplay): string =>
  sum.map((term) => (typeof term === "number" ? formatExactLength(term, display) : term)).join("");
