import * as v from "valibot";
import { mm, searchTerms, stockTerms } from "../nest/format";

/** `bar-nest/1`: lengths to be cut from bars, millimetres with at most one decimal. */
export const BarInstanceSchema = v.object({
  format: v.literal("bar-nest/1"),
  dim: v.literal(1),
  ...searchTerms,
  stock: v.array(v.object({ ...stockTerms, length: mm("A bar") })),
  parts: v.array(
    v.object({
      id: v.string(),
      length: mm("A piece"),
      qty: v.pipe(v.number(), v.integer(), v.minValue(1)),
    }),
  ),
});
export type BarInstance = v.InferOutput<typeof BarInstanceSchema>;

export interface BarSolution {
  bars: { stock: string; parts: { partId: string }[] }[];
  unplaced: { partId: string; qty: number; why: string }[];
  bound: { cost: number; bars: number; proof: string };
}
