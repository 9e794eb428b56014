import * as v from "valibot";

const amount = v.pipe(v.number(), v.finite(), v.minValue(0));

/** Something that was planned and then done: minutes of a kind of work, or an amount of a material. */
export const PastWorkSchema = v.object({
  of: v.picklist(["work", "material"]),
  /** The kind of work, or the material. */
  id: v.pipe(v.string(), v.nonEmpty(), v.maxLength(200)),
  /** At the rates everyone starts from. */
  planned: amount,
  actual: amount,
});
export type PastWork = v.InferOutput<typeof PastWorkSchema>;

/** What would be done otherwise next time, as it was written down at another build's bench. */
export const RegretSchema = v.object({
  id: v.pipe(v.string(), v.nonEmpty(), v.maxLength(80)),
  what: v.pipe(v.string(), v.maxLength(300)),
  /** The stage it was about. */
  stage: v.pipe(v.string(), v.maxLength(200)),
  build: v.pipe(v.string(), v.maxLength(200)),
});
export type Regret = v.InferOutput<typeof RegretSchema>;
