import { statedMm } from "../core/design/measure";
import type { Build, Variant } from "../core/document/schema";
import type { TankShell } from "../core/shell/kinds/tank/schema";
import { bareTank } from "./bareTank";

export { planned } from "./bareTank";

/** An open tank of an outside size. */
export const tankOf = (
  { lengthMm, widthMm, heightMm, glassMm }: { lengthMm: number; widthMm: number; heightMm: number; glassMm: number },
  more?: (variant: Variant) => void,
): Build =>
  bareTank((v) => {
    const shell = v.shell as TankShell;
    shell.found = {
      ...shell.found,
      ...{ length: statedMm(lengthMm), width: statedMm(widthMm), height: statedMm(heightMm), glass: statedMm(glassMm) },
      rim: null,
    };
    more?.(v);
  });
