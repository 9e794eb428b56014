import { isReplaced } from "../design/found";
import type { Step } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { RATES } from "../workshop/rates";
import { cuttingCautions } from "./cautions";
import { featureName } from "./name";
import type { Feature } from "./schema";

/** The step that cuts a feature into its face: what is done to that feature afterwards waits for it by this id. */
export const cutStepId = ({ id }: Pick<Feature, "id">): string => `air/cut/${id}`;

/** The step that takes an old filling out of a hole that was found. */
export const takeOutStepId = ({ id }: Pick<Feature, "id">): string => `air/take-out/${id}`;

/** Taking out what fills a found hole, where it makes way for new. */
export const takeOutSteps = (feature: Feature, title: string, detail: string, cautions: string[]): Step[] =>
  isReplaced(feature)
    ? [
        {
          id: takeOutStepId(feature),
          title: `${title}: ${featureName(feature)}`,
          detail,
          stage: "shell",
          handsOnMinutes: RATES.takeOut.value,
          waitMinutes: 0,
          after: [{ reached: "surveyed", because: "it is looked at and measured first" }],
          splittable: true,
          toHand: ["blade", "scraper", "alcohol"],
          cautions,
        },
      ]
    : [];

/** Cutting a feature into its face: what every vent, port and window has of it. What was found is not cut. */
export const cutSteps = (
  site: Site,
  feature: Feature,
  own: Pick<Step, "title" | "detail" | "stage" | "handsOnMinutes" | "work" | "toHand" | "passSign" | "figure">,
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
