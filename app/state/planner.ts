/** What plans a build and changes it: fetched once the page that the server drew is on the screen. */
import type { Plan } from "#core/plan";
import { type Seen, seenOf } from "#core/things/seen";
import { STAGES } from "#core/trades/stages";

export { current, isDraft, produce } from "immer";
export { rememberingNester } from "#core/cuts/nester";
export { checkDesign } from "#core/document/check";
export { freeId, startsAt } from "#core/features/begin";
export { plan } from "#core/plan";
export { tryFix } from "#core/snags/fix";
export { centre, copyTo, freeThingId, itemOf, mirror, setLevel } from "#core/things/handle";
export { THINGS } from "#core/things/list";

const IDS = STAGES.map((s) => s.id);

/** What the page shows of a plan beside its ledgers. */
export const see = (plan: Plan): Seen => seenOf(plan, IDS);
