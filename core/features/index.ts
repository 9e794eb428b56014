import type { FeatureKind } from "./kind";
import { FEATURE_KINDS } from "./list";
import type { Feature } from "./schema";

const BY_KIND = new Map(FEATURE_KINDS.map((k) => [k.kind, k]));

/** What knows a feature of this kind. */
export const featureKind = ({ kind }: Pick<Feature, "kind">): FeatureKind => BY_KIND.get(kind)!;
