import * as v from "valibot";

export const mm = (what: string) =>
  v.pipe(
    v.number(`${what} must be a number of millimetres.`),
    v.finite(),
    v.minValue(0.1, `${what} must be more than zero.`),
    v.maxValue(100_000),
  );
const optionalMm = v.pipe(v.number(), v.finite(), v.minValue(0), v.maxValue(1000));
const count = v.pipe(v.number(), v.integer(), v.minValue(0));

/** What a saw takes, and how long and from which seed a search may run: the same for panels and bars. */
export const searchTerms = {
  id: v.optional(v.string()),
  kerf: optionalMm,
  trim: optionalMm,
  timeLimitMs: v.optional(v.pipe(v.number(), v.minValue(0)), 2000),
  seed: v.optional(v.pipe(v.number(), v.integer()), 1),
};
/** How stock is had: its price, how many there are (null for any number), and a trim of its own. */
export const stockTerms = {
  id: v.string(),
  price: v.pipe(v.number(), v.finite(), v.minValue(0)),
  count: v.nullable(count),
  trim: v.optional(optionalMm),
};

/** `panel-nest/1`: rectangles to be cut from rectangles, millimetres with at most one decimal. */
export const NestInstanceSchema = v.object({
  format: v.literal("panel-nest/1"),
  dim: v.literal(2),
  ...searchTerms,
  offcutMinSide: v.optional(optionalMm, 100),
  stock: v.array(
    v.object({
      ...stockTerms,
      w: mm("A stock width"),
      h: mm("A stock height"),
    }),
  ),
  parts: v.array(
    v.object({
      id: v.string(),
      w: mm("A part width"),
      h: mm("A part height"),
      qty: v.pipe(v.number(), v.integer(), v.minValue(1)),
      rotate: v.boolean(),
      label: v.optional(v.string()),
    }),
  ),
});
export type NestInstance = v.InferOutput<typeof NestInstanceSchema>;

/** A part where it lies, from the corner of the untrimmed sheet; `w` and `h` as placed. */
export interface PlacedPart {
  partId: string;
  x: number;
  y: number;
  w: number;
  h: number;
  rotated: boolean;
}

/** One cut from edge to edge of what is left: at `at` along its axis, between `from` and `to`. Kerf lies beyond `at`. */
export interface Cut {
  axis: "x" | "y";
  at: number;
  from: number;
  to: number;
}

export interface NestSheet {
  stock: string;
  parts: PlacedPart[];
  /** In the order the saw makes them. */
  cuts: Cut[];
  /** Rectangles left over whole. */
  offcuts: { x: number; y: number; w: number; h: number }[];
}

export interface NestSolution {
  sheets: NestSheet[];
  unplaced: { partId: string; qty: number; why: string }[];
  bound: { cost: number; sheets: number; proof: "area" | "pairs" | "duals" | "columns" | "none" };
}
