import { createCanvas } from "@napi-rs/canvas";
import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";

/** A page of a PDF as a printer sees it: grey values, 0 black to 255 white, row by row. */
export interface Raster {
  width: number;
  height: number;
  /** Pixels in a millimetre of paper. */
  perMm: number;
  grey: (x: number, y: number) => number;
}

/** Renders one page, counted from 1, by a library that had no hand in writing it. */
export async function renderPdf(bytes: Uint8Array, page: number, dpi: number): Promise<Raster> {
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const sheet = await document.getPage(page);
  const viewport = sheet.getViewport({ scale: dpi / 72 });
  const [width, height] = [Math.round(viewport.width), Math.round(viewport.height)];
  const canvas = createCanvas(width, height);
  const context = canvas.getContext("2d");
  context.fillStyle = "#fff";
  context.fillRect(0, 0, width, height);
  await sheet.render({ canvas: null, canvasContext: context as never, viewport }).promise;
  const { data } = context.getImageData(0, 0, width, height);
  await document.destroy();
  return {
    width,
    height,
    perMm: dpi / 25.4,
    grey: (x, y) => (data[4 * (y * width + x)]! + data[4 * (y * width + x) + 1]! + data[4 * (y * width + x) + 2]!) / 3,
  };
}

/** The longest dark run of a row of pixels: where it starts, and its length. */
export function darkRun({ width, grey }: Raster, y: number): { start: number; length: number } {
  let best = { start: 0, length: 0 };
  let start = -1;
  for (let x = 0; x <= width; x++) {
    const dark = x < width && grey(x, y) < 128;
    if (dark && start < 0) start = x;
    if (!dark && start >= 0) {
      if (x - start > best.length) best = { start, length: x - start };
      start = -1;
    }
  }
  return best;
}
