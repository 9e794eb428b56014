import fc from "fast-check";
import type { Build } from "../core/document/schema";
import type { Plan } from "../core/plan";
import { demoBuilds } from "../demo/builds";
import { anySheetBuild } from "./anySheet";
import { anyFoundBuild } from "./anyShell";
import { jobInput } from "./job";
import { planUnproved } from "./quick";
import { SEED } from "./seed";

export interface Planned {
  design: Build;
  plan: Plan;
}

let kept: Planned[] | undefined;

/** Designs of every kind of shell, each planned once for all tests of a worker that only look at plans. */
function somePlans(): Planned[] {
  kept ??= [
    ...fc.sample(anyFoundBuild(), { numRuns: 100, seed: SEED }),
    ...fc.sample(anySheetBuild(), { numRuns: 40, seed: SEED }),
    ...demoBuilds(),
  ].map((design) => ({ design, plan: planUnproved(jobInput(design)) }));
  return kept;
}

/** Asks something of each of them; what fails says which designs it was. */
export function onAnyPlan(check: (plan: Plan, design: Build) => void): void {
  for (const [i, { plan, design }] of somePlans().entries())
    try {
      check(plan, design);
    } catch (error) {
      throw new Error(`Design ${i} of ANY_SEED=${SEED}: ${error instanceof Error ? error.message : String(error)}`, {
        cause: error,
      });
    }
}
