import * as v from "valibot";
import { MOST_MINUTES, PHOTO_OF, REWORK_CAUSES, VIEWS } from "./names";

const finite = v.pipe(v.number(), v.finite());
const key = v.pipe(v.string(), v.nonEmpty(), v.maxLength(200));
const words = (max: number) => v.pipe(v.string(), v.maxLength(max, `Keep this under ${max} characters.`));
const said = (max: number) => v.pipe(words(max), v.nonEmpty());
const minutes = v.pipe(finite, v.minValue(0), v.maxValue(MOST_MINUTES));
const amount = v.pipe(finite, v.minValue(0), v.maxValue(1e9));
const roomC = v.nullable(v.pipe(finite, v.minValue(-20), v.maxValue(50)));

/** What a step used of a material: its own unit is the material's (mL, g, mm, mm² or pieces). */
const UsedSchema = v.object({
  material: key,
  /** What its name was, for when the book no longer has it. */
  name: said(200),
  unit: v.picklist(["mL", "mm", "mm2", "g", "piece"]),
  amount,
  /** What the plan would have had it take, at the rates everyone starts from; null where it does not say. */
  planned: v.nullable(amount),
  /** What of it came off the shelf, from which rows: written by whoever keeps the stock. */
  took: v.optional(v.array(v.object({ note: v.string(), since: v.optional(v.string()), amount }))),
});
export type Used = v.InferOutput<typeof UsedSchema>;

const step = key;
/** A step as it stood when it was done, beside what really happened: the two are never one field. */
const StepDoneSchema = v.object({
  kind: v.literal("step-done"),
  step,
  title: said(300),
  /** The kind of work, where its minutes teach something. */
  work: v.nullable(key),
  /** Minutes by the plan as it then was, and at the rates everyone starts from. */
  plannedMinutes: v.pipe(finite, v.minValue(0), v.maxValue(1e6)),
  startMinutes: v.pipe(finite, v.minValue(0), v.maxValue(1e6)),
  /** What it took; null while nobody says. */
  minutes: v.nullable(minutes),
  waitMinutes: v.pipe(finite, v.minValue(0), v.maxValue(1e6)),
  /** How warm the room is in which it sets, °C; null for nobody looked. */
  roomC,
  used: v.pipe(v.array(UsedSchema), v.maxLength(40)),
  batch: words(80),
  /** Whether its pass mark was met, and who says so. */
  passed: v.nullable(v.boolean()),
  by: words(80),
  note: words(500),
  /** What it waited for that was not over yet; empty mostly. */
  before: v.pipe(v.array(said(300)), v.maxLength(60)),
});
export type StepDone = v.InferOutput<typeof StepDoneSchema>;

const BoughtSchema = v.object({
  kind: v.literal("bought"),
  /** The line of the shopping list. */
  line: key,
  material: key,
  name: said(300),
  packs: v.pipe(
    v.array(v.object({ pack: key, name: v.string(), count: amount, content: amount })),
    v.minLength(1),
    v.maxLength(20),
  ),
  /** Whether it goes onto the shelf by the amount in it, or is a piece cut to size for this build. */
  shelf: v.boolean(),
  priceMinor: v.nullable(amount),
});
export type Bought = v.InferOutput<typeof BoughtSchema>;

const ReworkSchema = v.object({
  kind: v.literal("rework"),
  step: v.nullable(step),
  what: said(300),
  cause: v.picklist(REWORK_CAUSES),
  minutes,
  material: words(200),
  delayDays: v.pipe(finite, v.minValue(0), v.maxValue(3650)),
  /** The check that would have caught it; null for none. */
  check: v.nullable(key),
});

const PhotoSchema = v.object({
  kind: v.literal("photo"),
  /** The file it is kept in, beside the database. */
  photo: v.pipe(v.string(), v.regex(/^[0-9a-f-]{8,64}$/)),
  view: v.picklist(VIEWS),
  of: v.object({ kind: v.picklist(PHOTO_OF), id: key }),
  widthPx: v.pipe(finite, v.minValue(1), v.maxValue(10_000)),
  heightPx: v.pipe(finite, v.minValue(1), v.maxValue(10_000)),
  words: words(200),
});
export type Photo = v.InferOutput<typeof PhotoSchema>;

/** What is done at the bench, how it went, and what was learned. */
export const BenchEventSchema = v.variant("kind", [
  v.object({ kind: v.literal("step-begun"), step }),
  v.object({ kind: v.literal("step-left"), step, because: words(300) }),
  StepDoneSchema,
  /** It has to be done again. */
  v.object({ kind: v.literal("step-again"), step, because: words(300) }),
  BoughtSchema,
  v.object({ kind: v.literal("deviation"), step: v.nullable(step), what: said(300), because: said(300) }),
  ReworkSchema,
  /** What would be done otherwise next time. */
  v.object({ kind: v.literal("regret"), what: said(300), stage: key }),
  v.object({ kind: v.literal("swatch"), what: said(120), wet: words(200), dry: words(200), varnished: words(200) }),
  v.object({ kind: v.literal("weighed"), what: said(120), kg: v.pipe(finite, v.minValue(0), v.maxValue(5000)) }),
  /** The day a resident moves: what it is carried in, by which way, with which tools and people, and what if it goes wrong. */
  v.object({
    kind: v.literal("moving"),
    resident: key,
    ...{ carriedIn: words(200), way: words(200), tool: words(200), people: words(200), fallback: words(200) },
  }),
  /** A check of the closing list, or one that comes round again later. */
  v.object({ kind: v.literal("checked"), check: key, passed: v.boolean(), by: words(80), note: words(300) }),
  PhotoSchema,
]);
export type BenchEvent = v.InferOutput<typeof BenchEventSchema>;

export const benchSchemas = { part: {}, events: [BenchEventSchema] };
