import type { Thing, ThingKind } from "./thing";

/** A line of the shopping list. */
export const line: ThingKind = {
  list: ({ buying }) =>
    buying.lines.map(
      (l): Thing => ({
        ...{ kind: "line", id: l.id, name: l.label, what: "to buy", stage: "buying", paths: [], says: l.need },
      }),
    ),
};

/** A step of the diary. */
export const step: ThingKind = {
  list: ({ diary, steps }) =>
    diary.entries.map(
      (e): Thing => ({
        ...{ kind: "step", id: e.stepId, what: "step", stage: "diary", paths: [] },
        name: steps.find((s) => s.id === e.stepId)!.title,
      }),
    ),
};
