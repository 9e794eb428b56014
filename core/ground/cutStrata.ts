import type { Variant } from "../document/schema";
import { groundAtMm } from "../levels/levels";
import { baseOf } from "../shell/base";
import type { Cut } from "../shell/section";
import type { Shell } from "../shell/shell";
import type { Point } from "../shell/space";
import { floorOf } from "./area";
import { keptApart, poolDivider } from "./poolLevel";

/** A piece of what fills a section, in (across, up) mm. */
export interface FillPiece {
  id: string;
  kind: "drain" | "charcoal" | "mix" | "water" | "soaked" | "divider";
  points: Point[];
}

const DIVIDER_MM = 6;

/**
 * What fills a section: the layers of the land, water where it stands, and the pane between them.
 * @param atMm where it is cut, from the left (front to back) or from the front (left to right); the middle without
 */
export function cutStrata(
  shell: Shell,
  variant: Pick<Variant, "ground" | "seal">,
  cut: Cut,
  atMm?: number,
): FillPiece[] {
  const { levels, inside, profile } = shell;
  const { pool } = variant.ground;
  const floor = floorOf(baseOf(shell), pool);
  const along = cut === "frontBack";
  const [length, room] = along ? [floor.depthMm, inside.depthMm] : [floor.widthMm, inside.widthMm];
  const [across, acrossRoom] = along ? [floor.widthMm, inside.widthMm] : [floor.depthMm, inside.depthMm];
  // Walls that lean and trays that stand off them: the floor lies in the middle.
  const foot = along ? profile.footDepthMm : profile.footWidthMm;
  const rim = along ? profile.rimDepthMm : profile.rimWidthMm;
  const start = shell.tray ? (room - length) / 2 : 0;
  const leans = shell.tray ? 0 : (rim - foot) / 2 / profile.heightMm;
  const at = (atMm ?? acrossRoom / 2) - (acrossRoom - across) / 2;
  const [mid, half, otherMid, otherHalf] = pool
    ? along
      ? [pool.v.value, pool.length.value / 2, pool.u.value, pool.width.value / 2]
      : [pool.u.value, pool.width.value / 2, pool.v.value, pool.length.value / 2]
    : [0, 0, 0, -1];
  const through = pool !== null && Math.abs(at - otherMid) <= otherHalf;
  const onFloor = (mm: number) => Math.min(length, Math.max(0, mm));
  const [poolFrom, poolTo] = through ? [onFloor(mid - half), onFloor(mid + half)] : [0, 0];
  const land: [number, number][] = through
    ? (
        [
          [0, poolFrom],
          [poolTo, length],
        ] as [number, number][]
      ).filter(([a, b]) => b - a > 1)
    : [[0, length]];
  /** A band between two heights, each given at a share of the way to the back, from one place to another. */
  const band = (from: number, to: number, low: (s: number) => number, high: (s: number) => number): Point[] => {
    const share = (mm: number) => Math.min(1, Math.max(0, along ? mm / length : at / across));
    const point = (mm: number, z: number): Point => {
      const out = mm <= 0 ? -leans * z : mm >= length ? leans * z : 0;
      return [start + mm + out, z];
    };
    return [
      point(from, low(share(from))),
      point(to, low(share(to))),
      point(to, high(share(to))),
      point(from, high(share(from))),
    ];
  };
  const pieces: FillPiece[] = [];
  for (const [i, [from, to]] of land.entries()) {
    for (const s of levels.strata)
      pieces.push({
        id: `${s.id}-${i}`,
        kind: s.id,
        points: band(
          from,
          to,
          (x) => s.fromFrontMm + (s.fromBackMm - s.fromFrontMm) * x,
          (x) => s.frontMm + (s.backMm - s.frontMm) * x,
        ),
      });
    const top = Math.max(groundAtMm(levels, 0), groundAtMm(levels, 1));
    if (levels.waterMm > 0 && !keptApart(variant))
      pieces.push({
        id: `soaked-${i}`,
        kind: levels.waterMm > top ? "water" : "soaked",
        points: band(
          from,
          to,
          () => (levels.waterMm > top ? top : 0),
          () => levels.waterMm,
        ),
      });
  }
  if (poolTo > poolFrom && levels.waterMm > 0)
    pieces.push({
      id: "pool",
      kind: "water",
      points: band(
        poolFrom,
        poolTo,
        () => 0,
        () => levels.waterMm,
      ),
    });
  const divider = poolDivider(variant);
  if (through && divider)
    for (const [id, edge] of [
      ["front", poolFrom],
      ["back", poolTo],
    ] as const)
      if (edge > 1 && edge < length - 1) {
        const mm = Math.max(0, Math.min(length - DIVIDER_MM, edge - DIVIDER_MM / 2));
        pieces.push({
          id: `divider-${id}`,
          kind: "divider",
          points: band(
            mm,
            mm + DIVIDER_MM,
            () => 0,
            () => divider.height.value,
          ),
        });
      }
  return pieces;
}
