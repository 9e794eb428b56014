import type { Step } from "../../ledgers/ledger";
import { CAUTION } from "../../workshop/cautions";
import { LIFT_KG } from "../../workshop/lift";
import { shellKg } from "../shell";
import type { Site } from "../site";

/** A found shell is surveyed, emptied and cleaned before anything is bought for it. */
export const surveyStep = (site: Site, detail: string, cautions: string[] = []): Step => ({
  id: "shell/survey",
  title: "Survey and clean it",
  detail,
  stage: "shell",
  handsOnMinutes: 45,
  waitMinutes: 0,
  after: [],
  reaches: ["surveyed"],
  splittable: true,
  toHand: ["tape", "torch", "warm water", "cloth"],
  cautions: [...cautions, ...(shellKg(site.shell) > LIFT_KG ? [CAUTION.lift] : [])],
  passSign: "Every measure is written down, and no guess is left.",
});
