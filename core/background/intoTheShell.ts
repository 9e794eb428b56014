import type { FaceId } from "../design/names";
import type { Wait } from "../ledgers/ledger";
import { isFlat } from "../shell/flat";
import type { ShellFace } from "../shell/shell";

/** What must be over on a wall before it is covered, wherever that is done. */
const ofTheFace = (face: FaceId): Wait[] => [
  { reached: "coated", of: face, because: "its coats have set" },
  { reached: "holesCut", of: face, because: "openings are cut first" },
];

/** What must be over before a wall of the shell is covered. */
export const intoTheShell = (face: FaceId): Wait[] => [
  { reached: "stands", because: "the walls must stand still" },
  { reached: "sealed", because: "seams are sealed before anything covers them" },
  { reached: "waterTested", because: "a leak under a background is found too late" },
  ...ofTheFace(face),
];

/** What must be over before a wall is worked where it is: on the bench, or in the shell. */
export const ontoTheWall = (face: Pick<ShellFace, "id" | "flat">): Wait[] =>
  isFlat(face) ? ofTheFace(face.id) : intoTheShell(face.id);
