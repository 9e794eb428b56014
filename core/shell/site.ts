import type { Brief, Variant } from "../document/schema";
import type { Book } from "../materials/schema";
import { formatLengthWithUnit, formatRun, formatSpan, type Rounding } from "../units/format";
import { type Sum, sumWords } from "../units/sum";
import type { Workshop } from "../workshop/schema";
import type { Shell } from "./shell";

/** Air from its driest to its dampest, and from its coldest to its warmest: °C and % rh. */
export interface AirRange {
  tempC: { low: number; high: number };
  rh: { low: number; high: number };
}

/** What a trade sees: the shell, its design section, the book, and the builder's room and tools. */
export interface Site {
  brief: Brief;
  variant: Variant;
  shell: Shell;
  book: Book;
  workshop: Workshop;
  /** A length in the build's own units, for sentences. */
  say: (mm: number, rounding?: Rounding) => string;
  /** A span of lengths in the build's own units: `10 to 20 mm`. */
  saySpan: (lowMm: number, highMm: number) => string;
  /** A run in metres or feet. */
  sayRun: (mm: number) => string;
  /** A sum with the digits it is reckoned with. */
  saySum: (sum: Sum) => string;
  /** A JSON Pointer into the chosen variant, for fixes. */
  at: (path: string) => string;
  /** The air inside as it was worked out, where something is judged by it. */
  air?: AirRange;
  /** A design that a fix would lead to is only judged: fixes of its own, which take long to find, are not asked for. */
  judged: boolean;
}

/**
 * Sets the stage for the trades.
 * @param at turns a JSON Pointer into the variant into one into the build
 */
export const makeSite = ({
  brief,
  judged = false,
  ...given
}: Pick<Site, "brief" | "variant" | "shell" | "book" | "workshop" | "at"> & Partial<Pick<Site, "judged">>): Site => ({
  ...{ ...given, judged },
  brief,
  say: (mm, rounding) => formatLengthWithUnit(mm, brief.units, rounding),
  saySpan: (lowMm, highMm) => formatSpan(lowMm, highMm, brief.units),
  sayRun: (mm) => formatRun(mm, brief.units),
  saySum: (sum) => sumWords(sum, brief.units),
});
