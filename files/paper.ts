import { createRequire } from "node:module";
import PDFDocument from "pdfkit";

export type Doc = InstanceType<typeof PDFDocument>;

/** Points in a millimetre of paper. */
export const PT = 72 / 25.4;

const font = (weight: 400 | 700) =>
  createRequire(import.meta.url).resolve(
    `@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-${weight}-normal.woff`,
  );

/**
 * A document of pages of one size with the fonts at hand.
 * @returns it, and what ends it and answers its bytes
 */
export function startPaper(page: { widthMm: number; heightMm: number }, marginMm: number, title: string) {
  const doc = new PDFDocument({
    size: [page.widthMm * PT, page.heightMm * PT],
    margin: marginMm * PT,
    bufferPages: true,
    info: { Title: title },
  });
  const chunks: Buffer[] = [];
  doc.on("data", (chunk: Buffer) => chunks.push(chunk));
  const ended = new Promise<void>((resolve) => doc.on("end", resolve));
  doc.registerFont("body", font(400));
  doc.registerFont("bold", font(700));
  const finish = async () => {
    doc.end();
    await ended;
    return Buffer.concat(chunks);
  };
  return { doc, finish };
}

/** Runs `draw` with millimetres of paper as the unit, from a corner of the page. */
export function inPaperMm(doc: Doc, xMm: number, yMm: number, draw: () => void) {
  doc.save();
  doc.scale(PT).translate(xMm, yMm).lineWidth(0.25).strokeColor("#111").fillColor("#111");
  draw();
  doc.restore();
}

export const label = (
  doc: Doc,
  text: string,
  xMm: number,
  yMm: number,
  sizeMm = 2.6,
  weight: "body" | "bold" = "body",
) => doc.font(weight).fontSize(sizeMm).fillColor("#111").text(text, xMm, yMm, { lineBreak: false });

/** A cross of fine lines, to be pricked through. */
export function cross(doc: Doc, [x, y]: [number, number], armMm: number) {
  doc
    .moveTo(x - armMm, y)
    .lineTo(x + armMm, y)
    .moveTo(x, y - armMm)
    .lineTo(x, y + armMm)
    .lineWidth(0.15)
    .stroke();
}
