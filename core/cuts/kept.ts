import * as v from "valibot";
import { nestFaults } from "./nest/faults";
import { NestInstanceSchema, type NestSolution } from "./nest/format";
import type { KeptNesting } from "./nester";

const number = v.pipe(v.number(), v.finite());
const rect = { x: number, y: number, w: number, h: number };

const NestSolutionSchema = v.object({
  sheets: v.array(
    v.object({
      stock: v.string(),
      parts: v.array(v.object({ partId: v.string(), ...rect, rotated: v.boolean() })),
      cuts: v.array(v.object({ axis: v.picklist(["x", "y"]), at: number, from: number, to: number })),
      offcuts: v.array(v.object(rect)),
    }),
  ),
  unplaced: v.array(v.object({ partId: v.string(), qty: number, why: v.string() })),
  bound: v.object({ cost: number, sheets: number, proof: v.picklist(["area", "pairs", "duals", "columns", "none"]) }),
}) satisfies v.GenericSchema<NestSolution>;

/** A kept nesting as it is exported and sent. */
export const KeptNestingSchema = v.object({
  instance: v.pipe(v.string(), v.maxLength(1_000_000)),
  solution: NestSolutionSchema,
});

/** Whether a kept nesting answers its instance without a fault; one that does not is let go of. */
export function isSound({ instance, solution }: KeptNesting): boolean {
  try {
    const read = v.safeParse(NestInstanceSchema, JSON.parse(instance));
    return read.success && nestFaults(read.output, solution).length === 0;
  } catch {
    return false;
  }
}
