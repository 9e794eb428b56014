import * as v from "valibot";
import { climate } from "../core/climate/climate";
import { ClimateSchema } from "../core/climate/format";
import { sizeDoor } from "../core/closures/door/door";
import { DoorSchema } from "../core/closures/door/format";
import { exactBars } from "../core/cuts/bars/exactBars";
import { BarInstanceSchema } from "../core/cuts/bars/format";
import { NestInstanceSchema } from "../core/cuts/nest/format";
import { nest } from "../core/cuts/nest/nest";
import { rememberingNester } from "../core/cuts/nester";
import { issueWords } from "../core/document/read";
import { auditEscape, EscapeSchema } from "../core/escape/escape";
import { LightSchema } from "../core/light/format";
import { light } from "../core/light/light";
import { PaneSchema, sizePane } from "../core/panes/pane";
import { publicPlan } from "../core/plan";
import { planWithDay } from "../core/planWithDay";
import { LeakInputSchema } from "../core/seal/leak/format";
import { judgeLeak } from "../core/seal/leak/judgeLeak";
import { fail, ok, type Result } from "../core/units/result";
import { readBuildFile } from "../files/buildFile";
import { loadSolver } from "../workers/highs";

/** Rounds at most; the time limit stops the search first where it is short. */
const MOST_ROUNDS = 2000;

/** Loaded when it is first asked for. */
let solver: ReturnType<typeof loadSolver> | undefined;

/** The first id two parts share, in words. */
function sharedId(parts: readonly { id: string }[]): string | undefined {
  const ids = parts.map((p) => p.id);
  const twice = ids.find((id, i) => ids.indexOf(id) !== i);
  return twice === undefined ? undefined : `two parts are called ${twice}; give each an id of its own and a qty`;
}

/** Runs a search against its time limit and adds how long it took. */
function timed<T extends object>(limitMs: number, run: (goOn: () => boolean) => T) {
  const start = performance.now();
  const found = run(() => performance.now() - start < limitMs);
  return { ...found, stats: { ms: Math.round(performance.now() - start) } };
}

function nestVerb(data: unknown): Result<unknown> {
  const read = v.safeParse(NestInstanceSchema, data);
  if (!read.success) return fail(`not a panel-nest/1 instance: ${issueWords(read.issues)}`);
  const shared = sharedId(read.output.parts);
  if (shared) return fail(shared);
  const solution = timed(read.output.timeLimitMs, (goOn) => nest(read.output, MOST_ROUNDS, goOn));
  return ok({ ...solution, sheets: solution.sheets.map(({ stock, parts }) => ({ stock, parts })) });
}

async function barsVerb(data: unknown): Promise<Result<unknown>> {
  const read = v.safeParse(BarInstanceSchema, data);
  if (!read.success) return fail(`not a bar-nest/1 instance: ${issueWords(read.issues)}`);
  const shared = sharedId(read.output.parts);
  if (shared) return fail(shared);
  solver ??= loadSolver();
  const solve = await solver;
  return ok(timed(read.output.timeLimitMs, (goOn) => exactBars(read.output, solve, MOST_ROUNDS, goOn)));
}

function escapeVerb(data: unknown): Result<unknown> {
  const read = v.safeParse(EscapeSchema, data);
  return read.success ? ok(auditEscape(read.output)) : fail(`not an escape audit: ${issueWords(read.issues)}`);
}

function paneVerb(data: unknown): Result<unknown> {
  const read = v.safeParse(PaneSchema, data);
  return read.success ? ok(sizePane(read.output)) : fail(`not a pane: ${issueWords(read.issues)}`);
}

function doorVerb(data: unknown): Result<unknown> {
  const read = v.safeParse(DoorSchema, data);
  return read.success ? sizeDoor(read.output) : fail(`not a door or lid: ${issueWords(read.issues)}`);
}

function lightVerb(data: unknown): Result<unknown> {
  const read = v.safeParse(LightSchema, data);
  return read.success ? light(read.output) : fail(`not lamps and points: ${issueWords(read.issues)}`);
}

function climateVerb(data: unknown): Result<unknown> {
  const read = v.safeParse(ClimateSchema, data);
  return read.success ? ok(climate(read.output)) : fail(`not a shell and its air: ${issueWords(read.issues)}`);
}

function leakVerb(data: unknown): Result<unknown> {
  const read = v.safeParse(LeakInputSchema, data);
  return read.success ? judgeLeak(read.output) : fail(`not a water test: ${issueWords(read.issues)}`);
}

function planVerb(data: unknown): Result<unknown> {
  const input = readBuildFile(data);
  return input.ok ? ok(publicPlan(planWithDay(input.value, rememberingNester(), true))) : input;
}

/** What each verb does with the JSON it is given. */
export const VERBS: Record<string, (data: unknown) => Result<unknown> | Promise<Result<unknown>>> = {
  plan: planVerb,
  nest: nestVerb,
  bars: barsVerb,
  escape: escapeVerb,
  pane: paneVerb,
  door: doorVerb,
  light: lightVerb,
  climate: climateVerb,
  leak: leakVerb,
};
