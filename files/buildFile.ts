import * as v from "valibot";
import { completeBook } from "../core/book/complete";
import { isSound, KeptNestingSchema } from "../core/cuts/kept";
import { DayAnswerSchema } from "../core/day/answer";
import { LocalTimeSchema } from "../core/design/basics";
import { issueWords, readBuild } from "../core/document/read";
import { LogSchema } from "../core/log/schema";
import { BookSchema } from "../core/materials/schema";
import type { PlanInput } from "../core/plan";
import { PastWorkSchema, RegretSchema } from "../core/rates/schema";
import { StockSchema } from "../core/stock/schema";
import { fail, ok, type Result } from "../core/units/result";
import { WorkshopSchema } from "../core/workshop/schema";

export const BUILD_FILE_VERSION = 1;

/** An exported build: the design and all it is computed with, so that another machine computes the same numbers. */
export const BuildFileSchema = v.object({
  format: v.literal("hornwort-build"),
  version: v.literal(BUILD_FILE_VERSION),
  design: v.unknown(),
  log: LogSchema,
  nestings: v.optional(v.array(KeptNestingSchema), []),
  days: v.optional(v.pipe(v.array(DayAnswerSchema), v.maxLength(100)), []),
  past: v.optional(v.pipe(v.array(PastWorkSchema), v.maxLength(20_000))),
  regrets: v.optional(v.pipe(v.array(RegretSchema), v.maxLength(1000))),
  book: BookSchema,
  stock: StockSchema,
  workshop: WorkshopSchema,
  now: LocalTimeSchema,
  seed: v.pipe(v.number(), v.integer()),
});

/** A plan's input as it is exported; pretty-printed, stable in its order. */
export const writeBuildFile = (input: PlanInput): string =>
  `${JSON.stringify({ format: "hornwort-build", version: BUILD_FILE_VERSION, design: input.design, log: input.log, nestings: input.nestings, days: input.days ?? [], ...(input.past?.length && { past: input.past }), ...(input.regrets?.length && { regrets: input.regrets }), book: input.book, stock: input.stock, workshop: input.workshop, now: input.now, seed: input.seed }, null, 2)}\n`;

/**
 * Reads an exported build.
 * @param data parsed JSON
 * @returns the plan's input, or a sentence saying what was wrong; nothing is kept of a file that is refused
 */
export function readBuildFile(data: unknown): Result<PlanInput> {
  const format = typeof data === "object" && data !== null && "format" in data ? data.format : undefined;
  if (format !== "hornwort-build")
    return fail("This JSON is not a Hornwort build. Nothing was changed. Choose a file that Hornwort exported.");
  const version = (data as { version?: unknown }).version;
  if (version !== BUILD_FILE_VERSION)
    return fail(
      `This file is of version ${JSON.stringify(version)}; this Hornwort reads version ${BUILD_FILE_VERSION}. Nothing was changed. Open it with the Hornwort that wrote it.`,
    );
  const read = v.safeParse(BuildFileSchema, data);
  if (!read.success) return fail(`This build file is damaged: ${issueWords(read.issues)}. Nothing was changed.`);
  const { stock, workshop, now, seed, log, nestings, days, past, regrets } = read.output;
  // An older file's book lacks what has been counted since: it is added, unpriced.
  const book = completeBook(read.output.book);
  const design = readBuild(read.output.design, book);
  if (!design.ok) return design;
  return ok({
    ...{ design: design.value, book, stock, workshop, now, seed, log, days },
    ...(past && { past }),
    ...(regrets && { regrets }),
    nestings: nestings.filter(isSound),
  });
}
