import type { Fix, Snag } from "../../ledgers/ledger";
import { over } from "../../units/tolerance";
import { insteadOf } from "../instead";
import type { Here } from "../kind";
import { closureKind, kindsFor } from "../kinds/index";
import type { Closure } from "../schema";
import { type RoomTaken, roomTaken } from "./opens";

/** Other ways to close the opening that open in the room there is, the lock kept. */
function opensInstead({ site, opening, path }: Here, closure: Closure, roomMm: number): Fix[] {
  return kindsFor(site.variant.shell, opening.id).flatMap((kind) => {
    if (kind.kind === closure.kind) return [];
    const other = insteadOf(closure, kind.kind, site, opening);
    if (other.origin === "found") return [];
    const here = { site, opening, path } as Here;
    const taken = roomTaken(closureKind(other).leaves(here, other), opening);
    return taken && over(taken.mm, roomMm)
      ? []
      : [{ label: `Close it by ${kind.label}`, patch: [{ op: "replace", path, value: other }] }];
  });
}

/** Whether it can be opened where the shell stands. @param taken the room it takes */
export function toOpenSnags(here: Here, closure: Closure, taken: RoomTaken | undefined): Snag[] {
  const { site, opening, own, id } = here;
  const { clearRoom } = closure;
  if (!clearRoom || !taken) return [];
  const roomMm = clearRoom.low ?? clearRoom.value;
  if (!over(taken.mm, roomMm)) return [];
  const what = closureKind(closure).what(opening);
  return [
    {
      rule: "front/no-room-to-open",
      subject: own(what),
      severity: "stop",
      stage: "front",
      title: `No room to open the ${what}`,
      sentence: `It takes ${site.say(taken.mm, "up")} ${taken.where} the shell; ${site.say(roomMm, "down")} is clear.`,
      reason: "A door that meets a wall, a lamp or the next shell is opened a hand wide, in a hurry.",
      otherFixes: [
        ...(closureKind(closure).opensSmaller?.(here, closure) ?? []),
        ...opensInstead(here, closure, roomMm),
      ],
      figure: id("room"),
    },
  ];
}
