import type { Posture } from "../ledgers/ledger";
import type { Rect } from "./faces";
import { extent } from "./outline";
import type { ShellFace } from "./shell";

/** Whether a face is worked flat on the bench, before the shell is put up. */
export const isFlat = ({ flat }: Pick<ShellFace, "flat">): boolean => flat !== undefined;

/** What of a face may be coated, foamed and slipped: what is masked for its joints is left out. */
export const workedRect = ({ flat, outline }: Pick<ShellFace, "flat" | "outline">): Rect => flat ?? extent(outline);

/** How the shell lies while a face is worked: that face down; a panel on the bench lies as it likes. */
export const lyingOn = (
  face: Pick<ShellFace, "flat">,
  posture: Posture,
): { posture: Posture; holdsPosture: true } | Record<string, never> =>
  isFlat(face) ? {} : { posture, holdsPosture: true };
