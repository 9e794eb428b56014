import * as v from "valibot";
import { auditEscape, EscapeSchema } from "../core/closures/escape";
import { NestInstanceSchema } from "../core/cuts/nest/format";
import { nest } from "../core/cuts/nest/nest";
import { issueWords } from "../core/design/read";
import { PaneSchema, sizePane } from "../core/panes/pane";
import { plan, publicPlan } from "../core/plan";
import { fail, ok, type Result } from "../core/units/result";
import { readBuildFile } from "../files/buildFile";

/** Tries at most; the time limit stops the search first where it is short. */
const MOST_TRIES = 20_000;

function nestVerb(data: unknown): Result<unknown> {
  const read = v.safeParse(NestInstanceSchema, data);
  if (!read.success) return fail(`not a panel-nest/1 instance: ${issueWords(read.issues)}`);
  const ids = read.output.parts.map((p) => p.id);
  const twice = ids.find((id, i) => ids.indexOf(id) !== i);
  if (twice !== undefined) return fail(`two parts are called ${twice}; give each an id of its own and a qty`);
  const start = performance.now();
  const solution = nest(read.output, MOST_TRIES, () => performance.now() - start < read.output.timeLimitMs);
  const sheets = solution.sheets.map(({ stock, parts }) => ({ stock, parts }));
  return ok({ ...solution, sheets, stats: { ms: Math.round(performance.now() - start) } });
}

function escapeVerb(data: unknown): Result<unknown> {
  const read = v.safeParse(EscapeSchema, data);
  return read.success ? ok(auditEscape(read.output)) : fail(`not an escape audit: ${issueWords(read.issues)}`);
}

function paneVerb(data: unknown): Result<unknown> {
  const read = v.safeParse(PaneSchema, data);
  return read.success ? ok(sizePane(read.output)) : fail(`not a pane: ${issueWords(read.issues)}`);
}

function planVerb(data: unknown): Result<unknown> {
  const input = readBuildFile(data);
  return input.ok ? ok(publicPlan(plan(input.value))) : input;
}

/** What each verb does with the JSON it is given. */
export const VERBS: Record<string, (data: unknown) => Result<unknown>> = {
  plan: planVerb,
  nest: nestVerb,
  escape: escapeVerb,
  pane: paneVerb,
};
