import { fate, id, origin } from "../../design/basics";
import { LockSchema } from "../lock/schema";

/** What every closure has: the opening it closes, by that opening's id. */
export const closureBase = { id, opening: id, origin, fate, lock: LockSchema };
