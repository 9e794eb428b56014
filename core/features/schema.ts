import * as v from "valibot";
import { HolesSchema } from "./holes/schema";
import { KeepOutSchema } from "./keepOut/schema";
import { MeshPanelSchema } from "./mesh/schema";
import { PaneSchema } from "./pane/schema";
import { PortSchema } from "./port/schema";

/** Every kind of feature as it is written in the Build document; `core/features/index.ts` says what each is. */
export const FeatureSchema = v.variant("kind", [HolesSchema, MeshPanelSchema, PortSchema, PaneSchema, KeepOutSchema]);
export type Feature = v.InferOutput<typeof FeatureSchema>;

export const featuresSchemas = {
  part: { features: { schema: v.array(FeatureSchema), bare: (): Feature[] => [] } },
  events: [],
};
