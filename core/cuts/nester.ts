import { remembering } from "../cache/remembering";
import type { NestInstance, NestSolution } from "./nest/format";
import { nest } from "./nest/nest";

/** Answers a nesting instance; the plan asks through this so that the same parts are never nested twice. */
export type Nester = (instance: NestInstance) => NestSolution;

/** An answer found by a longer search, and the instance it answers, as JSON. */
export interface KeptNesting {
  instance: string;
  solution: NestSolution;
}

/** A nester that keeps its last `most` answers by the instance itself. */
export const rememberingNester = (most = 64): Nester => remembering((instance: NestInstance) => nest(instance), most);

/** A nester that answers with what was kept where it was, and asks on otherwise. */
export function knowing(nester: Nester, kept: readonly KeptNesting[]): Nester {
  if (kept.length === 0) return nester;
  const answers = new Map(kept.map(({ instance, solution }) => [instance, solution]));
  return (instance) => answers.get(JSON.stringify(instance)) ?? nester(instance);
}
