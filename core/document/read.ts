import * as v from "valibot";
import type { Book } from "../materials/schema";
import { fail, ok, type Result } from "../units/result";
import { checkDesign } from "./check";
import { BUILD_VERSION, type Build, BuildSchema } from "./schema";
import { upgradeBuild } from "./upgrade";

/** The first few places where a value does not fit a schema, in words. */
export function issueWords(issues: readonly v.BaseIssue<unknown>[]): string {
  const lines = issues.slice(0, 3).map((issue) => `${v.getDotPath(issue) ?? "the file"}: ${issue.message}`);
  const more = issues.length > 3 ? ` (and ${issues.length - 3} more)` : "";
  return lines.join("; ") + more;
}

/**
 * Reads a Build document of any version this program knows, without judging whether it can be planned.
 * @param written parsed JSON
 * @returns the build, upgraded to the current version, or a sentence saying what was wrong with it
 */
export function readShape(written: unknown): Result<Build> {
  const data = upgradeBuild(written);
  const version = typeof data === "object" && data !== null && "version" in data ? data.version : undefined;
  if (typeof version === "number" && version !== BUILD_VERSION)
    return fail(
      `This build is of version ${version}; this Hornwort reads version ${BUILD_VERSION}. ${version > BUILD_VERSION ? "Open it with the newer Hornwort that wrote it." : "No such version was ever written."} Nothing was changed.`,
    );
  const read = v.safeParse(BuildSchema, data);
  return read.success
    ? ok(read.output)
    : fail(`This is not a whole build: ${issueWords(read.issues)}. Nothing was changed.`);
}

/**
 * Reads a Build document that can be planned.
 * @param written parsed JSON
 * @param book the materials the build may name
 * @returns the build, upgraded to the current version, or a sentence saying what was wrong with it
 * @example
 * readBuild({ version: 99 }, { materials: [] }).message; // /newer Hornwort.*Nothing was changed/
 */
export function readBuild(written: unknown, book: Book): Result<Build> {
  const read = readShape(written);
  if (!read.ok) return read;
  const problems = checkDesign(read.value, book);
  if (problems.length > 0)
    return fail(`This build cannot be planned: ${problems.map((p) => p.message).join(" ")} Nothing was changed.`);
  return read;
}
