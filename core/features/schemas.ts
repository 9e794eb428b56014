import { HolesSchema } from "./holes/schema";
import { KeepOutSchema } from "./keepOut/schema";
import { MeshPanelSchema } from "./mesh/schema";
import { PaneSchema } from "./pane/schema";
import { PortSchema } from "./port/schema";

/** Every kind of feature as it is written, one line each; `core/features/list.ts` says what each is. */
export const FEATURE_SCHEMAS = [HolesSchema, MeshPanelSchema, PortSchema, PaneSchema, KeepOutSchema] as const;
