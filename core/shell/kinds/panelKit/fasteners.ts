import type { FastenerId } from "./names";

/** What holds panels, and how long it may be for a panel so thick, mm. */
interface Fastener {
  one: string;
  many: string;
  /** What more of them is in the book. */
  material: string;
  toHand: readonly string[];
  leastMm: (thicknessMm: number) => number;
  mostMm: (thicknessMm: number) => number;
  /** Why not longer. */
  tooLong: string;
}

/** A screw bites so far into the edge it goes to; what goes into a face leaves so much of it, mm. From memory. */
const BITE_MM = 15;
const LEFT_MM = 2;

export const FASTENER: Record<FastenerId, Fastener> = {
  screw: {
    ...{ one: "screw through one panel into the next one's edge", many: "screws", material: "screws" },
    toHand: ["driver", "drill for the holes"],
    leastMm: (t) => t + BITE_MM,
    mostMm: (t) => t + 60,
    tooLong: "it wanders out of the edge",
  },
  dowel: {
    ...{ one: "dowel, half in a face and half in an edge", many: "dowels", material: "wooden-dowels" },
    toHand: ["mallet", "wood glue"],
    leastMm: () => 16,
    mostMm: (t) => 2 * (t - LEFT_MM),
    tooLong: "it comes through the face",
  },
  blockScrew: {
    ...{ one: "screw through a corner block into a panel's face", many: "screws in corner blocks", material: "screws" },
    toHand: ["driver", "corner blocks"],
    leastMm: () => 6,
    mostMm: (t) => t - LEFT_MM,
    tooLong: "it comes through the face",
  },
};
