import type { Shell } from "./shell";
import type { Point } from "./space";

/** The floor's base: the tray's inside, or the shell's foot. */
export function baseOf({ tray, profile }: Shell): { widthMm: number; depthMm: number; round: boolean } {
  return tray
    ? { widthMm: tray.widthMm - 2 * tray.glassMm, depthMm: tray.depthMm - 2 * tray.glassMm, round: false }
    : { widthMm: profile.footWidthMm, depthMm: profile.footDepthMm, round: profile.round };
}

/** Where the floor's own front left corner lies, mm from the walls' inside: a tray stands off them. */
export function floorCorner(shell: Shell): Point {
  if (!shell.tray) return [0, 0];
  const { widthMm, depthMm } = baseOf(shell);
  return [(shell.inside.widthMm - widthMm) / 2, (shell.inside.depthMm - depthMm) / 2];
}
