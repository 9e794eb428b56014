import type { FaceId } from "../../design/names";
import type { Shell } from "../../shell/shell";
import { outwards, toSpace, type Vec3 } from "../../shell/space";
import { type Mesh, prismMesh } from "../../shell/wallMesh";
import type { Leaf } from "../kind";

/** A corner of a leaf by its face: along it, up it, and out of it, mm. */
export type Corner = readonly [uMm: number, vMm: number, outMm: number];

/** A leaf that hangs on hinges opens so far in the model, and lies clear of the jamb from 0 on. */
export const OPEN_DEG = 90;

/**
 * The eight corners of a leaf as it stands: shut, or opened.
 * A leaf on hinges turns outward about the outer corner of its hinge side; one that lifts goes up its face, one that comes off
 * leaves it, and one that slides goes along.
 * @param deg how far it is open; of what lifts or slides, any share of `OPEN_DEG`
 * @returns inner face first, from its lower left round, then the outer face in the same order
 */
export function cornersAt({ rect, moves }: Leaf, deg: number): Corner[] {
  const { uMm, vMm, widthMm, heightMm } = rect;
  const thick = moves?.thicknessMm ?? 0;
  const flat = (out: number): Corner[] => [
    [uMm, vMm, out],
    [uMm + widthMm, vMm, out],
    [uMm + widthMm, vMm + heightMm, out],
    [uMm, vMm + heightMm, out],
  ];
  const shut = [...flat(0), ...flat(thick)];
  if (!moves || moves.how === "stays" || deg === 0) return shut;
  const share = deg / OPEN_DEG;
  switch (moves.how) {
    case "lifts":
      return shut.map(([u, v, out]): Corner => [u, v + share * moves.byMm, out]);
    case "comesOff":
      return shut.map(([u, v, out]): Corner => [u, v, out + share * heightMm]);
    case "slides":
      return shut.map(
        ([u, v, out]): Corner =>
          moves.along === "u" ? [u - share * moves.byMm, v, out] : [u, v - share * moves.byMm, out],
      );
    case "swings": {
      const angle = (deg * Math.PI) / 180;
      const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
      const { hangs } = moves;
      const pin = { left: uMm, right: uMm + widthMm, head: vMm + heightMm }[hangs];
      return shut.map(([u, v, out]): Corner => {
        const along = { left: u - pin, right: pin - u, head: pin - v }[hangs];
        const depth = out - thick;
        const turned = along * cos - depth * sin;
        const off = thick + along * sin + depth * cos;
        if (hangs === "head") return [u, pin - turned, off];
        return [hangs === "left" ? pin + turned : pin - turned, v, off];
      });
    }
  }
}

/** A leaf in the round, by the corners it has when it is open so far. */
export function leafMesh(shell: Pick<Shell, "faces">, face: FaceId, leaf: Leaf, deg: number): Mesh {
  const { frame } = shell.faces[face];
  const points = cornersAt(leaf, deg).map(([u, v, out]): Vec3 => {
    const [x, y, z] = toSpace(frame, [u, v]);
    const [ox, oy, oz] = outwards(frame, [u, v]);
    return [x + ox * out, y + oy * out, z + oz * out];
  });
  return prismMesh(points.slice(0, 4), points.slice(4));
}
