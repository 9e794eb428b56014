import * as v from "valibot";
import { type Holes, HolesSchema } from "./holes/schema";
import { KeepOutSchema } from "./keepOut/schema";
import { type MeshPanel, MeshPanelSchema } from "./mesh/schema";
import { PaneSchema } from "./pane/schema";
import { PortSchema } from "./port/schema";

export const FeatureSchema = v.variant("kind", [HolesSchema, MeshPanelSchema, PortSchema, PaneSchema, KeepOutSchema]);

export type Feature = v.InferOutput<typeof FeatureSchema>;

/** What air passes. */
export type Vent = Holes | MeshPanel;
