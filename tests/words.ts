import type { Book } from "../core/materials/schema";
import { type Plan, publicPlan } from "../core/plan";

/** Members that are for programs and not read by people. */
const FOR_PROGRAMS = new Set([
  ...["id", "ids", "figure", "subject", "rule", "stage", "materialId", "unit", "typed", "patch", "kind", "posture"],
  ...["severity", "face", "faceId", "instance", "axis", "partId", "stepId", "source"],
]);

/** All sentences of a plan that a builder may read, each with where it stands. */
export function wordsOf(plan: Plan): { at: string; text: string }[] {
  const found: { at: string; text: string }[] = [];
  const walk = (node: unknown, at: string) => {
    if (typeof node === "string") found.push({ at, text: node });
    else if (Array.isArray(node)) for (const [i, child] of node.entries()) walk(child, `${at}/${i}`);
    else if (typeof node === "object" && node !== null)
      for (const [key, child] of Object.entries(node)) if (!FOR_PROGRAMS.has(key)) walk(child, `${at}/${key}`);
  };
  const { parts, supplies, steps, snags, figures } = publicPlan(plan);
  walk({ parts, supplies, steps, snags, figures }, "");
  walk(plan.buying.lines, "/lines");
  walk(plan.audit.audits, "/audits");
  walk(plan.test.why, "/test/why");
  return found;
}

/** A text without the names the book gives its materials and packs: those are as they are on the label. */
export function withoutNames(text: string, book: Book): string {
  const names: string[] = [];
  JSON.stringify(book, (key, value: unknown) => {
    if (key === "name" && typeof value === "string") names.push(value);
    return value;
  });
  return names.sort((a, b) => b.length - a.length).reduce((left, name) => left.split(name).join("…"), text);
}
