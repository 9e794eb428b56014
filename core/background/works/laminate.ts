import { materialsOf } from "../../materials/find";
import type { Site } from "../../shell/site";
import { ceil } from "../../units/tolerance";

/** Boards of the book that come nearest to a depth, and how many. */
export function laminate(site: Site, depthMm: number): { thicknessMm: number; layers: number } {
  const stock = materialsOf(site.book, "sheet")
    .filter((s) => s.plastic === "xps")
    .map((s) => s.thicknessMm);
  const choices = (stock.length > 0 ? stock : [50]).map((t) => ({
    thicknessMm: t,
    layers: Math.max(1, ceil(depthMm / t)),
  }));
  // The least waste, then the fewest layers.
  return choices.sort((a, b) => a.thicknessMm * a.layers - b.thicknessMm * b.layers || a.layers - b.layers)[0]!;
}
