import * as v from "valibot";
import { expect } from "vitest";
import { checkDesign } from "../core/document/check";
import { type Build, BuildSchema } from "../core/document/schema";
import { type Plan, plan } from "../core/plan";
import { applyFix } from "../core/snags/fix";
import { jobInput } from "./job";
import { planUnproved, quick } from "./quick";

const stops = (p: Plan) => new Set(p.snags.filter((s) => s.severity === "stop").map((s) => `${s.rule}/${s.subject}`));

/** A fix may not bring a stop that was not there. */
export function expectNoNewStop(before: Plan, after: Plan) {
  const had = stops(before);
  expect([...stops(after)].filter((s) => !had.has(s))).toEqual([]);
}

/** No number in it is none, and no words say so. */
export function expectNumbers(all: unknown) {
  JSON.stringify(all, (key, value: unknown) => {
    if (typeof value === "number" && !Number.isFinite(value)) throw new Error(`${key} is ${value}`);
    if (typeof value === "string" && /NaN|undefined|Infinity/.test(value)) throw new Error(`${key} says ${value}`);
    return value;
  });
}

/** Each fix that is offered leads to a design within its limits, clears its snag and raises no new stop. */
export function expectFixesMend(design: Build) {
  const input = jobInput(design);
  const before = plan(input, quick);
  for (const snag of before.snags) {
    if (!snag.fix) continue;
    const fixed = applyFix(design, snag.fix.patch);
    const words = `${snag.rule}: ${snag.fix.label}`;
    expect(checkDesign(fixed, input.book), words).toEqual([]);
    expectWhole(fixed);
    const after = planUnproved({ ...input, design: fixed });
    const same = after.snags.filter((s) => s.rule === snag.rule && s.subject === snag.subject);
    expect(same, words).toEqual([]);
    expectNoNewStop(before, after);
  }
}

/** A fix leads to a build that could be saved: what the schema of a whole build refuses, the server would. */
export function expectWhole(build: Build): void {
  const read = v.safeParse(BuildSchema, structuredClone(build));
  expect(read.issues?.map((issue) => `${v.getDotPath(issue)}: ${issue.message}`) ?? []).toEqual([]);
}
