/** What plans a build and changes it: fetched once the page that the server drew is on the screen. */
import { insteadOf } from "#core/closures/instead";
import type { Closure } from "#core/closures/schema";
import type { Build } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import type { Plan } from "#core/plan";
import { itemOf, placedAt } from "#core/things/handle";
import { THINGS } from "#core/things/list";
import type { ThingKindId } from "#core/things/names";
import { type Seen, seenOf } from "#core/things/seen";
import type { Placed } from "#core/things/thing";
import { STAGES } from "#core/trades/stages";

export { current, isDraft, produce } from "immer";
export { rememberingNester } from "#core/cuts/nester";
export { freeId } from "#core/design/freeId";
export { checkDesign } from "#core/document/check";
export { startsAt } from "#core/features/begin";
export { newFixture } from "#core/fixtures/create";
export { plan } from "#core/plan";
export { tryFix } from "#core/snags/fix";
export { centre, copyTo, dragEdges, grow, itemOf, mirror, setLevel } from "#core/things/handle";
export { THINGS } from "#core/things/list";
export { planMemory } from "#core/trades/memory";

const IDS = STAGES.map((s) => s.id);

/** What the page shows of a plan beside its ledgers. */
export const see = (plan: Plan): Seen => seenOf(plan, IDS);

/** Something that lies on a face of a design or a draft of one, with how its kind is handled. */
export function itemIn(design: Build, kind: ThingKindId, id: string) {
  const { placed } = THINGS[kind];
  const item = placed && itemOf(chosenVariant(design), placed, id);
  return item && placed && { item, placed };
}

/** Where something lies on its face in a design; undefined for what lies on none. */
export function placedIn(design: Build, kind: ThingKindId, id: string): Placed | undefined {
  const found = itemIn(design, kind, id);
  return found && placedAt(found.item, found.placed);
}

/** Closes an opening of a draft with another kind of closure, in the place of what closed it. */
export function closeWith(draft: Build, kind: Closure["kind"], openingId: string, { site, shell }: Plan): void {
  const { closures } = chosenVariant(draft);
  const opening = shell.openings.find((o) => o.id === openingId);
  if (!opening) return;
  const at = closures.findIndex((c) => c.opening === openingId);
  const closure = insteadOf(closures[at], kind, site, opening);
  if (at < 0) closures.push(closure);
  else closures[at] = closure;
}
