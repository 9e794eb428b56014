import type { Variant } from "../document/schema";
import type { Cut } from "../shell/section";
import type { Shell } from "../shell/shell";
import type { Point } from "../shell/space";
import { endsOf, footprint } from "./line";
import type { Branch, Piece } from "./schema";

/** A piece as a section cuts it, in (across, up) mm. */
export interface HardscapeCut {
  id: string;
  kind: "piece" | "stone";
  points: Point[];
}

const box = (from: number, to: number, foot: number, head: number): Point[] => [
  [from, foot],
  [to, foot],
  [to, head],
  [from, head],
];

/** A branch cut across, where it passes the plane; or along, where it lies in it. */
function cutBranch(branch: Branch, axis: 0 | 1, plane: number): Point[] | undefined {
  const [a, b] = endsOf(branch);
  const half = branch.thick.value / 2;
  const through = axis === 0 ? 1 : 0;
  const [near, far] = [Math.min(a[through], b[through]), Math.max(a[through], b[through])];
  if (plane < near - half || plane > far + half) return undefined;
  if (far - near <= branch.thick.value)
    // It lies along the section: its outline, ends square to it.
    return [
      [a[axis], a[2] - half],
      [b[axis], b[2] - half],
      [b[axis], b[2] + half],
      [a[axis], a[2] + half],
    ];
  const share = Math.min(1, Math.max(0, (plane - a[through]) / (b[through] - a[through])));
  const [x, z] = [a[axis] + share * (b[axis] - a[axis]), a[2] + share * (b[2] - a[2])];
  return box(x - half, x + half, z - half, z + half);
}

/**
 * Wood and stone on the floor where a section cuts them.
 * @param atMm where it is cut, from the left or from the front; the middle without
 */
export function cutHardscape(
  shell: Pick<Shell, "inside" | "levels">,
  { hardscape }: Pick<Variant, "hardscape">,
  cut: Cut,
  atMm?: number,
): HardscapeCut[] {
  const axis = cut === "frontBack" ? 1 : 0;
  const plane = atMm ?? (cut === "frontBack" ? shell.inside.widthMm : shell.inside.depthMm) / 2;
  const pointsOf = (piece: Piece): Point[] | undefined => {
    if (piece.shape === "branch") return cutBranch(piece, axis, plane);
    const { uMm, vMm, widthMm, heightMm } = footprint(piece);
    const [from, size, off, deep] = axis === 1 ? [vMm, heightMm, uMm, widthMm] : [uMm, widthMm, vMm, heightMm];
    if (plane < off || plane > off + deep) return undefined;
    const foot = piece.on === "ground" ? shell.levels.groundMm : 0;
    return box(from, from + size, foot, foot + piece.height.value);
  };
  return hardscape.flatMap((piece): HardscapeCut[] => {
    const points = pointsOf(piece);
    return points ? [{ id: piece.id, kind: piece.of === "stone" ? "stone" : "piece", points }] : [];
  });
}
