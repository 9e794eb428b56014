import { runOf } from "../dividers/line";
import { dividerMm } from "../dividers/stuffs";
import { cutOf } from "../dividers/zones";
import { groundAtMm } from "../levels/levels";
import { baseOf } from "../shell/base";
import type { Cut } from "../shell/section";
import type { Site } from "../shell/site";
import type { Point } from "../shell/space";
import { poolsOf } from "../vessels/split";
import type { LayerKindId } from "./layers/schema";
import { isApart, keptApart } from "./poolLevel";
import { strataIn } from "./strataIn";
import { floorZones } from "./zones";

/** A piece of what fills a section, in (across, up) mm. */
export interface FillPiece {
  id: string;
  kind: LayerKindId | "water" | "soaked" | "divider";
  points: Point[];
}

/** Narrower strips of a section are not drawn, mm. */
const SLIVER_MM = 1;

type Between = [from: number, to: number];

/** What is left of an interval once others are taken out of it. */
function without(from: readonly Between[], holes: readonly Between[]): Between[] {
  return holes
    .reduce<Between[]>(
      (left, [a, b]) =>
        left.flatMap(([x, y]): Between[] =>
          b <= x || a >= y ? [[x, y]] : [[x, Math.max(x, a)] as Between, [Math.min(y, b), y] as Between],
        ),
      [...from],
    )
    .filter(([x, y]) => y - x > SLIVER_MM);
}

/**
 * What fills a section: the layers of each part of the land, water where it stands, and the dividers between them.
 * @param atMm where it is cut, from the left (front to back) or from the front (left to right); the middle without
 */
export function cutStrata(site: Pick<Site, "shell" | "variant" | "book">, cut: Cut, atMm?: number): FillPiece[] {
  const { shell, variant } = site;
  const { levels, inside, profile } = shell;
  const base = baseOf(shell);
  const along = cut === "frontBack";
  const axis = along ? 1 : 0;
  const [length, room] = along ? [base.depthMm, inside.depthMm] : [base.widthMm, inside.widthMm];
  const [across, acrossRoom] = along ? [base.widthMm, inside.widthMm] : [base.depthMm, inside.depthMm];
  // Walls that lean and trays that stand off them: the floor lies in the middle.
  const foot = along ? profile.footDepthMm : profile.footWidthMm;
  const rim = along ? profile.rimDepthMm : profile.rimWidthMm;
  const start = shell.tray ? (room - length) / 2 : 0;
  const leans = shell.tray ? 0 : (rim - foot) / 2 / profile.heightMm;
  const at = (atMm ?? acrossRoom / 2) - (acrossRoom - across) / 2;
  const plane = Math.min(across, Math.max(0, at));
  const share = (mm: number) => Math.min(1, Math.max(0, along ? mm / length : at / across));
  /** A band between two heights, each given at a share of the way to the back, from one place to another. */
  const band = ([from, to]: Between, low: (s: number) => number, high: (s: number) => number): Point[] => {
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
  const flat = (mm: number) => () => mm;
  const pieces: FillPiece[] = [];
  const walls = variant.dividers.flatMap((divider): { id: string; at: Between; heightMm: number }[] => {
    const run = runOf(divider, base);
    if (!run) return [];
    const other = axis === 0 ? 1 : 0;
    const [a, b] = [run.a, run.b];
    const [low, high] = [Math.min(a[other], b[other]), Math.max(a[other], b[other])];
    if (plane < low || plane > high || high - low < SLIVER_MM) return [];
    const mid = a[axis] + ((plane - a[other]) / (b[other] - a[other])) * (b[axis] - a[axis]);
    // Cut at a slant it looks thicker.
    const half = (dividerMm(site.book, divider) * (run.lengthMm / Math.abs(b[other] - a[other]))) / 2;
    const on = (mm: number) => Math.min(length, Math.max(0, mm));
    return [{ id: divider.id, at: [on(mid - half), on(mid + half)], heightMm: divider.height.value }];
  });
  const placed = poolsOf(variant.vessels).flatMap((pool): Between[] => {
    if (pool.zone !== null) return [];
    const [mid, half, otherMid, otherHalf] = along
      ? [pool.v.value, pool.length.value / 2, pool.u.value, pool.width.value / 2]
      : [pool.u.value, pool.width.value / 2, pool.v.value, pool.length.value / 2];
    const on = (mm: number) => Math.min(length, Math.max(0, mm));
    return Math.abs(at - otherMid) <= otherHalf ? [[on(mid - half), on(mid + half)]] : [];
  });
  const shared = !keptApart(variant) || poolsOf(variant.vessels).some((p) => !isApart(variant, p));
  const top = Math.max(groundAtMm(levels, 0), groundAtMm(levels, 1));
  const pool = (id: string, between: Between) => {
    if (levels.waterMm > 0) pieces.push({ id, kind: "water", points: band(between, flat(0), flat(levels.waterMm)) });
  };
  let n = 0;
  for (const zone of floorZones(site)) {
    const own = cutOf(zone, axis, plane);
    if (!own) continue;
    if (zone.pool) {
      pool(`pool-${zone.id}`, own);
      continue;
    }
    for (const between of without([own], placed)) {
      const i = n++;
      for (const s of strataIn(site, zone.id))
        pieces.push({
          ...{ id: `${s.id}-${i}`, kind: s.kind },
          points: band(
            between,
            (x) => s.fromFrontMm + (s.fromBackMm - s.fromFrontMm) * x,
            (x) => s.frontMm + (s.backMm - s.frontMm) * x,
          ),
        });
      if (levels.waterMm > 0 && shared)
        pieces.push({
          ...{ id: `soaked-${i}`, kind: levels.waterMm > top ? "water" : "soaked" },
          points: band(between, flat(levels.waterMm > top ? top : 0), flat(levels.waterMm)),
        });
    }
  }
  for (const [i, between] of placed.entries()) if (between[1] > between[0]) pool(`pool-${i}`, between);
  // Dividers stand before what they part.
  for (const { id, at: between, heightMm } of walls)
    pieces.push({ id: `divider-${id}`, kind: "divider", points: band(between, flat(0), flat(heightMm)) });
  return pieces;
}
