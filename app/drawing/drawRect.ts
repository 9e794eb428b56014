import type { FaceId } from "#core/design/names";
import type { Rect } from "#core/shell/faces";
import { type Net, toNet } from "#core/shell/net";

/** A rectangle of a face as a rectangle of the drawing. */
export function drawRect(face: FaceId, rect: Rect, net: Pick<Net, "faces">, scale: number) {
  const a = toNet(face, rect.uMm, rect.vMm, net);
  const b = toNet(face, rect.uMm + rect.widthMm, rect.vMm + rect.heightMm, net);
  return {
    x: Math.min(a.x, b.x) * scale,
    y: Math.min(a.y, b.y) * scale,
    width: Math.abs(a.x - b.x) * scale,
    height: Math.abs(a.y - b.y) * scale,
  };
}
