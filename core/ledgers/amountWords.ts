import { formatNumber } from "../units/format";
import type { Supply } from "./ledger";

/** How lengths are told: in the build's own units. */
type Say = (mm: number) => string;

/** From so many millilitres on litres are told. */
const LITRES_FROM_ML = 10_000;

const WORDS: Record<Supply["unit"], (amount: number, say: Say) => string> = {
  mL: (n) => (n >= LITRES_FROM_ML ? `${formatNumber(n / 1000)} L` : `${formatNumber(n, 0)} mL`),
  mm: (n, say) => say(n),
  mm2: (n) => `${formatNumber(n / 1e6, 2)} m²`,
  g: (n) => `${formatNumber(n, 0)} g`,
  piece: (n) => formatNumber(n),
};

/**
 * An amount of a material in its own unit, in words.
 * @param say how lengths are told
 */
export const amountWords = ({ unit, amount }: { unit: Supply["unit"]; amount: number }, say: Say): string =>
  WORDS[unit](amount, say);
