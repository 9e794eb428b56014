import { statedMm } from "../design/measure";
import type { Block, Branch, End, Piece } from "./schema";

/** Left at each end of wood between two walls, half of what it swells by (source: hardscape). */
export const PLAY_EACH_MM = 1.5;

/** A stump or stone in a place of the base, from memory. */
export const newBlock = (id: string, of: Piece["of"], uMm: number, vMm: number): Block => ({
  ...{
    id,
    name: of === "stone" ? "Stone" : "Stump",
    face: "base",
    shape: "block",
    of,
    mass: null,
    hollow: null,
    got: "found",
  },
  ...{ u: statedMm(uMm), v: statedMm(vMm), width: statedMm(120), length: statedMm(100), height: statedMm(140) },
  ...{ on: "base", hold: "loose", cutOut: true },
});

/** A branch from wall to wall, its play left at both ends. */
export const newBranch = (id: string, insideMm: number, vMm: number, heightMm: number): Branch => {
  const end = (on: "left" | "right"): End => ({
    ...{ on, height: statedMm(heightMm), hold: "silicone", bedWidth: statedMm(40), bedHeight: statedMm(40) },
  });
  return {
    ...{
      id,
      name: "Branch",
      face: "base",
      shape: "branch",
      of: "wood",
      mass: null,
      hollow: null,
      got: "found",
      cutOut: true,
    },
    ...{
      u: statedMm(insideMm / 2),
      v: statedMm(vMm),
      width: statedMm(insideMm - 2 * PLAY_EACH_MM),
      length: statedMm(40),
      thick: statedMm(40),
    },
    ...{ left: end("left"), right: end("right"), runs: "back" },
  };
};
