import { holes } from "./holes/kind";
import { keepOut } from "./keepOut/kind";
import type { FeatureKind } from "./kind";
import { meshPanel } from "./mesh/kind";
import { pane } from "./pane/kind";
import { port } from "./port/kind";
import type { Feature } from "./schema";

/** Every kind of feature. Beside its folder and its schema, a kind is one line here. */
export const FEATURE_KINDS = [holes, meshPanel, port, pane, keepOut] as unknown as readonly FeatureKind[];

const BY_KIND = new Map(FEATURE_KINDS.map((k) => [k.kind, k]));

/** What knows a feature of this kind. */
export const featureKind = ({ kind }: Pick<Feature, "kind">): FeatureKind => BY_KIND.get(kind)!;
