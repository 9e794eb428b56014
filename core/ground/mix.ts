import { type Known, practice } from "../figures/figure";
import type { MixPart } from "../materials/names";
import type { Recipe } from "./layers/schema";

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
export const RECIPES: readonly { id: string; name: string; mix: Recipe }[] = [
  {
    id: "barkFern",
    name: "Open bark and fern",
    mix: { unit: "parts", own: [], parts: parts(["bark", 2], ["treeFern", 2], ["leafMould", 1]) },
  },
  {
    id: "coirBarkMoss",
    name: "Coir 25, bark 40, moss 35",
    mix: { unit: "percent", own: [], parts: parts(["coir", 25], ["bark", 40], ["moss", 35]) },
  },
  {
    id: "forest",
    name: "Forest floor, 6 coir, 2 moss, 3 bark and more",
    mix: { unit: "parts", own: [], parts: parts(["coir", 6], ["moss", 2], ["bark", 3], ["leafMould", 1], ["soil", 1]) },
  },
  {
    id: "soilSand",
    name: "Soil, sand and coir",
    mix: { unit: "parts", own: [], parts: parts(["soil", 2], ["sand", 1], ["coir", 1]) },
  },
];

/** What a mix's amounts sum to. */
export const mixSum = ({ parts: list, own }: Recipe): number =>
  [...list, ...own].reduce((sum, p) => sum + Math.max(0, p.amount.value), 0);
