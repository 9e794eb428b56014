import { baseOf } from "../shell/base";
import { areaAtMm2, volumeBelowMl } from "../shell/profile";
import type { Shell } from "../shell/shell";

/** What holds the water of a test: its surface, and the litres up to a level. */
export interface Holding {
  /** As part of a sentence. */
  words: string;
  areaM2: number;
  litres: number;
}

/** What water stands in up to a level above the base: the tray, the tub, or the shell itself. */
export function holdingOf(shell: Shell, levelMm: number): Holding {
  const { tray, profile, secondFloor } = shell;
  if (tray) {
    const { widthMm, depthMm } = baseOf(shell);
    const areaM2 = (widthMm * depthMm) / 1e6;
    return { words: "the tray", areaM2, litres: areaM2 * Math.max(0, levelMm - tray.glassMm) };
  }
  const moulded = shell.seams.length === 0;
  return {
    words: moulded ? "the tub" : "the shell",
    areaM2: areaAtMm2(profile, levelMm) / 1e6,
    litres: Math.max(0, volumeBelowMl(profile, levelMm) - volumeBelowMl(profile, secondFloor?.thicknessMm ?? 0)) / 1000,
  };
}
