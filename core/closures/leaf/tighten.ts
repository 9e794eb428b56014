import { FREE_MM } from "../door/door";
import type { Edge } from "../door/format";
import { leafOf, swingClearMm } from "../door/leaf";
import { clearancesAt } from "../door/movement";
import type { LeafJob } from "./job";

/**
 * The least clearance of an edge at which nothing rubs at either end of the climate and the leaf still swings, mm; undefined
 * where it is no edge that moves.
 */
export function tightened({ input, hanging }: LeafJob, edge: Edge): number | undefined {
  if (edge === "hinge") return FREE_MM;
  const leaf = leafOf(input);
  const { openingMm, leafMm } = input.tolerance;
  const tau = openingMm + (edge === "meet" ? 2 : 1) * leafMm;
  const nominal = input.clearanceMm[edge];
  // What an edge loses by the climate hardly hangs on its own clearance.
  const lost = (end: "made" | "dry" | "wet") => nominal - clearancesAt(input, leaf, input[end])[edge];
  const most = Math.max(0, lost("dry"), lost("wet"));
  const swings = hanging.kind === "hinged" && (edge === "lock" || edge === "meet");
  const least = Math.max(FREE_MM, swings ? swingClearMm(leaf) : 0) + tau + most;
  return Math.ceil(10 * least - 1e-6) / 10;
}
