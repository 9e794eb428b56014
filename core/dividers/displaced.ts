import type { Book } from "../materials/schema";
import { type Slice, shareOf } from "../shell/taking";
import { type FloorSize, runOf } from "./line";
import type { Divider } from "./schema";
import { dividerMm } from "./stuffs";
import type { Zone } from "./zones";

/** How far from a divider's middle an edge of a zone may lie and be that divider's, mm: rounding. */
const ON_IT_MM = 0.01;

/** Half of each divider that bounds a zone stands in it, m², within a slice of height. */
export const dividersTakeM2 = (
  { outline }: Zone,
  slice: Slice,
  dividers: readonly Divider[],
  floor: FloorSize,
  book: Book,
): number =>
  dividers.reduce((sum, divider) => {
    const run = runOf(divider, floor);
    if (!run) return sum;
    const off = ([x, y]: readonly [number, number]) =>
      Math.abs((run.b[0] - run.a[0]) * (y - run.a[1]) - (run.b[1] - run.a[1]) * (x - run.a[0])) / run.lengthMm;
    const alongMm = outline.reduce((mm, p, i) => {
      const q = outline[(i + 1) % outline.length]!;
      return off(p) < ON_IT_MM && off(q) < ON_IT_MM ? mm + Math.hypot(q[0] - p[0], q[1] - p[1]) : mm;
    }, 0);
    return (
      sum + (alongMm * (dividerMm(book, divider) / 2) * shareOf({ fromMm: 0, toMm: divider.height.value }, slice)) / 1e6
    );
  }, 0);
