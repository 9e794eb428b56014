import { type Known, practice } from "../figures/figure";
import type { MixPart } from "../materials/names";
import type { Ground } from "./schema";

/** What a part of a mix is, and what careful builders say of it. */
export const MIX: Record<MixPart, { name: string; mind?: string }> = {
  coir: { name: "coir", mind: "Alone it grows little; some find it too tight for frogs." },
  bark: { name: "fine bark" },
  moss: { name: "sphagnum moss" },
  treeFern: { name: "tree-fern fibre" },
  leafMould: { name: "leaf mould" },
  soil: { name: "plain soil", mind: "Unfertilised: fertiliser harms small animals." },
  sand: { name: "washed sand" },
  clayEarth: { name: "clayey earth" },
  perlite: { name: "perlite", mind: "Swallowed, and it floats up." },
};

/** Loose ground settles by this share (source: ground). */
export const SETTLES: Known = { value: 0.15, low: 0.1, high: 0.2, basis: practice };

const parts = (...list: [MixPart, number][]) =>
  list.map(([what, value]) => ({ what, amount: { typed: String(value), value, how: "stated" as const } }));

/** Mixes that are told by volume (source: ground); starting points, all of them. */
export const RECIPES: readonly { id: string; name: string; mix: Ground["mix"] }[] = [
  {
    id: "barkFern",
    name: "Open bark and fern",
    mix: { unit: "parts", parts: parts(["bark", 2], ["treeFern", 2], ["leafMould", 1]) },
  },
  {
    id: "coirBarkMoss",
    name: "Coir 25, bark 40, moss 35",
    mix: { unit: "percent", parts: parts(["coir", 25], ["bark", 40], ["moss", 35]) },
  },
  {
    id: "forest",
    name: "Forest floor, 6 coir, 2 moss, 3 bark and more",
    mix: { unit: "parts", parts: parts(["coir", 6], ["moss", 2], ["bark", 3], ["leafMould", 1], ["soil", 1]) },
  },
  {
    id: "soilSand",
    name: "Soil, sand and coir",
    mix: { unit: "parts", parts: parts(["soil", 2], ["sand", 1], ["coir", 1]) },
  },
];

/** What a mix's amounts sum to. */
export const mixSum = ({ parts: list }: Ground["mix"]): number =>
  list.reduce((sum, p) => sum + Math.max(0, p.amount.value), 0);

/**
 * Litres of each part for a volume as it lies: loose it is more, by what settles. Shares are of the whole mix, so that a
 * recipe which does not sum is still bought in its own proportion.
 */
export function mixLitres(
  mix: Ground["mix"],
  litres: number,
  settles = SETTLES.value,
): { what: MixPart; litres: number }[] {
  const sum = mixSum(mix);
  if (sum <= 0) return [];
  const loose = litres / (1 - settles);
  return mix.parts.map(({ what, amount }) => ({ what, litres: (loose * Math.max(0, amount.value)) / sum }));
}
