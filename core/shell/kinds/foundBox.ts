import type { Variant } from "../../document/schema";
import { boxProfile, volumeBelowMl } from "../profile";
import type { Shell } from "../shell";

/** What tells one box that was found from another; `own` is the dam and floor set up in it. */
type Told = Pick<
  Shell,
  | "words"
  | "inside"
  | "outside"
  | "faces"
  | "strips"
  | "openings"
  | "seams"
  | "solids"
  | "gaps"
  | "doors"
  | "held"
  | "heldWalls"
  | "levels"
  | "volumeWorking"
  | "damPath"
  | "damStart"
>;

/** A plain box as it was found: nothing of it is cut or joined but what is set up in it. */
export function foundBox(
  kind: Variant["shell"]["kind"],
  told: Told,
  own: Pick<Shell, "panels" | "ownPanes" | "glassPanes" | "secondFloor">,
): Shell {
  const profile = boxProfile(told.inside);
  return {
    kind,
    ...told,
    ...{ legsMm: 0, underBasePath: null, baseHangs: false },
    profile,
    volumeMl: volumeBelowMl(profile, told.inside.heightMm),
    ...{ panels: own.panels, joints: [], ownPanes: own.ownPanes, glassPanes: own.glassPanes },
    ...{ secondFloor: own.secondFloor, lining: null, tray: null, reusable: [], insidePaths: null },
  };
}
