import type { Measure } from "../../design/basics";
import type { FaceId } from "../../design/names";
import type { FoundGap } from "../shell";
import type { FoundHoles } from "./schema";

/** Where holes are: in which face, what they are called, and the opening whose lid they are in. */
interface Where extends Pick<FoundGap, "id" | "label"> {
  face: FaceId;
  opening?: string;
  /** How high the top is, inside, mm. */
  topMm: number;
  /** How high they are, mm; half way up where nobody measured. */
  heightMm?: number;
}

/** Holes that were there, as one way out and for air. */
export function holesIn(
  { face, topMm, heightMm = topMm / 2, ...named }: Where,
  { count, bore: { value: bore } }: { count: number; bore: Measure },
): FoundGap[] {
  if (count === 0) return [];
  const level = face === "top" || face === "base";
  return [
    {
      ...{ ...named, face },
      way: { kind: "round", diameterMm: bore },
      ...{ seat: "strip", lengthMm: count * bore, acrossMm: bore, pieces: count, at: [] },
      ...{ vent: true, cover: "nothing" },
      air: [
        {
          grossMm2: (count * Math.PI * bore ** 2) / 4,
          zMm: face === "top" ? topMm : face === "base" ? 0 : heightMm,
          uprightMm: level ? null : bore,
          screens: [],
        },
      ],
    },
  ];
}

/** Holes somebody drilled before, in the lid or a wall. @param topMm how high the lid is, inside */
export const holesGap = ({ where, height, ...holes }: FoundHoles, topMm: number): FoundGap[] =>
  holesIn(
    {
      ...{ id: "own-holes", label: "the holes it came with", topMm, heightMm: height.value },
      face: where === "lid" ? "top" : "back",
      // Those of the lid are there while the lid is.
      ...(where === "lid" && { opening: "top" }),
    },
    holes,
  );
