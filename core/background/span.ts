import type { Shell } from "../shell/shell";
import type { Zone } from "./schema";
import { zoneDepthMm } from "./zones";

/** A piece that ends within this of the opposite wall is wedged or bedded there too, mm: from memory. */
const WEDGED_MM = 20;

/** Whether a piece on a wall reaches the opposite one and so rests on both. */
export function spansRoom(shell: Pick<Shell, "inside">, zone: Zone): boolean {
  const { widthMm, depthMm } = shell.inside;
  return zoneDepthMm(zone) >= (zone.face === "back" ? depthMm : widthMm) - WEDGED_MM;
}
