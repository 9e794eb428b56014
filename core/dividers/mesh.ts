import type { Family } from "../materials/face";
import type { Book } from "../materials/schema";
import { baseOf, floorCorner } from "../shell/base";
import type { Shell } from "../shell/shell";
import type { Vec3 } from "../shell/space";
import { type Mesh, prismMesh } from "../shell/wallMesh";
import { runOf } from "./line";
import type { DividerStuff } from "./names";
import type { Divider } from "./schema";
import { dividerMm } from "./stuffs";

/** What each stuff is drawn as. */
const FAMILY: Record<DividerStuff, Family> = {
  ...{ glass: "glass", acrylic: "acrylic", twinWall: "twinWall", mesh: "steel", foamStone: "chipboard" },
};

/** A divider in the round, from end to end; undefined while it stands nowhere. */
export function dividerMesh(shell: Shell, book: Book, divider: Divider): { mesh: Mesh; family: Family } | undefined {
  const base = baseOf(shell);
  const run = runOf(divider, base);
  if (!run) return undefined;
  const [offU, offV] = floorCorner(shell);
  const half = Math.max(0.5, dividerMm(book, divider) / 2);
  const [dx, dy] = [((run.a[1] - run.b[1]) / run.lengthMm) * half, ((run.b[0] - run.a[0]) / run.lengthMm) * half];
  const ring = ([x, y]: readonly [number, number]): Vec3[] => [
    [offU + x - dx, offV + y - dy, 0],
    [offU + x + dx, offV + y + dy, 0],
    [offU + x + dx, offV + y + dy, divider.height.value],
    [offU + x - dx, offV + y - dy, divider.height.value],
  ];
  return { mesh: prismMesh(ring(run.a), ring(run.b)), family: FAMILY[divider.layers[0]!.of] };
}
