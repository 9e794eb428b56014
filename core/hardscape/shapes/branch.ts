import type { Vec3 } from "../../shell/space";
import { prismMesh } from "../../shell/wallMesh";
import { branchMm, endsOf } from "../line";
import type { Branch, End } from "../schema";
import { type Rest, type Shape, uprightBox } from "./shape";

const restOf = ({ on, hold, bedWidth, bedHeight }: End): Rest => ({
  ...{ on, hold, bedMm2: bedWidth.value * bedHeight.value },
  bedMm: [bedWidth.value, bedHeight.value],
});
const ofEnd = (side: "left" | "right") => [
  { at: `${side}/height`, what: "How high its end is", leastMm: 0 },
  { at: `${side}/bedWidth`, what: "Its bed's width", leastMm: 1 },
  { at: `${side}/bedHeight`, what: "Its bed's height", leastMm: 1 },
];

/** A branch between two ends, round. */
export const branch: Shape<Branch> = {
  word: () => "branch",
  says: ({ width }, say) => `${say(width.value)} long`,
  m3: (piece) => ((Math.PI / 4) * piece.thick.value ** 2 * branchMm(piece)) / 1e9,
  sizesMm: (piece) => [piece.thick.value, piece.thick.value, branchMm(piece)],
  topMm: ({ left, right, thick }) => Math.max(left.height.value, right.height.value) + thick.value / 2,
  topFormula: "its higher end + half of its thickness",
  rests: ({ left, right }) => [restOf(left), restOf(right)],
  sized: [{ at: "thick", what: "How thick it is", leastMm: 1 }, ...ofEnd("left"), ...ofEnd("right")],
  mesh: (piece) => {
    const half = piece.thick.value / 2;
    const ring = ([x, y, z]: Vec3): Vec3[] => [
      [x, y - half, z - half],
      [x, y + half, z - half],
      [x, y + half, z + half],
      [x, y - half, z + half],
    ];
    const [a, b] = endsOf(piece);
    return prismMesh(ring(a), ring(b));
  },
  // Cut across where it passes the plane; or along, where it lies in it.
  cut: (piece, axis, plane) => {
    const [a, b] = endsOf(piece);
    const half = piece.thick.value / 2;
    const through = axis === 0 ? 1 : 0;
    const [near, far] = [Math.min(a[through], b[through]), Math.max(a[through], b[through])];
    if (plane < near - half || plane > far + half) return undefined;
    if (far - near <= piece.thick.value)
      return [
        [a[axis], a[2] - half],
        [b[axis], b[2] - half],
        [b[axis], b[2] + half],
        [a[axis], a[2] + half],
      ];
    const share = Math.min(1, Math.max(0, (plane - a[through]) / (b[through] - a[through])));
    const [x, z] = [a[axis] + share * (b[axis] - a[axis]), a[2] + share * (b[2] - a[2])];
    return uprightBox(x - half, x + half, z - half, z + half);
  },
  roundness: 2,
};
