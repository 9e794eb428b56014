import * as v from "valibot";
import { fate } from "../../design/basics";

/** What holds a door or lid shut; null where nothing does. Whether an old document's lock was there already is not known. */
export const LockSchema = v.nullable(
  v.object({ kind: v.picklist(["wedge", "key"]), origin: v.picklist(["made", "found", "unknown"]), fate }),
);
export type Lock = v.InferOutput<typeof LockSchema>;
