import type { Variant } from "../../document/schema";
import { cabinet } from "./cabinet/kind";
import { clearBox } from "./clearBox/kind";
import { frontGlass } from "./frontGlass/kind";
import type { ShellKind } from "./kind";
import { panelKit } from "./panelKit/kind";
import { roundTub } from "./roundTub/kind";
import { sheet } from "./sheet/kind";
import { tank } from "./tank/kind";
import { tankOnEnd } from "./tankOnEnd/kind";
import { tub } from "./tub/kind";

/** Every starting shell, in the order a new build offers them. Beside its folder and its schema, a kind is one line here. */
export const KINDS = [
  frontGlass,
  tank,
  tankOnEnd,
  cabinet,
  sheet,
  tub,
  roundTub,
  panelKit,
  clearBox,
] as unknown as readonly ShellKind[];

/** What knows a shell of this kind. */
export const kindOf = ({ kind }: Pick<Variant["shell"], "kind">): ShellKind => KINDS.find((k) => k.kind === kind)!;
