import type { Vec3 } from "../shell/space";
import type { Branch, End, Piece } from "./schema";

/** A piece's footprint on the base, mm. */
export const footprint = ({ u, v, width, length }: Piece) => ({
  uMm: u.value - width.value / 2,
  vMm: v.value - length.value / 2,
  widthMm: width.value,
  heightMm: length.value,
});

/** Both ends of a branch in the shell's space, the left one first. */
export function endsOf({ u, v, width, length, thick, left, right, runs }: Branch): [Vec3, Vec3] {
  // Its footprint is as long as the branch is thick where it runs straight along.
  const half = Math.max(0, length.value - thick.value) / 2;
  const back = runs === "back" ? half : -half;
  return [
    [u.value - width.value / 2, v.value - back, left.height.value],
    [u.value + width.value / 2, v.value + back, right.height.value],
  ];
}

/** Length of a branch from end to end, mm. */
export function branchMm(branch: Branch): number {
  const [a, b] = endsOf(branch);
  return Math.hypot(...a.map((x, i) => x - b[i]!));
}

/** Both ends with what they are told by. */
export const namedEnds = (branch: Branch): { side: "left" | "right"; end: End; at: Vec3 }[] => {
  const [left, right] = endsOf(branch);
  return [
    { side: "left", end: branch.left, at: left },
    { side: "right", end: branch.right, at: right },
  ];
};
