import { cutShapes, featureName, featureRect } from "../core/features/feature";
import { featureKind } from "../core/features/index";
import type { Feature } from "../core/features/schema";
import { CORNER_DRILL_MM } from "../core/odd/corners";
import type { Plan } from "../core/plan";
import { extent } from "../core/shell/outline";
import type { Point } from "../core/shell/space";
import { formatLengthWithUnit, formatNumber } from "../core/units/format";
import { cross, type Doc, label } from "./paper";
import type { Paper, TemplateSide } from "./templateFile";
import { tiledPdf } from "./tiled";

/** Paper round what is cut, mm; edges of the face within it are drawn to lay the template on. */
const ROUND_MM = 30;
/** Room for words over the drawing, mm. */
const HEAD_MM = 14;
const CROSS_MM = 3;

/**
 * A drilling or cutting template at true size, with the edges of the face near it, a cross at every centre, and in words
 * where its middle lies.
 */
export function templatePdf(
  plan: Plan,
  name: string,
  feature: Feature,
  side: TemplateSide,
  paper: Paper,
): Promise<Buffer> {
  const { outline } = plan.shell.faces[feature.face];
  const face = extent(outline);
  const rect = featureRect(feature);
  const left = rect.uMm - ROUND_MM;
  const top = rect.vMm + rect.heightMm + ROUND_MM;
  const widthMm = rect.widthMm + 2 * ROUND_MM;
  const heightMm = rect.heightMm + 2 * ROUND_MM + HEAD_MM;
  // Faces are drawn from inside, the front from outside: the other side sees them mirrored.
  const mirrored = (feature.face === "front") === (side === "inside");
  const onPaper = ([u, v]: Point): [number, number] => [mirrored ? widthMm - (u - left) : u - left, HEAD_MM + top - v];
  const say = (mm: number) => formatLengthWithUnit(mm, plan.site.brief.units);
  const middle: Point = [feature.u.value, feature.v.value];
  return tiledPdf(
    {
      widthMm,
      heightMm,
      title: `${name}, template: ${featureName(feature)}`,
      foot: `${featureName(feature)}, ${feature.face}, for the ${side}`,
      draw: (doc) => {
        label(
          doc,
          `${featureName(feature)} · ${feature.face}, taped on the ${side} · ${featureKind(feature).cutWords(feature, say)}`,
          2,
          1,
          3.4,
          "bold",
        );
        label(
          doc,
          `Middle ${say(feature.u.value)} and ${say(feature.v.value)} from the face's left and bottom edge, as it is drawn; ${say(face.widthMm - feature.u.value)} and ${say(face.heightMm - feature.v.value)} from the others.`,
          2,
          6,
          2.8,
        );
        doc
          .save()
          .lineWidth(0.6)
          .polygon(...outline.map(onPaper))
          .stroke()
          .restore();
        cross(doc, onPaper(middle), 2 * CROSS_MM);
        drawCut(doc, feature, onPaper, rect);
      },
    },
    paper,
  );
}

function drawCut(
  doc: Doc,
  feature: Feature,
  onPaper: (point: Point) => [number, number],
  rect: ReturnType<typeof featureRect>,
) {
  const [u, v] = [feature.u.value, feature.v.value];
  doc.lineWidth(0.25);
  for (const cut of cutShapes(feature)) {
    if (cut.shape === "circle") {
      const at = onPaper([u + cut.uMm, v + cut.vMm]);
      doc.circle(...at, cut.diaMm / 2).stroke();
      cross(doc, at, Math.min(CROSS_MM, cut.diaMm / 2));
    } else if (cut.shape === "ellipse") doc.ellipse(...onPaper([u, v]), cut.widthMm / 2, cut.heightMm / 2).stroke();
    else {
      const [x, y] = onPaper([rect.uMm, rect.vMm + rect.heightMm]);
      const corner = onPaper([rect.uMm + rect.widthMm, rect.vMm]);
      const left = Math.min(x, corner[0]);
      doc.roundedRect(left, y, Math.abs(corner[0] - x), rect.heightMm, cut.cornerMm).stroke();
      if (cut.cornerMm === 0 && rect.widthMm > 20)
        label(
          doc,
          `corners: drill ${formatNumber(CORNER_DRILL_MM)} mm first, then saw from hole to hole`,
          left + 3,
          y + 3,
          2.6,
        );
    }
  }
}
