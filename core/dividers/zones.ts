import { clip, type Line, leftOf } from "../shell/clip";
import { areaMm2 } from "../shell/outline";
import type { Point } from "../shell/space";
import { type FloorSize, runOf } from "./line";
import type { Divider } from "./schema";

/** A part of the floor, as the dividers leave it. */
export interface Zone {
  /**
   * Which side of each divider that parts it, in their order: `mesh:a/pane:b`. `a` is the left of a divider that runs from
   * the front to the back. Empty for a floor in one. A zone that is parted again begins with the same words.
   */
  id: string;
  /** In words: `left of the mesh`; `the floor` in one. */
  words: string;
  /** Its corners, to the middle of each divider, from the front left corner, mm. */
  outline: Point[];
  /** To the middle of each divider, m². */
  m2: number;
}

const areaM2 = (points: readonly Point[]): number => areaMm2(points) / 1e6;

const middle = (points: readonly Point[]): Point => [
  points.reduce((s, p) => s + p[0], 0) / points.length,
  points.reduce((s, p) => s + p[1], 0) / points.length,
];

/** What a side is called: by where its middle lies of the divider's own. */
function sideWords({ a, b }: Line, outline: readonly Point[], name: string): string {
  const [x, y] = middle(outline);
  const across = Math.abs(b[0] - a[0]) > Math.abs(b[1] - a[1]);
  const [mx, my] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  return `${across ? (y < my ? "in front of" : "behind") : x < mx ? "left of" : "right of"} ${name.toLowerCase()}`;
}

/** Slivers of a part this small are no zone of their own, m²: from memory. */
const SLIVER_M2 = 1e-5;

/**
 * The floor as its dividers part it. A divider parts every zone that its line crosses; one that runs along the edge of a
 * zone, or meets no wall, parts none.
 * @returns one zone at least; their areas sum to the floor's
 */
export function zonesOf(floor: FloorSize, dividers: readonly Divider[]): Zone[] {
  const { widthMm, depthMm, round } = floor;
  const whole: Zone = {
    ...{ id: "", words: "the floor", m2: ((round ? Math.PI / 4 : 1) * widthMm * depthMm) / 1e6 },
    outline: [
      [0, 0],
      [widthMm, 0],
      [widthMm, depthMm],
      [0, depthMm],
    ],
  };
  return dividers.reduce<Zone[]>(
    (zones, divider) => {
      const run = runOf(divider, floor);
      if (!run) return zones;
      return zones.flatMap((zone) => {
        const sides = (["a", "b"] as const).map((side) => {
          const outline = clip(zone.outline, run, side === "a" ? 1 : -1);
          const words = sideWords(run, outline, divider.name);
          return {
            ...{ id: zone.id === "" ? `${divider.id}:${side}` : `${zone.id}/${divider.id}:${side}`, outline },
            ...{ words: zone.id === "" ? words : `${zone.words}, ${words}`, m2: areaM2(outline) },
          };
        });
        return sides.some((s) => s.outline.length < 3 || s.m2 < SLIVER_M2) ? [zone] : sides;
      });
    },
    [whole],
  );
}

/** The part of an interval along a straight cut that a zone takes; undefined where it is missed. */
export function cutOf({ outline }: Zone, axis: 0 | 1, plane: number): [number, number] | undefined {
  const other = axis === 0 ? 1 : 0;
  const hits = outline.flatMap((p, i): number[] => {
    const q = outline[(i + 1) % outline.length]!;
    const [dp, dq] = [p[other] - plane, q[other] - plane];
    if (dp === 0 && dq === 0) return [p[axis], q[axis]];
    // Signs, not products: those of very small distances are nothing.
    if (Math.sign(dp) * Math.sign(dq) > 0) return [];
    return [p[axis] + ((q[axis] - p[axis]) * dp) / (dp - dq)];
  });
  if (hits.length < 2) return undefined;
  const [low, high] = [Math.min(...hits), Math.max(...hits)];
  return high - low > 1e-6 ? [low, high] : undefined;
}

/** Whether a point of the floor lies in a zone. */
export function holds({ outline }: Zone, [x, y]: Point): boolean {
  const signs = outline.map((p, i) => leftOf({ a: p, b: outline[(i + 1) % outline.length]! }, [x, y]));
  return signs.every((s) => s >= -1e-6) || signs.every((s) => s <= 1e-6);
}

/** The parts of the floor that a name means: the one of that name, or those it has been parted into since. */
export const zonesNamed = <Z extends Pick<Zone, "id">>(zones: readonly Z[], name: string | null): Z[] =>
  zones.filter(({ id }) => id !== "" && name !== null && (id === name || id.startsWith(`${name}/`)));

/** How far a part of the floor reaches the long way, mm. */
export const longestMm = (zones: readonly Pick<Zone, "outline">[]): number => {
  const points = zones.flatMap((z) => z.outline);
  const span = (i: 0 | 1) => Math.max(0, Math.max(...points.map((p) => p[i])) - Math.min(...points.map((p) => p[i])));
  return points.length === 0 ? 0 : Math.max(span(0), span(1));
};
