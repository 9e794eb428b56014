import type { Edge } from "../door/format";

/** How a kind of closure is told: its leaves, its edges, and the sort of gap each edge leaves. */
export interface LeafWords {
  /** One leaf, and all of them: `the door`, `the doors`. */
  one: string;
  all: string;
  edges: Record<Edge, string>;
}

/** A door that swings, by how many leaves it has. */
export const doorWords = (leaves: 1 | 2): LeafWords => {
  const all = leaves === 2 ? "doors" : "door";
  return {
    ...{ one: "door", all },
    edges: {
      ...{ hinge: "at the hinges", lock: `beside the ${all}`, meet: "where the doors meet" },
      ...{ head: `over the ${all}`, foot: `under the ${all}` },
    },
  };
};

export const panelWords: LeafWords = {
  ...{ one: "panel", all: "panel" },
  edges: {
    ...{ hinge: "beside the panel", lock: "beside the panel", meet: "beside the panel" },
    ...{ head: "over the panel", foot: "under the panel" },
  },
};

export const lidWords: LeafWords = {
  ...{ one: "lid", all: "lid" },
  edges: {
    ...{ hinge: "beside the lid", lock: "beside the lid", meet: "across the lid" },
    ...{ head: "behind the lid", foot: "before the lid" },
  },
};

/** A half of a lid that swings up along the line where it meets the fixed half. */
export const flapWords: LeafWords = {
  ...{ one: "flap", all: "flap" },
  edges: {
    ...{ hinge: "across the lid, at its hinges", lock: "before the flap", meet: "across the lid" },
    ...{ head: "right of the flap", foot: "left of the flap" },
  },
};
