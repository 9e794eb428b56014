import type { FoundGap } from "../shell";
import type { FoundHoles } from "./schema";

/** Holes somebody drilled before, as one way out and for air. @param topMm how high the lid is, inside */
export function holesGap({ count, bore: { value: bore }, where, height }: FoundHoles, topMm: number): FoundGap[] {
  if (count === 0) return [];
  const inLid = where === "lid";
  return [
    {
      ...{ id: "own-holes", label: "the holes it came with", face: inLid ? "top" : "back" },
      // Those of the lid are there while the lid is.
      ...(inLid && { opening: "top" }),
      way: { kind: "round", diameterMm: bore },
      ...{ seat: "strip", lengthMm: count * bore, acrossMm: bore, pieces: count, at: [] },
      ...{ vent: true, cover: "nothing" },
      air: [
        {
          grossMm2: (count * Math.PI * bore ** 2) / 4,
          zMm: inLid ? topMm : height.value,
          uprightMm: inLid ? null : bore,
          screens: [],
        },
      ],
    },
  ];
}
