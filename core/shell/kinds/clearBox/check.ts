import type { Checker } from "../../../ledgers/checker";
import { checkDam } from "../../dam/check";
import { SIZE_LIMIT_MM } from "../../limits";
import { checkOutside } from "../outside";
import { hasDoor, hasLid, insideOf, lidAcross } from "./measure";
import type { ClearBoxShell } from "./schema";

/** The least a door may be high, mm: under it a slip of the tape is likelier, from memory. */
const LEAST_DOOR_MM = 30;
/** Sheet left behind a groove, mm: less breaks out. From memory. */
const BEHIND_GROOVE_MM = 1;

/** Limits of the survey, each with the number that would be right. */
export function checkClearBox(shell: ClearBoxShell, _: unknown, checker: Checker): void {
  const { found } = shell;
  const { between, add } = checker;
  between("/shell/found/wall", found.wall, 1, 15, "The wall");
  const inside = insideOf(found);
  checkOutside(found, inside, { leastMm: SIZE_LIMIT_MM.low - 10, again: "the wall" }, checker);
  if (!hasDoor(found) && !hasLid(found))
    add("/shell/found/lid/is", "A box with neither a door nor a lid cannot be reached into. Say which of them opens.");
  const { door, lid } = found;
  between(
    "/shell/found/door/foot",
    door.foot,
    0,
    Math.max(0, inside.heightMm - LEAST_DOOR_MM),
    "The part under the door",
  );
  between(
    "/shell/found/door/height",
    door.height,
    LEAST_DOOR_MM,
    Math.max(LEAST_DOOR_MM, inside.heightMm - door.foot.value),
    "The door's opening",
  );
  between("/shell/found/door/gap", door.gap, 0, 30, "The gap round the door");
  between("/shell/found/door/magnets/pull", door.magnets.pull, 0, 500, "A magnet's pull, in newtons,");
  between("/shell/found/door/magnets/apart", door.magnets.apart, 0, 10, "Magnets, shut,");
  between("/shell/found/lid/thickness", lid.thickness, 1, 15, "The lid");
  between("/shell/found/lid/gap", lid.gap, 0, 30, "The gap at the lid");
  between("/shell/found/lid/trimTo", lid.trimTo, 10, 3000, "The lid");
  if (lid.is === "slides") checkGrooves(shell, checker);
  between("/shell/found/holes/bore", found.holes.bore, 0.5, 100, "A hole");
  between("/shell/found/holeEdge", found.holeEdge, 0, 2000, "From a hole to the edge");
  between("/shell/found/holeApart", found.holeApart, 0, 2000, "Between holes");
  checkDam(shell, [], inside, checker);
  between("/shell/groundDepth", shell.groundDepth, 1, Math.max(1, inside.heightMm), "Substrate");
}

/** A lid goes into its grooves, and its grooves into the wall. */
function checkGrooves({ found }: ClearBoxShell, { add, say }: Checker): void {
  const { lid, wall } = found;
  const deepest = Math.max(0, wall.value - BEHIND_GROOVE_MM);
  if (lid.grooveDepth.value > deepest || lid.grooveDepth.value < 0.5)
    add(
      "/shell/found/lid/grooveDepth",
      `A groove of ${say(lid.grooveDepth.value)} in a wall of ${say(wall.value)}: ${lid.grooveDepth.value < 0.5 ? "a lid falls out of it" : "nothing is left behind it"}. Type between ${say(0.5)} and ${say(deepest)}, or measure the wall again.`,
    );
  if (lid.groove.value < lid.thickness.value)
    add(
      "/shell/found/lid/groove",
      `A lid of ${say(lid.thickness.value)} does not go into a groove ${say(lid.groove.value)} wide. Type ${say(lid.thickness.value)} or more.`,
    );
  const { isMm, mostMm } = lidAcross(found);
  if (isMm > mostMm)
    add(
      "/shell/found/lid/width",
      `A lid of ${say(isMm)} is wider than its grooves, ${say(mostMm)} from bottom to bottom. Type ${say(mostMm)} or less.`,
    );
}
