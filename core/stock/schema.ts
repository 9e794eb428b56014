import * as v from "valibot";

const size = v.pipe(v.number(), v.finite(), v.minValue(1), v.maxValue(10_000));

/** What is on the rack and the shelf. Offcuts come without trim: their edges are cut edges. */
export const StockSchema = v.object({
  offcuts: v.array(v.object({ id: v.string(), material: v.string(), widthMm: size, heightMm: size, from: v.string() })),
  /** Opened or spare packs, in the material's own unit. */
  onHand: v.array(
    v.object({
      material: v.string(),
      amount: v.pipe(v.number(), v.finite(), v.minValue(0)),
      note: v.string(),
      /** When it was bought, `2024-01`; left out while nobody knows. */
      since: v.optional(v.pipe(v.string(), v.regex(/^\d{4}-\d{2}$/, "Type a year and a month, such as 2024-01."))),
    }),
  ),
});
export type Stock = v.InferOutput<typeof StockSchema>;

export const emptyStock = (): Stock => ({ offcuts: [], onHand: [] });
