import { expect } from "vitest";
import type { Plan } from "../core/plan";

/** What stops a plan, each by its rule and what it is about. */
export const stops = (p: Plan) =>
  new Set(p.snags.filter((s) => s.severity === "stop").map((s) => `${s.rule}/${s.subject}`));

/** A fix may not bring a stop that was not there. */
export function expectNoNewStop(before: Plan, after: Plan) {
  const had = stops(before);
  expect([...stops(after)].filter((s) => !had.has(s))).toEqual([]);
}
