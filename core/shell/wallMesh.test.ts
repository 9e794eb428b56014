import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyFoundBuild } from "../../tests/anyShell";
import { jobInput } from "../../tests/job";
import { chosenVariant } from "../document/variant";
import { OPEN_SIDE } from "../materials/face";
import { boxFaces } from "./boxFaces";
import { buildShell } from "./buildShell";
import { areaMm2 } from "./outline";
import type { ShellFace } from "./shell";
import type { Vec3 } from "./space";
import { facing, type Mesh, wallMesh } from "./wallMesh";

const minus = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const dot = (a: Vec3, b: Vec3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** Volume by the divergence theorem: Σ of signed tetrahedra to the origin. Right only for a closed, oriented surface. */
const volume = ({ points, triangles }: Mesh) =>
  Math.abs(triangles.reduce((sum, [a, b, c]) => sum + dot(points[a]!, cross(points[b]!, points[c]!)) / 6, 0));

/** Every edge is walked once each way on a closed surface whose triangles all turn alike. */
function openEdges({ triangles }: Mesh): number {
  const walked = new Map<string, number>();
  for (const [a, b, c] of triangles)
    for (const [from, to] of [
      [a, b],
      [b, c],
      [c, a],
    ]) {
      const key = from! < to! ? `${from}-${to}` : `${to}-${from}`;
      walked.set(key, (walked.get(key) ?? 0) + (from! < to! ? 1 : -1));
    }
  return [...walked.values()].filter((n) => n !== 0).length;
}

const walls = (faces: Record<string, ShellFace>) =>
  Object.values(faces).filter((f) => !f.open && f.material.thicknessMm > 0);

describe("walls as solids", () => {
  it("are closed, and as large as outline × thickness where they are flat", () => {
    fc.assert(
      fc.property(anyFoundBuild(), (design) => {
        const { faces } = buildShell(chosenVariant(design), jobInput().book);
        for (const face of walls(faces)) {
          const mesh = wallMesh(face);
          expect(openEdges(mesh), face.id).toBe(0);
          if (face.frame.kind === "plane")
            expect(volume(mesh) / (areaMm2(face.outline) * face.material.thicknessMm)).toBeCloseTo(1, 6);
        }
      }),
      { numRuns: 40 },
    );
  });

  it("are near a round wall's own volume where they are round", () => {
    fc.assert(
      fc.property(
        anyFoundBuild().filter((b) => chosenVariant(b).shell.kind === "roundTub"),
        (design) => {
          const { faces } = buildShell(chosenVariant(design), jobInput().book);
          for (const id of ["left", "right", "back", "front"] as const) {
            const face = faces[id];
            if (face.frame.kind !== "arc") throw new Error("a round tub's wall is an arc");
            const { footRadiusMm, rimRadiusMm, heightMm } = face.frame;
            const t = face.material.thicknessMm;
            // A quarter of the shell between two frustums, t apart at every height.
            const ring = (r: number) => Math.PI * ((r + t) ** 2 - r ** 2);
            const quarter =
              (heightMm / 6) * (ring(footRadiusMm) + 4 * ring((footRadiusMm + rimRadiusMm) / 2) + ring(rimRadiusMm));
            expect(volume(wallMesh(face)) / (quarter / 4)).toBeGreaterThan(0.97);
            expect(volume(wallMesh(face)) / (quarter / 4)).toBeLessThan(1.01);
          }
        },
      ),
      { numRuns: 25 },
    );
  });

  it("look outwards: every face's out points away from the middle of the shell", () => {
    fc.assert(
      fc.property(anyFoundBuild(), (design) => {
        const { faces, profile } = buildShell(chosenVariant(design), jobInput().book);
        const middle: Vec3 = [profile.footWidthMm / 2, profile.footDepthMm / 2, profile.heightMm / 2];
        for (const face of Object.values(faces)) {
          const { at, out } = facing(face);
          expect(dot(minus(at, middle), out), face.id).toBeGreaterThan(0);
          expect(Math.hypot(...out)).toBeCloseTo(1, 9);
        }
      }),
      { numRuns: 40 },
    );
  });

  it("stand where a builder expects: x to the right, y to the back, z up", () => {
    const faces = boxFaces({ widthMm: 900, depthMm: 400, heightMm: 500 }, () => OPEN_SIDE, []);
    expect(facing(faces.left)).toEqual({ at: [0, 200, 250], out: [-1, 0, 0] });
    expect(facing(faces.right)).toEqual({ at: [900, 200, 250], out: [1, 0, 0] });
    expect(facing(faces.back)).toEqual({ at: [450, 400, 250], out: [0, 1, 0] });
    expect(facing(faces.front)).toEqual({ at: [450, 0, 250], out: [0, -1, 0] });
    expect(facing(faces.top)).toEqual({ at: [450, 200, 500], out: [0, 0, 1] });
    expect(facing(faces.base)).toEqual({ at: [450, 200, 0], out: [0, 0, -1] });
  });
});
