import { type PlacedWay, WAYS } from "../escape/way";
import { type Fact, fact } from "../ledgers/facts";
import type { Site } from "../shell/site";
import { sawToleranceMm } from "../workshop/sawTolerance";
import type { Cover } from "./cover";
import { FIT_MM } from "./works/panelSizes";

/** Where an animal could get behind a wall: round a panel that is wedged in, and behind a background that was there. */
export function behindWalls({ shell }: Site, covers: readonly Cover[]): Fact[] {
  const placed = (id: string, face: string, lengthMm: number) => ({
    ...{ id, where: face, stage: "background" },
    ...{ seat: "hole" as const, lengthMm, inside: true as const },
  });
  const panels = covers
    .filter(({ wall }) => wall.buildUp === "panels")
    .map(
      ({ wall: { face }, rect }): PlacedWay => ({
        ...placed(`behind-${face}`, face, 2 * (rect.widthMm + rect.heightMm)),
        cover: "wedged in by hand",
        way: {
          ...{ name: `behind the ${face} panel`, kind: "slot", nominalMm: FIT_MM },
          toleranceMm: [sawToleranceMm(rect.widthMm)],
        },
      }),
    );
  const { lining, inside } = shell;
  const kept: PlacedWay[] =
    lining && lining.gapMm > 0
      ? [
          {
            // A panel may be planned before it: that is a gap of its own.
            ...placed("behind-lining", lining.face, 2 * inside.heightMm),
            cover: "nothing but its own edges",
            way: { name: "behind the background it came with", kind: "slot", nominalMm: lining.gapMm },
          },
        ]
      : [];
  return [...panels, ...kept].length > 0 ? [fact(WAYS, [...panels, ...kept])] : [];
}
