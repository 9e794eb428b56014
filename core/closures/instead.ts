import { isMade } from "../design/found";
import type { Opening } from "../shell/shell";
import type { Site } from "../shell/site";
import { closureKind } from "./kinds/index";
import type { Closure } from "./schema";

/**
 * A closure of another kind in the place of one that is there: its own beginnings, with what was decided of the opening kept,
 * a lock that is fitted and the room about it. A lock that came with doors goes with them.
 */
export function insteadOf(was: Closure | undefined, kind: Closure["kind"], site: Site, opening: Opening): Closure {
  const fresh = closureKind({ kind }).start(site, opening) as Closure;
  if (!was) return fresh;
  const { lock, clearRoom, standsUnder } = was;
  return {
    ...fresh,
    lock: lock && isMade(lock) ? lock : fresh.lock,
    ...(clearRoom !== undefined && { clearRoom }),
    ...(standsUnder !== undefined && { standsUnder }),
  };
}
