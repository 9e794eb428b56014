import * as v from "valibot";
import { LocalTimeSchema } from "../../design/basics";

const finite = v.pipe(v.number(), v.finite());
const mm = v.pipe(finite, v.minValue(0), v.maxValue(5000));
const text = v.pipe(v.string(), v.nonEmpty(), v.maxLength(200));

/** What happens in a water test, and what undoes one. */
export const TestEventSchema = v.variant("kind", [
  /** Filled to a level. `sealed` is what was sealed and cut then, so that a later change is told. */
  v.object({
    kind: v.literal("test-begun"),
    test: text,
    levelMm: mm,
    /** An open pan stands inside. */
    pan: v.boolean(),
    /** One standard deviation of the share by which the pan may differ from the shell. */
    mismatch: v.pipe(finite, v.minValue(0), v.maxValue(1)),
    readingErrorMm: v.pipe(finite, v.minValue(0.01), v.maxValue(10)),
    /** Something covered the seams already. */
    dressed: v.boolean(),
    sealed: v.pipe(v.string(), v.maxLength(8000)),
  }),
  /** `readAt` is when it was read, local time; null for when it was entered. */
  v.object({
    kind: v.literal("test-read"),
    test: text,
    levelMm: mm,
    panMm: v.nullable(mm),
    readAt: v.nullable(LocalTimeSchema),
  }),
  v.object({ kind: v.literal("papers-looked"), test: text, found: v.picklist(["dry", "wet"]) }),
  v.object({ kind: v.literal("test-ended"), test: text }),
  /** Something was done to the base after its test. */
  v.object({ kind: v.literal("base-disturbed"), how: v.picklist(["carried", "drilled", "resealed", "turned"]) }),
]);
export type TestEvent = v.InferOutput<typeof TestEventSchema>;

const KINDS: readonly string[] = TestEventSchema.options.map((o) => o.entries.kind.literal);
export const isTestEvent = (event: { kind: string }): event is TestEvent => KINDS.includes(event.kind);
