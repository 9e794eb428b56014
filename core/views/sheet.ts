import { samePiece } from "../cuts/record/pieces";
import type { SawSheet } from "../cuts/record/sawSheet";
import { sawOrder } from "../cuts/saw/sawOrder";
import { type Box, placeLabels, type Spot, type Wanted } from "../labels/place";
import { frameOf, type Size, spotsIn, type View } from "./view";

const EDGE = 4;
/** From the first line of a part's name to the second, px. */
const LINE = 18;
/** Round the number of a cut, px. */
const DISC = 3;

/** A nested sheet laid into its room. */
export interface SheetView extends View {
  /** px a millimetre. */
  scale: number;
  x: number;
  y: number;
  /** Round the number of each cut that has one. */
  discs: { box: Box; made: boolean }[];
}

/** Spots within a part's rectangle: lying along its head, then upright along its left. */
function inPart(box: Box, line: number): Spot[] {
  return [
    { x: box.x + 6, y: box.y + 10 + line * LINE, align: "start" },
    { x: box.x + box.width / 2, y: box.y + box.height / 2 + (line - 0.5) * LINE, align: "middle" },
    { x: box.x + box.width / 2, y: box.y + box.height / 2, align: "middle" },
    { x: box.x + 10 + line * LINE, y: box.y + box.height - 6, align: "start", turned: true },
    { x: box.x + box.width / 2 + (line - 0.5) * LINE, y: box.y + box.height - 6, align: "start", turned: true },
  ];
}

/**
 * One nested sheet to scale: parts where they lie, with their names, cuts numbered in saw order, and what to keep.
 * @param name what a part is called
 * @param say a length in the build's own units
 */
export function sheetView(
  sheet: SawSheet,
  size: Size,
  name: (partId: string) => string,
  say: (mm: number) => string,
): SheetView {
  const { stock } = sheet;
  const scale = Math.max(1e-3, Math.min((size.width - 2 * EDGE) / stock.w, (size.height - 2 * EDGE) / stock.h));
  const x = (size.width - stock.w * scale) / 2;
  const y = (size.height - stock.h * scale) / 2;
  const at = (r: { x: number; y: number; w: number; h: number }): Box => ({
    ...{ x: x + r.x * scale, y: y + r.y * scale, width: r.w * scale, height: r.h * scale },
  });
  const order = sawOrder(sheet);
  const cuts = order.map(({ cut }, i): Wanted => {
    const along = cut.axis === "x";
    const spots = [0.96, 0.04, 0.85, 0.15, 0.7, 0.3, 0.5].map((share): Spot => {
      const on = cut.from + (cut.to - cut.from) * share;
      const [cx, cy] = along ? [cut.at, on] : [on, cut.at];
      return { x: x + cx * scale, y: y + cy * scale, align: "middle" };
    });
    return { id: `cut/${i + 1}`, says: [String(i + 1)], spots, pad: DISC, lettering: "bold", tone: "sheet" };
  });
  const named = sheet.parts.flatMap((p): Wanted[] => {
    const own = at(p);
    const key = `${p.x}/${p.y}`;
    const done = sheet.done.some((d) => samePiece(d, p)) ? "✓ " : "";
    const pinned = sheet.pinned.some((d) => samePiece(d, p)) ? "● " : "";
    const words = `${say(p.w)} × ${say(p.h)}`;
    return [
      {
        ...{ id: `part/${key}`, lettering: "bold", within: own, spots: inPart(own, 0) },
        says: [`${done}${pinned}${name(p.partId)}`],
      },
      { id: `size/${key}`, says: [words], spots: inPart(own, 1), within: own },
    ];
  });
  const keep = sheet.offcuts.map((o): Wanted => {
    const own = at(o);
    return {
      ...{ id: `keep/${o.x}/${o.y}`, tone: "fern", within: own },
      says: [`keep ${say(o.w)} × ${say(o.h)}`, "keep"],
      spots: [...spotsIn(own), { x: own.x + own.width / 2, y: own.y + own.height - 6, align: "start", turned: true }],
    };
  });
  const frame = frameOf(size);
  const labels = placeLabels([...named, ...keep, ...cuts], frame);
  const discs = order.flatMap(({ made }, i) => {
    const own = labels.find((l) => l.id === cuts[i]!.id);
    return own ? [{ box: own.box, made }] : [];
  });
  return { scale, x, y, frame, labels, discs };
}
