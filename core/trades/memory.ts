import equal from "fast-deep-equal";
import type { Operation } from "fast-json-patch";
import type { Variant } from "../document/schema";
import { type Run, type RunInput, runTrades } from "./run";

/** A fix as it was last tried: from which variant to which, and the run of what it led to. */
interface Tried {
  from: Variant;
  to: Variant;
  run: Run;
}

/**
 * What a plan leaves for the next of the same build. A trade whose givens are the very same makes the very same of them, so a
 * plan with a memory says what one without says, sooner.
 */
export interface PlanMemory {
  last: Run | undefined;
  tried: Map<string, Tried>;
  /** What else was worked out, by its name. */
  kept: Map<string, { given: readonly unknown[]; answer: unknown }>;
}
export const planMemory = (): PlanMemory => ({ last: undefined, tried: new Map(), kept: new Map() });

/**
 * What was worked out last by this name, where it was worked out of the same.
 * @param given all that the answer follows from
 */
export function again<R>(memory: PlanMemory, name: string, given: readonly unknown[], answer: () => R): R {
  const was = memory.kept.get(name);
  if (was && equal(was.given, given)) return was.answer as R;
  const made = answer();
  memory.kept.set(name, { given, answer: made });
  return made;
}

/** Fixes whose runs are kept; the one longest not tried goes first. */
const MOST = 64;

/** The run of a design itself. */
export function runAgain(input: RunInput, memory: PlanMemory): Run {
  memory.last = runTrades(input, memory.last ? [memory.last] : []);
  return memory.last;
}

/** What a fix leads to, in the very parts it led to before, where it leads from the very parts it led from then. */
function asBefore(from: Variant, to: Variant, was: Tried | undefined, patch: readonly Operation[]): Variant {
  // What is copied from elsewhere does not follow from its own part alone.
  if (!was || patch.some((op) => "from" in op)) return to;
  const parts = to as unknown as Record<string, unknown>;
  const [now, then, led] = [from, was.from, was.to] as unknown as Record<string, unknown>[];
  return Object.fromEntries(
    Object.entries(parts).map(([name, part]) => [
      name,
      part !== now![name] && now![name] === then![name] ? led![name] : part,
    ]),
  ) as unknown as Variant;
}

/**
 * The run of a design that a fix would lead to, only judged.
 * @param base the run of the design it starts from
 */
export function runFixed(
  input: RunInput,
  { base, from, patch, memory }: { base: Run; from: Variant; patch: readonly Operation[]; memory: PlanMemory },
): Run {
  const key = JSON.stringify(patch);
  const was = memory.tried.get(key);
  const to = asBefore(from, input.variant, was, patch);
  const run = runTrades({ ...input, variant: to, judged: true }, was ? [base, was.run] : [base]);
  memory.tried.delete(key);
  memory.tried.set(key, { from, to, run });
  if (memory.tried.size > MOST) memory.tried.delete(memory.tried.keys().next().value!);
  return run;
}
