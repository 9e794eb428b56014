import { isVent } from "../core/design/variant";
import type { Plan } from "../core/plan";
import { drawnCorners } from "../core/shell/drawn";
import { featureName } from "../core/shell/features";
import { below, extent } from "../core/shell/outline";
import { type Point, vAtHeight } from "../core/shell/space";
import { formatLength } from "../core/units/format";
import { inPaperMm, label, startPaper } from "./paper";

/** Paper standing, mm. */
export const PAPERS = { a4: { widthMm: 210, heightMm: 297 }, letter: { widthMm: 215.9, heightMm: 279.4 } } as const;
export type Paper = keyof typeof PAPERS;

const MARGIN_MM = 10;
/** Each sheet repeats this much of the next, to be glued on. */
const OVERLAP_MM = 10;
/** A strip at the foot of each page for its name and the check bar. */
const FOOT_MM = 12;

/** How many sheets a face takes, and what each adds, mm. */
export function tilesFor(widthMm: number, heightMm: number, paper: Paper) {
  const stepX = PAPERS[paper].widthMm - 2 * MARGIN_MM - OVERLAP_MM;
  const stepY = PAPERS[paper].heightMm - 2 * MARGIN_MM - FOOT_MM - OVERLAP_MM;
  const count = (mm: number, step: number) => Math.max(1, Math.ceil((mm - OVERLAP_MM) / step - 1e-9));
  return { columns: count(widthMm, stepX), rows: count(heightMm, stepY), stepX, stepY };
}

/**
 * The back at its true size, to be taped outside a clear pane while working: mirrored, as it is seen from behind.
 * Tiled with register marks at the corners of each sheet's own part, and a bar of 100 mm on each.
 */
export async function backTilesPdf(plan: Plan, name: string, paper: Paper): Promise<Buffer> {
  const page = PAPERS[paper];
  const { doc, finish } = startPaper(page, MARGIN_MM, `${name}, back at 1 : 1`);
  const { faces, levels } = plan.shell;
  const back = faces.back;
  const whole = extent(back.outline);
  const { columns, rows, stepX, stepY } = tilesFor(whole.widthMm, whole.heightMm, paper);
  const units = plan.site.brief.units;
  const say = (mm: number) => formatLength(mm, units);
  // From behind, left is right; paper counts down from the top.
  const onPaper = ([u, v]: Point): [number, number] => [whole.widthMm - u, whole.heightMm - v];
  const features = plan.site.variant.features.filter((f) => f.face === "back");
  const lines = [
    { mm: levels.groundMm, words: "ground" },
    { mm: levels.waterMm, words: "water line" },
    { mm: levels.damTopMm < levels.topMm ? levels.damTopMm : 0, words: "dam" },
  ].filter((l) => l.mm > 0);

  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      if (row + column > 0) doc.addPage();
      const [left, top] = [column * stepX, row * stepY];
      const [w, h] = [stepX + OVERLAP_MM, stepY + OVERLAP_MM];
      inPaperMm(doc, MARGIN_MM, MARGIN_MM, () => {
        doc.save();
        doc.rect(0, 0, w, h).clip();
        doc.translate(-left, -top);
        doc.polygon(...back.outline.map(onPaper)).stroke();
        for (const { mm, words } of lines) {
          const edge = below(back.outline, vAtHeight(back.frame, mm)).map(onPaper);
          doc
            .save()
            .dash(4, { space: 3 })
            .polygon(...edge)
            .stroke()
            .restore();
          label(doc, `${words} ${say(mm)}`, left + 4, whole.heightMm - vAtHeight(back.frame, mm) - 4, 3);
        }
        for (const feature of features) {
          const corners = drawnCorners(feature).map(onPaper);
          if (feature.kind === "port") {
            const [x, y] = onPaper([feature.u.value, feature.v.value]);
            doc.circle(x, y, feature.bore.value / 2).stroke();
            doc
              .moveTo(x - 4, y)
              .lineTo(x + 4, y)
              .moveTo(x, y - 4)
              .lineTo(x, y + 4)
              .stroke();
          } else doc.polygon(...corners).stroke();
          const [x, y] = onPaper([feature.u.value, feature.v.value]);
          label(
            doc,
            `${featureName(feature)}${isVent(feature) ? "" : " ·"} ${say(feature.u.value)}, ${say(feature.v.value)}`,
            x + 5,
            y - 5,
            3,
          );
        }
        doc.restore();
        for (const [x, y] of [
          [0, 0],
          [stepX, 0],
          [0, stepY],
          [stepX, stepY],
        ] as const)
          doc
            .moveTo(x - 3, y)
            .lineTo(x + 3, y)
            .moveTo(x, y - 3)
            .lineTo(x, y + 3)
            .stroke();
        doc.rect(0, h + 4, 100, 1.5).stroke();
        label(
          doc,
          `100 mm: print at 100 %. ${name}, back from behind, row ${row + 1} of ${rows}, sheet ${column + 1} of ${columns}.`,
          0,
          h + 7,
          2.8,
        );
      });
    }
  return finish();
}
