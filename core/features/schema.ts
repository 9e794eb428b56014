import * as v from "valibot";
import { FEATURE_SCHEMAS } from "./schemas";

/** A feature as it is written in the Build document. */
const FeatureSchema = v.variant("kind", FEATURE_SCHEMAS);
export type Feature = v.InferOutput<typeof FeatureSchema>;

export const featuresSchemas = {
  part: { features: { schema: v.array(FeatureSchema), bare: (): Feature[] => [] } },
  events: [],
};
