import { nest } from "../core/cuts/nest/nest";
import type { Nester } from "../core/cuts/nester";
import { plan } from "../core/plan";

type PlanInput = Parameters<typeof plan>[0];

/** Few tries: for tests of the rules, not of the nesting. */
export const quick: Nester = (instance) => nest(instance, 0);

/** A plan whose fixes are not proved, which is most of the work: for tests of a great many builds that press none. */
export const planUnproved = (input: PlanInput) => plan(input, quick, true);
