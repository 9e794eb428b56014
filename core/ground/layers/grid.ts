import { constant, type Known, memory, practice } from "../../figures/figure";
import type { Part } from "../../ledgers/ledger";
import { type Need, need } from "../../ledgers/needs";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { ceil, floor } from "../../units/tolerance";
import type { Lies } from "./kind";
import { fillId, pour } from "./of";
import type { LayerOf } from "./schema";

/** A cell of grid, from bar to bar, mm: it is cut between two bars (common practice, no source). */
export const CELL_MM: Known = { value: 15, low: 13, high: 16, basis: practice };
/** Grid is joined and tied to its legs at every so many mm; a leg stands under as much. From memory. */
const TIE_EACH_MM: Known = { value: 150, low: 100, high: 200, basis: memory };
/** A ring of clay closes the gap round its edge, mm wide. From memory. */
const RING_MM: Known = { value: 25, low: 20, high: 40, basis: memory };
/** The longest piece of grid that is bought, mm; longer land takes several side by side. */
const PANEL_MM: Known = { value: 1200, basis: memory };

/** The tie of the book. */
export const TIE = "cable-tie";

/** Grid on whole cells, within its ring of clay: how many pieces side by side, and each one's size. */
export function gridOf({ widthMm, depthMm }: Pick<Lies, "widthMm" | "depthMm">): {
  pieces: number;
  lengthMm: number;
  widthMm: number;
} {
  const cell = CELL_MM.value;
  const [long, short] = [Math.max(widthMm, depthMm), Math.min(widthMm, depthMm)].map((mm) =>
    Math.max(0, floor((mm - 2 * RING_MM.value) / cell) * cell),
  ) as [number, number];
  const pieces = Math.max(1, ceil(long / PANEL_MM.value));
  return { pieces, lengthMm: floor(long / pieces / cell) * cell, widthMm: short };
}

/** Legs under it and the ties that hold it, whole. */
function held(lies: Pick<Lies, "widthMm" | "depthMm">): { legs: number; ties: number } {
  const { pieces, lengthMm, widthMm } = gridOf(lies);
  const each = TIE_EACH_MM.value;
  const legs = (ceil((lengthMm * pieces) / each) + 1) * (ceil(widthMm / each) + 1);
  // One for each leg, and along each joint between two pieces.
  return { legs, ties: legs + (pieces - 1) * (ceil(widthMm / each) + 1) };
}

/** The pieces it is cut in, each on whole cells. */
export function gridParts(
  _: Site,
  own: Pick<Part, "id" | "label" | "materialId" | "thicknessMm" | "qty">,
  lies: Lies,
): Part[] {
  const { pieces, lengthMm, widthMm } = gridOf(lies);
  if (lengthMm <= 0 || widthMm <= 0) return [];
  const cells = (mm: number) => `${formatNumber(mm / CELL_MM.value)} cells of ${CELL_MM.value}`;
  return [
    {
      ...{ ...own, kind: "cloth", qty: pieces, grainLocked: false },
      lengthMm: Math.max(lengthMm, widthMm),
      widthMm: Math.min(lengthMm, widthMm),
      working: { length: cells(Math.max(lengthMm, widthMm)), width: cells(Math.min(lengthMm, widthMm)) },
    },
  ];
}

/** Ties and the ring of clay of a grid; other cut bodies lie as they are. */
export function gridNeeds(site: Site, { body, depth }: LayerOf<"drain">, lies: Lies): Need[] {
  if (body !== "eggCrate") return [];
  const { ties } = held(lies);
  const roundM = (2 * (lies.widthMm + lies.depthMm)) / 1000;
  const litres = (mm: number) => roundM * mm * (depth.value / 1000);
  return [
    need(
      TIE,
      "piece",
      "grid tied to its legs and along its joints",
      [ties, ties, ties * 1.2],
      [constant("a leg and a tie each", TIE_EACH_MM, "mm")],
    ),
    pour(
      fillId(site, "clay"),
      "a ring of clay round the grid",
      litres(RING_MM.value),
      [litres(RING_MM.low!), litres(RING_MM.high!)],
      [constant("ring, wide", RING_MM, "mm")],
    ),
  ];
}

/** How it is put together, in words. */
export function gridWords(site: Pick<Site, "say">, lies: Lies): string {
  const { pieces } = gridOf(lies);
  const { legs } = held(lies);
  return `Cut on whole cells${pieces > 1 ? `, ${pieces} pieces side by side` : ""}; ${legs} legs of the same grid or of pipe, each tied; a ring of clay ${site.say(RING_MM.value)} wide closes its edge.`;
}
