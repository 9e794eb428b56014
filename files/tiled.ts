import { ceil } from "../core/units/tolerance";
import { type Doc, inPaperMm, label, startPaper } from "./paper";
import type { Paper } from "./templateFile";

/** Paper standing, mm. */
export const PAPERS: Record<Paper, { widthMm: number; heightMm: number }> = {
  a4: { widthMm: 210, heightMm: 297 },
  letter: { widthMm: 215.9, heightMm: 279.4 },
};

const MARGIN_MM = 10;
/** Each sheet repeats this much of the next, to be glued on. */
const OVERLAP_MM = 10;
/** A strip at the foot of each page for its name and the check bar. */
const FOOT_MM = 12;
/** The check bar on every page: how long it is, and where it lies, mm from the page's top left corner. */
export const CHECK_BAR = { lengthMm: 100, leftMm: MARGIN_MM, heightMm: 1.5 } as const;

/** How many sheets a drawing takes, and what each adds, mm. */
export function tilesFor(widthMm: number, heightMm: number, paper: Paper) {
  const stepX = PAPERS[paper].widthMm - 2 * MARGIN_MM - OVERLAP_MM;
  const stepY = PAPERS[paper].heightMm - 2 * MARGIN_MM - FOOT_MM - OVERLAP_MM;
  const count = (mm: number, step: number) => Math.max(1, ceil((mm - OVERLAP_MM) / step));
  return { columns: count(widthMm, stepX), rows: count(heightMm, stepY), stepX, stepY };
}

/** The part of the drawing that lies on the page under way, mm. */
export interface Tile {
  leftMm: number;
  topMm: number;
}

/**
 * A drawing at its true size on as many sheets as it takes, with register marks at the corners of each sheet's own part
 * and a bar of 100 mm on each to check the printer by.
 * @param drawing its size, its title, what each page is called, and what draws it with millimetres as the unit
 */
export async function tiledPdf(
  drawing: {
    widthMm: number;
    heightMm: number;
    title: string;
    foot: string;
    draw: (doc: Doc, tile: Tile) => void;
  },
  paper: Paper,
): Promise<Buffer> {
  const { doc, finish } = startPaper(PAPERS[paper], MARGIN_MM, drawing.title);
  const { columns, rows, stepX, stepY } = tilesFor(drawing.widthMm, drawing.heightMm, paper);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      if (row + column > 0) doc.addPage();
      const [leftMm, topMm] = [column * stepX, row * stepY];
      const [w, h] = [stepX + OVERLAP_MM, stepY + OVERLAP_MM];
      inPaperMm(doc, MARGIN_MM, MARGIN_MM, () => {
        doc.save();
        doc.rect(0, 0, w, h).clip();
        doc.translate(-leftMm, -topMm);
        drawing.draw(doc, { leftMm, topMm });
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
        doc.rect(0, h + 4, CHECK_BAR.lengthMm, CHECK_BAR.heightMm).fill("#111");
        label(
          doc,
          `100 mm: print at 100 %. ${drawing.foot}, row ${row + 1} of ${rows}, sheet ${column + 1} of ${columns}.`,
          0,
          h + 7,
          2.8,
        );
      });
    }
  return finish();
}
