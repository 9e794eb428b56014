import type { FaceId } from "../design/names";
import type { Box } from "../labels/place";
import type { Rect } from "../shell/faces";
import { type Net, toNet } from "../shell/net";

/** A rectangle of a face as a rectangle of the drawing, in drawing units. */
export function drawRect(face: FaceId, rect: Rect, net: Pick<Net, "faces">, scale: number): Box {
  const a = toNet(face, rect.uMm, rect.vMm, net);
  const b = toNet(face, rect.uMm + rect.widthMm, rect.vMm + rect.heightMm, net);
  return {
    x: Math.min(a.x, b.x) * scale,
    y: Math.min(a.y, b.y) * scale,
    width: Math.abs(a.x - b.x) * scale,
    height: Math.abs(a.y - b.y) * scale,
  };
}
