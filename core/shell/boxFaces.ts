import type { FaceId } from "../design/names";
import type { FaceMaterial } from "../materials/face";
import { areaMm2, centroid, rectangle } from "./outline";
import type { ShellFace, Solid } from "./shell";
import type { Size3 } from "./size";
import { outwards, toSpace, type Vec3 } from "./space";

const X: Vec3 = [1, 0, 0];
const Y: Vec3 = [0, 1, 0];
const Z: Vec3 = [0, 0, 1];

/** The six faces of a plain box. */
export function boxFaces(
  { widthMm: w, depthMm: d, heightMm: h }: Size3,
  material: (face: FaceId) => FaceMaterial,
  open: readonly FaceId[],
): Record<FaceId, ShellFace> {
  const face = (id: FaceId, origin: Vec3, u: Vec3, v: Vec3, out: Vec3, across: number, up: number): ShellFace => ({
    id,
    material: material(id),
    open: open.includes(id),
    frame: { kind: "plane", origin, u, v, out },
    outline: rectangle(across, up),
    room: { uMm: 0, vMm: 0, widthMm: across, heightMm: up },
  });
  return {
    base: face("base", [0, 0, 0], X, Y, [0, 0, -1], w, d),
    top: face("top", [0, 0, h], X, Y, Z, w, d),
    left: face("left", [0, 0, 0], Y, Z, [-1, 0, 0], d, h),
    right: face("right", [w, 0, 0], Y, Z, X, d, h),
    back: face("back", [0, d, 0], X, Z, Y, w, h),
    front: face("front", [0, 0, 0], X, Z, [0, -1, 0], w, h),
  };
}

/** A face's wall as a solid: area × thickness × density, in the middle of its thickness. */
export function faceSolid(face: ShellFace, label: string): Solid {
  const middle = centroid(face.outline);
  const [x, y, z] = toSpace(face.frame, middle);
  const [ox, oy, oz] = outwards(face.frame, middle);
  const { thicknessMm, densityKgPerM3 } = face.material;
  const half = thicknessMm / 2;
  return {
    id: `face/${face.id}`,
    label,
    kg: (areaMm2(face.outline) * thicknessMm * densityKgPerM3.value) / 1e9,
    at: [x + ox * half, y + oy * half, z + oz * half],
  };
}

export const FACE_WORDS: Record<FaceId, string> = {
  base: "Base",
  top: "Top",
  left: "Left side",
  right: "Right side",
  back: "Back",
  front: "Front",
};
