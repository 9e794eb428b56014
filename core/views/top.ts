import type { Variant } from "../document/schema";
import { featureRect } from "../features/feature";
import { fixtureKind } from "../fixtures/kinds/list";
import { coneFromAbove, nozzlesOf } from "../fixtures/mistCover";
import { fixtureRect } from "../fixtures/place";
import { footprint } from "../hardscape/line";
import type { Box } from "../labels/place";
import type { Rect } from "../shell/faces";
import type { Shell } from "../shell/shell";
import { toSpace } from "../shell/space";

/** The top from above with the front below: what hangs on it, what is open in it, and what stands under it. */
export function topView({ shell, variant }: { shell: Shell; variant: Variant }, room: Box) {
  const { widthMm, depthMm } = shell.inside;
  const scale = Math.min(room.width / widthMm, room.height / depthMm);
  const at = (xMm: number, yMm: number) => ({ x: room.x + xMm * scale, y: room.y + (depthMm - yMm) * scale });
  const box = (x1: number, y1: number, x2: number, y2: number): Box => {
    const [a, b] = [at(Math.min(x1, x2), Math.max(y1, y2)), at(Math.max(x1, x2), Math.min(y1, y2))];
    return { ...a, width: b.x - a.x, height: b.y - a.y };
  };
  const onTop = ({ uMm, vMm, widthMm: w, heightMm: h }: Rect): Box => {
    const { frame } = shell.faces.top;
    const [a, b] = [toSpace(frame, [uMm, vMm]), toSpace(frame, [uMm + w, vMm + h])];
    return box(a[0], a[1], b[0], b[1]);
  };
  return {
    scale,
    onTop,
    outline: box(0, 0, widthMm, depthMm),
    openings: variant.features.filter((f) => f.face === "top").map((f) => ({ id: f.id, ...onTop(featureRect(f)) })),
    pieces: variant.hardscape.map((piece) => {
      const { uMm, vMm, widthMm: w, heightMm: h } = footprint(piece);
      return { id: piece.id, ...box(uMm, vMm, uMm + w, vMm + h) };
    }),
    fixtures: variant.fixtures
      .filter((f) => f.face === "top" && !fixtureKind(f).inRoom)
      .map((f) => ({ id: f.id, name: f.name, inside: f.side === "inside", ...onTop(fixtureRect(f)) })),
    /** What the rim of each nozzle's cone strikes, from above. */
    sprays: nozzlesOf({ shell, variant }).map(({ id, coneDeg, place }) => ({
      id,
      points: coneFromAbove(shell, place, coneDeg).map(([x, y]) => at(x, y)),
    })),
  };
}
