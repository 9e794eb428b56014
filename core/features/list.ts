import { holes } from "./holes/kind";
import { keepOut } from "./keepOut/kind";
import type { FeatureKind } from "./kind";
import { meshPanel } from "./mesh/kind";
import { pane } from "./pane/kind";
import { port } from "./port/kind";

/** Every kind of feature. Beside its folder and its schema, a kind is one line here. */
export const FEATURE_KINDS = [holes, meshPanel, port, pane, keepOut] as unknown as readonly FeatureKind[];
