import { CORNER_DRILL_MM, cornerWords } from "../core/odd/corners";
import type { OddPart } from "../core/odd/schema";
import type { Plan } from "../core/plan";
import { formatLengthWithUnit, formatNumber } from "../core/units/format";
import { cross, label } from "./paper";
import type { Paper } from "./templateFile";
import { tiledPdf } from "./tiled";

/** The part's edges are drawn so far past the cut, to lay the template on, mm. */
const PAST_MM = 40;
const HEAD_MM = 24;
/** Room at the paper's left for the corner itself, mm. */
const SIDE_MM = 6;
/** A template at true size of the corner cut out of an odd part: its edges, the two cuts, and the hole where they meet. */
export function cornerTemplatePdf(plan: Plan, name: string, odd: OddPart, paper: Paper): Promise<Buffer> | undefined {
  const { corners } = odd;
  if (!corners) return undefined;
  const say = (mm: number) => formatLengthWithUnit(mm, plan.site.brief.units);
  const [cutX, cutY] = [corners.length.value, corners.width.value];
  const [w, h] = [Math.min(odd.length.value, cutX + PAST_MM), Math.min(odd.width.value, cutY + PAST_MM)];
  const [left, top] = [SIDE_MM, HEAD_MM];
  return tiledPdf(
    {
      widthMm: Math.max(left + w + SIDE_MM, 120),
      heightMm: top + h + SIDE_MM,
      title: `${name}, corner of ${odd.label}`,
      foot: `Corner of ${odd.label}`,
      draw: (doc) => {
        label(doc, `${odd.label} · ${cornerWords[corners.count]}: ${say(cutX)} × ${say(cutY)} out`, 2, 1, 3.4, "bold");
        label(doc, `${say(cutX)} lies along the part's length. Lay the thick lines on its edges.`, 2, 7, 2.8);
        if (corners.count > 1)
          label(
            doc,
            "For the corners that mirror this one turn the sheet over and prick the cuts through.",
            2,
            11,
            2.8,
          );
        label(
          doc,
          `Drill ${formatNumber(CORNER_DRILL_MM)} mm in the inner corner first, then saw up to the hole from both edges.`,
          2,
          15,
          2.8,
        );
        doc
          .lineWidth(0.6)
          .moveTo(left + w, top)
          .lineTo(left, top)
          .lineTo(left, top + h)
          .stroke();
        doc
          .lineWidth(0.25)
          .moveTo(left + cutX, top)
          .lineTo(left + cutX, top + cutY)
          .lineTo(left, top + cutY)
          .stroke();
        // It lies within what falls away, touching both cuts.
        const r = Math.min(CORNER_DRILL_MM, cutX, cutY) / 2;
        const [x, y] = [left + cutX - r, top + cutY - r];
        doc.circle(x, y, r).stroke();
        cross(doc, [x, y], r);
      },
    },
    paper,
  );
}
