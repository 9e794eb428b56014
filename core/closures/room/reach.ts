import { constant, type Figure, type Known, memory } from "../../figures/figure";
import type { Snag } from "../../ledgers/ledger";
import type { Rect } from "../../shell/faces";
import type { Opening } from "../../shell/shell";
import type { Site } from "../../shell/site";
import { type Frame, toSpace, type Vec3 } from "../../shell/space";
import { capital } from "../../units/capital";
import { over } from "../../units/tolerance";

/** How far an arm reaches in through an opening, mm (source: door-rules). */
export const ARM_MM: Known = { value: 600, low: 500, high: 700, basis: memory };

/** From a point to the nearest point of a rectangle on a flat face, mm. */
function toRect(at: Vec3, frame: Extract<Frame, { kind: "plane" }>, { uMm, vMm, widthMm, heightMm }: Rect): number {
  const from = at.map((x, i) => x - frame.origin[i]!);
  const along = (axis: Vec3) => axis.reduce((sum, a, i) => sum + a * from[i]!, 0);
  const past = (x: number, low: number, length: number) => Math.max(low - x, 0, x - low - length);
  return Math.hypot(past(along(frame.u), uMm, widthMm), past(along(frame.v), vMm, heightMm), along(frame.out));
}

interface Spot {
  mm: number;
  words: string;
}

/** The spot of the ground that lies farthest from every opening; undefined on a shell without a flat one. */
export function farthestSpot({ faces, levels, inside }: Site["shell"], openings: readonly Opening[]): Spot | undefined {
  const spots = faces.base.outline.map((point): Spot => {
    const [x, y, z] = toSpace(faces.base.frame, point);
    const at: Vec3 = [x, y, z + levels.groundMm];
    const reaches = openings.flatMap((opening) => {
      const { frame } = faces[opening.face];
      return frame.kind === "plane" ? [toRect(at, frame, opening)] : [];
    });
    const words = `the ${y > inside.depthMm / 2 ? "back" : "front"} ${x < inside.widthMm / 2 ? "left" : "right"}`;
    return { mm: Math.min(...reaches), words };
  });
  const farthest = spots.reduce<Spot | undefined>((a, b) => (a && a.mm >= b.mm ? a : b), undefined);
  return farthest && Number.isFinite(farthest.mm) ? farthest : undefined;
}

/** How far a hand must reach, and whether it does. @param openings those that can be opened */
export function reachOfHand(site: Site, openings: readonly Opening[]): { figures: Figure[]; snags: Snag[] } {
  const spot = farthestSpot(site.shell, openings);
  if (!spot) return { figures: [], snags: [] };
  const figure: Figure = {
    id: "front/reach",
    label: "Farthest the ground is reached",
    value: spot.mm,
    unit: "mm",
    rounding: "up",
    formula: `straight from the nearest edge of an opening to ${spot.words} of the ground`,
    inputs: [
      ...openings.map((o) => ({ name: `${o.face} opening, wide`, value: o.widthMm, unit: "mm" })),
      { name: "ground above the base", value: site.shell.levels.groundMm, unit: "mm" },
      constant("an arm reaches", ARM_MM, "mm"),
    ],
  };
  // An arm is not known to the millimetre.
  const aboutMm = Math.round(spot.mm / 10) * 10;
  const far = over(aboutMm, ARM_MM.value);
  return {
    figures: [figure],
    snags: far
      ? [
          {
            rule: "front/out-of-reach",
            subject: "ground",
            severity: "note",
            stage: "front",
            title: "An arm does not reach all of the ground",
            sentence: `${capital(spot.words)} lies about ${site.say(aboutMm)} from the nearest opening; an arm reaches ${site.say(ARM_MM.value)}.`,
            reason: "What is not reached is not cleaned, and what hides there is not fetched out (from memory).",
            figure: figure.id,
          },
        ]
      : [],
  };
}
