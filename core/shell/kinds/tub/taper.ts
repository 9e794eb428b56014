import type { FaceId } from "../../../design/names";
import type { FaceMaterial } from "../../../materials/face";
import { rectangle, trapezium } from "../../outline";
import type { Profile } from "../../profile";
import type { ShellFace } from "../../shell";
import { slantMm, type Vec3 } from "../../space";

/** The faces of a tub that widens to its rim: walls lean out, u along the rim, v up the slope; the lid lies on the rim. */
export function taperedFaces(profile: Profile, wall: FaceMaterial): Record<FaceId, ShellFace> {
  const { footWidthMm, footDepthMm, rimWidthMm, rimDepthMm, heightMm } = profile;
  // How far the rim stands out past the foot on each side.
  const outX = (rimWidthMm - footWidthMm) / 2;
  const outY = (rimDepthMm - footDepthMm) / 2;
  const slopeX = slantMm(heightMm, outX);
  const slopeY = slantMm(heightMm, outY);
  const wallFace = (
    id: FaceId,
    origin: Vec3,
    u: Vec3,
    lean: Vec3,
    out: Vec3,
    footMm: number,
    rimMm: number,
    slopeMm: number,
  ): ShellFace => ({
    id,
    material: wall,
    open: false,
    frame: { kind: "plane", origin, u, v: lean, out },
    outline: trapezium(footMm, rimMm, slopeMm),
    room: {
      uMm: Math.abs(rimMm - footMm) / 2,
      vMm: 0,
      widthMm: Math.min(footMm, rimMm),
      heightMm: slopeMm,
    },
  });
  const flat = (id: FaceId, origin: Vec3, out: Vec3, w: number, d: number, material: FaceMaterial): ShellFace => ({
    id,
    material,
    open: false,
    frame: { kind: "plane", origin, u: [1, 0, 0], v: [0, 1, 0], out },
    outline: rectangle(w, d),
    room: { uMm: 0, vMm: 0, widthMm: w, heightMm: d },
  });
  const up = heightMm / slopeX;
  const upY = heightMm / slopeY;
  const sideX = outX / slopeX;
  const sideY = outY / slopeY;
  return {
    base: flat("base", [0, 0, 0], [0, 0, -1], footWidthMm, footDepthMm, wall),
    top: flat("top", [-outX, -outY, heightMm], [0, 0, 1], rimWidthMm, rimDepthMm, wall),
    left: wallFace(
      "left",
      [0, -Math.max(0, outY), 0],
      [0, 1, 0],
      [-sideX, 0, up],
      [-up, 0, -sideX],
      footDepthMm,
      rimDepthMm,
      slopeX,
    ),
    right: wallFace(
      "right",
      [footWidthMm, -Math.max(0, outY), 0],
      [0, 1, 0],
      [sideX, 0, up],
      [up, 0, -sideX],
      footDepthMm,
      rimDepthMm,
      slopeX,
    ),
    back: wallFace(
      "back",
      [-Math.max(0, outX), footDepthMm, 0],
      [1, 0, 0],
      [0, sideY, upY],
      [0, upY, -sideY],
      footWidthMm,
      rimWidthMm,
      slopeY,
    ),
    front: wallFace(
      "front",
      [-Math.max(0, outX), 0, 0],
      [1, 0, 0],
      [0, -sideY, upY],
      [0, -upY, -sideY],
      footWidthMm,
      rimWidthMm,
      slopeY,
    ),
  };
}
