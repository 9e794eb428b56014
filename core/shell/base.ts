import type { Shell } from "./shell";

/** The floor's base: the tray's inside, or the shell's foot. */
export function baseOf({ tray, profile }: Shell): { widthMm: number; depthMm: number; round: boolean } {
  return tray
    ? { widthMm: tray.widthMm - 2 * tray.glassMm, depthMm: tray.depthMm - 2 * tray.glassMm, round: false }
    : { widthMm: profile.footWidthMm, depthMm: profile.footDepthMm, round: profile.round };
}
