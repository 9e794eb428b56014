import type { Shell } from "../shell/shell";
import type { Point, Vec3 } from "../shell/space";
import type { Mesh } from "../shell/wallMesh";
import { type Cover, standsOutMm } from "./cover";
import { outIntoRoom } from "./cut";

/** Columns and rows a wall's relief is modelled by. */
const GRID = 24;

/** A wall's background as a relief for the model: its face towards the room. */
export function coverMesh(shell: Shell, cover: Cover): Mesh {
  const { uMm, vMm, widthMm, heightMm } = cover.rect;
  const at = (i: number, j: number): Point => [uMm + (widthMm * i) / GRID, vMm + (heightMm * j) / GRID];
  const points: Vec3[] = [];
  for (let j = 0; j <= GRID; j++)
    for (let i = 0; i <= GRID; i++) {
      const p = at(i, j);
      points.push(outIntoRoom(shell, cover, p, Math.max(0.5, standsOutMm(cover, p[0], p[1]))));
    }
  const triangles: Mesh["triangles"] = [];
  for (let j = 0; j < GRID; j++)
    for (let i = 0; i < GRID; i++) {
      const a = j * (GRID + 1) + i;
      const b = a + 1;
      const c = a + GRID + 1;
      triangles.push([a, b, c + 1], [a, c + 1, c]);
    }
  return { points, triangles };
}

/** The ground's top from wall to wall, sloped from front to back. */
export function groundMesh({ inside }: Pick<Shell, "inside">, frontMm: number, backMm: number): Mesh {
  return {
    points: [
      [0, 0, frontMm],
      [inside.widthMm, 0, frontMm],
      [inside.widthMm, inside.depthMm, backMm],
      [0, inside.depthMm, backMm],
    ],
    triangles: [
      [0, 1, 2],
      [0, 2, 3],
    ],
  };
}
