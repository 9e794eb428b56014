import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, Units } from "@tarikjabiri/dxf";
import { FACES } from "../core/design/names";
import { cutShapes, featureName, featureRect } from "../core/features/feature";
import { partOutline } from "../core/odd/corners";
import type { Plan } from "../core/plan";
import { layNet } from "../core/shell/net";
import { extent } from "../core/shell/outline";
import type { Point } from "../core/shell/space";
import { same } from "../core/units/tolerance";

/** Millimetres between sheets, and between faces. */
const GAP_MM = 100;
const TEXT_MM = 20;

/** A drawing in millimetres with the layers a machine is told apart by. */
function startDxf() {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  dxf.addLayer("CUT", Colors.Red, "CONTINUOUS");
  dxf.addLayer("DRILL", Colors.Blue, "CONTINUOUS");
  dxf.addLayer("ENGRAVE", Colors.Green, "CONTINUOUS");
  dxf.addLayer("SHEET", Colors.White, "CONTINUOUS");
  const outline = (layerName: string, points: readonly Point[]) =>
    dxf.addLWPolyline(
      points.map(([x, y]) => ({ point: point2d(x, y) })),
      { flags: LWPolylineFlags.Closed, layerName },
    );
  const rect = (layerName: string, x: number, y: number, w: number, h: number) =>
    outline(layerName, [
      [x, y],
      [x + w, y],
      [x + w, y + h],
      [x, y + h],
    ]);
  const text = (x: number, y: number, words: string, heightMm = TEXT_MM) =>
    dxf.addText(point3d(x, y, 0), heightMm, words.replaceAll(/[^\x20-\x7e]/g, "-"), { layerName: "ENGRAVE" });
  return { dxf, outline, rect, text };
}

/**
 * The nested sheets side by side: the sheet's edge on SHEET, finished parts on CUT, their names on ENGRAVE. Millimetres;
 * the blade's width lies between the parts.
 */
export function sheetsDxf(plan: Plan): string {
  const { dxf, outline, rect, text } = startDxf();
  let left = 0;
  for (const group of plan.groups)
    for (const sheet of group.layout) {
      const { w, h } = sheet.stock;
      rect("SHEET", left, 0, w, h);
      for (const part of sheet.parts) {
        // Drawings count down from the top; DXF counts up.
        const y = h - part.y - part.h;
        const of = group.parts.find((p) => p.id === part.partId);
        // Corners are told as the part lies when it is drawn from the top down.
        outline(
          "CUT",
          partOutline(part.w, part.h, of?.corners, part.rotated).map(
            ([px, py]): Point => [left + part.x + px, y + part.h - py],
          ),
        );
        const label = of?.label ?? part.partId;
        const size = Math.min(TEXT_MM, part.h / 3, (part.w / Math.max(1, label.length)) * 1.2);
        text(left + part.x + size / 2, y + size / 2, label, size);
      }
      left += w + GAP_MM;
    }
  return dxf.stringify();
}

/**
 * Every face as it is drawn, inside sizes: its outline and openings on CUT, holes and ports on DRILL, names on ENGRAVE.
 */
export function facesDxf(plan: Plan): string {
  const { dxf, outline, rect, text } = startDxf();
  const { faces } = plan.shell;
  const net = layNet(faces, GAP_MM);
  for (const face of FACES) {
    const place = net.faces[face];
    const [x0, y0] = [place.x, -place.y - place.h];
    outline(
      "CUT",
      faces[face].outline.map(([u, v]): Point => [x0 + u, y0 + v]),
    );
    text(x0, y0 + extent(faces[face].outline).heightMm + TEXT_MM / 2, face);
    for (const feature of plan.site.variant.features.filter((f) => f.face === face)) {
      const [u, v] = [x0 + feature.u.value, y0 + feature.v.value];
      const { uMm, vMm } = featureRect(feature);
      for (const cut of cutShapes(feature)) {
        if (cut.shape === "circle")
          dxf.addCircle(point3d(u + cut.uMm, v + cut.vMm, 0), cut.diaMm / 2, { layerName: "DRILL" });
        else if (cut.shape === "rectangle") rect("CUT", x0 + uMm, y0 + vMm, cut.widthMm, cut.heightMm);
        else {
          const { widthMm, heightMm } = cut;
          const [major, minor] = widthMm >= heightMm ? [widthMm, heightMm] : [heightMm, widthMm];
          const end = widthMm >= heightMm ? point3d(major / 2, 0, 0) : point3d(0, major / 2, 0);
          if (same(major, minor)) dxf.addCircle(point3d(u, v, 0), major / 2, { layerName: "DRILL" });
          else dxf.addEllipse(point3d(u, v, 0), end, minor / major, 0, 2 * Math.PI, { layerName: "CUT" });
        }
      }
      text(x0 + uMm, y0 + vMm - TEXT_MM / 2, featureName(feature), TEXT_MM / 2);
    }
  }
  return dxf.stringify();
}
