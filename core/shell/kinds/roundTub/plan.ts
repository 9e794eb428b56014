import { type Figure, practice } from "../../../figures/figure";
import { emptyLedger, type TradeLedger } from "../../../ledgers/ledger";
import type { Site } from "../../../ledgers/site";
import { volumeBelowMl } from "../../profile";
import { surveyStep } from "../foundSteps";
import type { RoundTubShell } from "./schema";

/** What only this kind has. */
export function planRound(site: Site): TradeLedger {
  const { floorDepth } = site.variant.shell as RoundTubShell;
  const figures: Figure[] = floorDepth
    ? [
        {
          id: "shell/floor-pour",
          label: "Poured floor",
          value: volumeBelowMl(site.shell.profile, floorDepth.value) / 1000,
          unit: "L",
          formula: "volume of the tub up to the floor's depth × 1.0",
          inputs: [{ name: "depth", value: floorDepth.value, unit: "mm", basis: practice }],
        },
      ]
    : [];
  return {
    ...emptyLedger(),
    figures,
    steps: [
      surveyStep(site, "Two diameters at rim and foot, crossing; height inside. Try the tube dry against the wall."),
    ],
  };
}
