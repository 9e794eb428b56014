import type { NestInstance, NestSolution } from "./nest/format";
import { nest } from "./nest/nest";

/** Answers a nesting instance; the plan asks through this so that the same parts are never nested twice. */
export type Nester = (instance: NestInstance) => NestSolution;

/** A nester that keeps its last `most` answers by the instance itself. */
export function rememberingNester(most = 64): Nester {
  const known = new Map<string, NestSolution>();
  return (instance) => {
    const key = JSON.stringify(instance);
    const found = known.get(key) ?? nest(instance);
    known.delete(key);
    known.set(key, found);
    if (known.size > most) known.delete(known.keys().next().value!);
    return found;
  };
}
