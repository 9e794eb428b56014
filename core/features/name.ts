import type { Feature } from "./schema";

/** What a feature is called: its own name, or its id. */
export const featureName = (feature: Pick<Feature, "name" | "id">): string => feature.name || feature.id;
