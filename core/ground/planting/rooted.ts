import { type Known, memory } from "../../figures/figure";
import type { Rooted } from "../names";
import type { Plant } from "../schema";

/** A way a plant is held where it grows. */
interface Way {
  /** After the plant's name: `pinned with stainless wire`. */
  words: string;
  /** A material of the book that each plant takes, and how much, in that material's unit. */
  takes?: { material: string; unit: "mm" | "piece" | "mL"; each: Known };
  /** It stands in substrate or a pot; the others grow on what they are held to. */
  roots?: true;
  /** It is zinc, in the wet. */
  zinc?: true;
}

const each = (value: number, low: number, high: number): Known => ({ value, low, high, basis: memory });

/** How plants are held (common practice, no source); amounts for one, from memory. */
export const ROOTED_WAYS: Record<Rooted, Way> = {
  planted: { words: "planted", roots: true },
  pinnedStainless: {
    words: "pinned with stainless wire",
    takes: { material: "stainless-wire", unit: "mm", each: each(250, 150, 400) },
  },
  pinnedZinc: {
    words: "pinned with galvanised wire",
    takes: { material: "galvanised-wire", unit: "mm", each: each(250, 150, 400) },
    zinc: true,
  },
  glued: {
    words: "glued with cyanoacrylate gel, dry, and aired",
    takes: { material: "gel-glue", unit: "piece", each: each(0.05, 0.03, 0.1) },
  },
  wedged: { words: "wedged into a crack" },
  moss: { words: "in a pad of moss", takes: { material: "fill-moss", unit: "mL", each: each(300, 150, 500) } },
};

/** How a plant is held, in words. */
export const rootedWords = ({ by }: Pick<Plant, "by">): string => ROOTED_WAYS[by].words;
