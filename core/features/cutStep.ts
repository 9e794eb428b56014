import type { Step } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { cuttingCautions } from "./cautions";
import type { Feature } from "./schema";

/** The step that cuts a feature into its face. Beads and coats wait for it by this id, whatever is cut. */
export const cutStepId = ({ id }: Pick<Feature, "id">): string => `air/cut/${id}`;

/** Cutting a feature into its face: what every vent, port and window has of it. */
export const cutStep = (
  site: Site,
  feature: Feature,
  own: Pick<Step, "title" | "detail" | "stage" | "handsOnMinutes" | "toHand" | "passSign" | "figure">,
): Step => ({
  id: cutStepId(feature),
  waitMinutes: 0,
  after: [
    { id: "cuts/saw", because: "the panel must be cut" },
    { id: "shell/survey", because: "the wall must be known before it is cut" },
  ],
  splittable: true,
  cautions: cuttingCautions(site, feature),
  ...own,
});
