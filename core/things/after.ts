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

/** A step of the diary, still to do or done. */
export const step: ThingKind = {
  list: ({ diary, steps }) => {
    const titles = new Map(steps.map(({ id, title }) => [id, title]));
    return [
      ...diary.entries.map(({ stepId }) => ({ id: stepId, name: titles.get(stepId)!, what: "step" })),
      ...diary.done.map(({ stepId, title }) => ({ id: stepId, name: title, what: "step, done" })),
    ].map((of): Thing => ({ ...of, kind: "step", stage: "diary", paths: [] }));
  },
};
