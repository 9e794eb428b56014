import type { Snag } from "../ledgers/ledger";
import type { Plan } from "../plan";
import { line, step } from "./after";
import { isWithin } from "./at";
import { swatch, wall, zone } from "./background";
import { resident, room, size } from "./brief";
import { odd, part, sheet, slips } from "./cuts";
import { circuit, fixture } from "./fixtures";
import { box, divider, pool, stream, vessel } from "./floor";
import { closure, gap, way } from "./front";
import { bed, plant, planting, service, substrate, water } from "./ground";
import { piece } from "./hardscape";
import { kitPanel } from "./kit";
import type { ThingKindId } from "./names";
import { beads, decision, layer, liner, stack, test } from "./seal";
import { dam, feature, secondFloor, shelf, survey, tray } from "./shell";
import { stand } from "./stand";
import type { Thing, ThingKind } from "./thing";

/** Every kind of thing that can be taken in hand. */
export const THINGS: Record<ThingKindId, ThingKind> = {
  ...{ resident, room, size },
  ...{ survey, kitPanel, shelf, tray, dam, secondFloor, stand, feature },
  ...{ bed, substrate, water, divider, box, pool, vessel, stream, plant, planting, service, piece },
  ...{ closure, way, gap },
  ...{ fixture, circuit },
  ...{ beads, liner, stack, layer, decision, test },
  ...{ wall, zone, swatch },
  ...{ sheet, part, odd, slips },
  ...{ line, step },
};

const listed = new WeakMap<Plan, Thing[]>();

/** Everything of a plan that can be taken in hand, kind by kind in the order it is gone through. */
export function thingsOf(plan: Plan): Thing[] {
  const known = listed.get(plan) ?? Object.values(THINGS).flatMap((kind) => kind.list(plan));
  listed.set(plan, known);
  return known;
}

/**
 * The thing a snag is settled at: the one it judges, or the one that has what its fix changes.
 * @returns undefined where it is the stage as a whole
 */
export function thingOf(snag: Snag, plan: Plan): Thing | undefined {
  const things = thingsOf(plan);
  const here = things.filter((t) => t.stage === snag.stage);
  const judged = here.find((t) => t.id === snag.subject);
  if (judged) return judged;
  const places = [snag.subject, ...(snag.fix?.patch.map((o) => o.path) ?? [])];
  const inBuild = (path: string) => (path.startsWith("build:") ? path.slice("build:".length) : plan.site.at(path));
  const has = ({ paths }: Thing) => paths.some((p) => places.some((at) => isWithin(at, inBuild(p)) || isWithin(at, p)));
  return here.find(has) ?? things.find((t) => t.id === snag.subject) ?? things.find(has);
}
