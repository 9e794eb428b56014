import type { SurveyField } from "../survey";

/** What every shell is asked of its finished state: its ground, and what its top carries. */
export const finishedFields = (ground = "Substrate, how deep", load = "Load on the top"): SurveyField[] => [
  { path: "/shell/groundDepth", label: ground, ask: "length", optional: true },
  { path: "/shell/topLoadKg", label: load, ask: "plain", suffix: "kg" },
];
