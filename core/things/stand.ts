import type { ThingKind } from "./thing";

/** A shelf that the shell stands on with others. */
export const stand: ThingKind = {
  rows: "measured",
  list: ({ site }) => {
    const { stand: on } = site.variant;
    if (!on) return [];
    return [
      {
        ...{ kind: "stand", id: "stand", name: "Shelf it stands on", what: "shelf", stage: "shell" },
        paths: ["/stand"],
        says: `${on.others.length + 1} on it · ${on.brackets.count} brackets`,
      },
    ];
  },
  off: (variant) => {
    variant.stand = null;
  },
};
