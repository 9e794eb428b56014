import type { NestInstance } from "../../core/cuts/nest/format";

/** A case with a known answer: what its sheets cost at least and at most, and how many pieces find no place. */
export interface Edge {
  name: string;
  instance: NestInstance;
  cost: number;
  unplaced: number;
}

const L = { id: "L", w: 2440, h: 1220, price: 62, count: null };
const S = { id: "S", w: 1220, h: 610, price: 18.5, count: null };
const edge = (
  name: string,
  parts: [w: number, h: number, qty?: number, rotate?: boolean][],
  cost: number,
  unplaced: number,
  more: Partial<NestInstance> = {},
): Edge => ({
  name,
  cost,
  unplaced,
  instance: {
    ...{ format: "panel-nest/1", dim: 2, id: name, kerf: 3.2, trim: 5, offcutMinSide: 100, timeLimitMs: 2000, seed: 1 },
    stock: [L],
    parts: parts.map(([w, h, qty = 1, rotate = true], i) => ({ id: `P${i}`, w, h, qty, rotate })),
    ...more,
  },
});
const bare = { kerf: 0, trim: 0 };

/** The thirteen edge cases of the format: each is worked by hand. */
export const EDGES: readonly Edge[] = [
  edge("no parts", [], 0, 0),
  edge("no stock", [[100, 100]], 0, 1, { stock: [] }),
  edge("one part as large as the trimmed sheet", [[2430, 1210]], 62, 0),
  edge("a tenth too large for any sheet", [[2430.1, 1210]], 0, 1),
  // 2 × 1213.4 + 3.2 = 2430.
  edge("two halves and one kerf fit exactly", [[1213.4, 1210, 2]], 62, 0),
  edge("a tenth more, and the kerf is one too many", [[1213.5, 1210, 2]], 124, 0),
  // 121 × 10 = 1210, 243 × 10 = 2430.
  edge("a hundred in ten rows of ten, no kerf", [[243, 121, 100]], 62, 0, { kerf: 0 }),
  edge("grain that lies the wrong way", [[600, 1300, 1, false]], 0, 1),
  edge("the same free to turn", [[600, 1300]], 62, 0),
  edge("limited sheets: what is left over is named", [[2000, 1000, 3]], 124, 1, { stock: [{ ...L, count: 2 }] }),
  edge("the rack's offcut before a new sheet", [[900, 700]], 0, 0, {
    stock: [L, { id: "O", w: 900, h: 700, price: 0, count: 1, trim: 0 }],
  }),
  // Four of 60 × 30 round a hole of 30 × 30 in 90 × 90: no edge-to-edge cut begins it, so one more sheet is needed.
  edge(
    "a pinwheel no saw can cut",
    [
      [60, 30, 2, false],
      [30, 60, 2, false],
    ],
    2,
    0,
    { ...bare, stock: [{ id: "B", w: 90, h: 90, price: 1, count: null }] },
  ),
  edge(
    "decimals, and the small sheet that does for less",
    [
      [1209.9, 299.5],
      [1210, 297.2],
    ],
    18.5,
    0,
    {
      stock: [L, S],
    },
  ),
];
