import { packer } from "guillotine-packer";
import { MaxRectsPacker } from "maxrects-packer/dist/maxrects-packer.mjs";
import type { NestInstance } from "../../core/cuts/nest/format";

/**
 * What a general packer pays for an instance: the kerf added to parts and sheet, the largest priced sheet only, for they
 * know of no mixes. Edge-to-edge cuts are not asked of them.
 */
export type Opponent = (instance: NestInstance) => number;

function asOneSheet({ stock, trim, kerf, parts }: NestInstance) {
  const sheet = stock.filter((s) => s.price > 0 && s.count === null).reduce((a, b) => (a.w * a.h >= b.w * b.h ? a : b));
  const off = 2 * (sheet.trim ?? trim);
  return {
    price: sheet.price,
    w: sheet.w - off + kerf,
    h: sheet.h - off + kerf,
    pieces: parts.flatMap((p) =>
      Array.from({ length: p.qty }, () => ({ width: p.w + kerf, height: p.h + kerf, rotate: p.rotate })),
    ),
  };
}

const maxRects: Opponent = (instance) => {
  const { price, w, h, pieces } = asOneSheet(instance);
  const packed = new MaxRectsPacker(w, h, 0, {
    smart: false,
    pot: false,
    square: false,
    allowRotation: pieces.some((p) => p.rotate),
  });
  packed.addArray(
    pieces.map((p) => ({ x: 0, y: 0, width: p.width, height: p.height, allowRotation: p.rotate, data: {} })) as never[],
  );
  return packed.bins.length * price;
};

/** It turns all or none: with a locked part none is turned. */
const guillotine: Opponent = (instance) => {
  const { price, w, h, pieces } = asOneSheet(instance);
  const bins = packer(
    { binWidth: w, binHeight: h, items: pieces.map((p, i) => ({ name: String(i), width: p.width, height: p.height })) },
    { kerfSize: 0, allowRotation: pieces.every((p) => p.rotate) },
  );
  return (bins?.length ?? Number.NaN) * price;
};

export const OPPONENTS: Record<string, Opponent> = { maxrects: maxRects, guillotine };
