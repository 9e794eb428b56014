import type { Rect } from "../shell/faces";
import type { AnyVessel, Vessel } from "./schema";

/** A vessel's place on the base, mm. */
export const vesselRect = ({ u, v, width, length }: AnyVessel): Rect => ({
  ...{ uMm: u.value - width.value / 2, vMm: v.value - length.value / 2 },
  ...{ widthMm: width.value, heightMm: length.value },
});

/** Outside, from its foot to its rim, mm. */
export const highMm = ({ depth, wall }: Pick<Vessel, "depth" | "wall">): number => depth.value + wall.value;

/** Where its foot and its rim are above the base, mm, in substrate as high as `groundMm`. */
export function standingOf(vessel: Vessel, groundMm: number): { footMm: number; rimMm: number } {
  const rimMm = groundMm + vessel.rim.value;
  return { footMm: rimMm - highMm(vessel), rimMm };
}

/** Its water's surface, m². */
export function surfaceM2({ width, length, wall, round }: Vessel): number {
  const [w, l] = [width.value, length.value].map((mm) => Math.max(0, mm - 2 * wall.value)) as [number, number];
  return ((round ? Math.PI / 4 : 1) * w * l) / 1e6;
}
