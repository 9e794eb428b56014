import { sawSizeMm } from "../core/cuts/sawSize";
import { materialName } from "../core/materials/find";
import type { Plan } from "../core/plan";
import { formatLength } from "../core/units/format";
import { inPaperMm, label, startPaper } from "./paper";
import type { Paper } from "./templateFile";
import { PAPERS } from "./tiled";

/** Labels in three columns and eight rows, cut out or printed on sheets of as many. */
const COLUMNS = 3;
const ROWS = 8;
const INSET_MM = 4;

/** A label for every piece: its name, size, material and build, and on which sheet it lies. */
export async function labelsPdf(plan: Plan, name: string, paper: Paper): Promise<Buffer> {
  const page = PAPERS[paper];
  const { doc, finish } = startPaper(page, 0, `${name}, labels`);
  const units = plan.site.brief.units;
  const say = (mm: number) => formatLength(sawSizeMm(mm), units);
  const sheetOf = (partId: string): string => {
    const at = plan.groups.flatMap((g) =>
      g.layout.flatMap((s, i) => (s.parts.some((p) => p.partId === partId) ? [i + 1] : [])),
    );
    return at.length === 0 ? "" : `sheet ${[...new Set(at)].join(", ")}`;
  };
  const pieces = plan.parts.flatMap((part) =>
    Array.from({ length: part.qty }, (_, i) => ({ part, of: part.qty > 1 ? ` ${i + 1} of ${part.qty}` : "" })),
  );
  const [w, h] = [page.widthMm / COLUMNS, page.heightMm / ROWS];
  pieces.forEach(({ part, of }, i) => {
    const at = i % (COLUMNS * ROWS);
    if (i > 0 && at === 0) doc.addPage();
    inPaperMm(doc, (at % COLUMNS) * w, Math.floor(at / COLUMNS) * h, () => {
      doc.save().lineWidth(0.1).strokeColor("#bbb").rect(0, 0, w, h).stroke().restore();
      doc.save().rect(0, 0, w, h).clip();
      label(doc, part.label + of, INSET_MM, INSET_MM, 4.4, "bold");
      const size = part.widthMm > 0 ? `${say(part.lengthMm)} × ${say(part.widthMm)}` : say(part.lengthMm);
      label(doc, size, INSET_MM, INSET_MM + 7, 4);
      label(doc, materialName(plan.site.book, part.materialId), INSET_MM, INSET_MM + 13.5, 2.8);
      label(doc, [name, sheetOf(part.id)].filter(Boolean).join(" · "), INSET_MM, INSET_MM + 18, 2.8);
      doc.restore();
    });
  });
  return finish();
}
