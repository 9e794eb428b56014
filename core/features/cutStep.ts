import type { Step } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { cuttingCautions } from "./cautions";
import type { Feature } from "./schema";

/** The step that cuts a feature into its face: what is done to that feature afterwards waits for it by this id. */
export const cutStepId = ({ id }: Pick<Feature, "id">): string => `air/cut/${id}`;

/** Cutting a feature into its face: what every vent, port and window has of it. What was found is not cut. */
export const cutSteps = (
  site: Site,
  feature: Feature,
  own: Pick<Step, "title" | "detail" | "stage" | "handsOnMinutes" | "toHand" | "passSign" | "figure">,
): Step[] =>
  feature.origin === "found"
    ? []
    : [
        {
          id: cutStepId(feature),
          waitMinutes: 0,
          after: [
            { reached: "sawn", because: "the panel must be cut" },
            { reached: "surveyed", because: "the wall must be known before it is cut" },
          ],
          reaches: [`holesCut:${feature.face}`],
          splittable: true,
          cautions: cuttingCautions(site, feature),
          ...own,
        },
      ];
