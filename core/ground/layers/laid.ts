import type { Site } from "../../shell/site";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import type { LayerStep, Lies } from "./kind";

/** Laying what fills up to the top: by the area of the floor. */
export const layIt = (
  site: Site,
  own: { uses: string[]; title: string; detail: string; toHand: string[] },
  lies: Lies,
  heavy: boolean,
): LayerStep => ({
  own: "",
  ...own,
  detail: `On its final stand. ${own.detail}${slopeWords(site)}`,
  handsOnMinutes: Math.max(15, RATES.groundPerM2.value * lies.landM2),
  work: "substrate",
  cautions: [CAUTION.dust, ...(heavy ? [CAUTION.lift] : [])],
});

const slopeWords = ({ variant, shell, say }: Site): string =>
  variant.ground.front
    ? ` From ${say(shell.levels.groundMm)} at the back to ${say(shell.levels.groundFrontMm)} at the front.`
    : "";
