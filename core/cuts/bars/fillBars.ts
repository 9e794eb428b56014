import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { ceil, floor } from "../../units/tolerance";
import { TightPacking } from "./slack";

/** Tries at making do with a bar less. */
const TRIES = 300;
/** Lengths are packed in tenths of a millimetre: pieces rounded up, bars down. */
const TENTHS = 10;

/** Longest first, each into the first bar with room; places in `piecesMm`. */
function firstFit(order: readonly number[], piecesMm: readonly number[], barMm: number, kerfMm: number): number[][] {
  const bars: { places: number[]; restMm: number }[] = [];
  for (const place of order) {
    const piece = piecesMm[place]!;
    const bar = bars.find((b) => b.restMm >= piece);
    if (bar) {
      bar.places.push(place);
      bar.restMm -= piece + kerfMm;
    } else bars.push({ places: [place], restMm: barMm - piece - kerfMm });
  }
  return bars.map((b) => b.places);
}

/**
 * Bars needed for pieces cut end to end: longest first into the first bar with room, and then a bar less as long as the
 * lengths allow one and a few hundred tries find it. The same pieces give the same bars.
 * @param piecesMm lengths of the pieces
 * @param barMm length of a bar
 * @param kerfMm lost at each cut
 * @returns pieces bar by bar, and those longer than a bar
 */
export function fillBars(piecesMm: number[], barMm: number, kerfMm: number): { bars: number[][]; tooLong: number[] } {
  const order = piecesMm.map((_, place) => place).sort((a, b) => piecesMm[b]! - piecesMm[a]!);
  const fits = order.filter((place) => piecesMm[place]! <= barMm);
  const lengths = fits.map((place) => ceil((piecesMm[place]! + kerfMm) * TENTHS));
  const capacity = floor((barMm + kerfMm) * TENTHS);
  const least = Math.ceil(lengths.reduce((a, b) => a + b, 0) / capacity);
  const generator = xoroshiro128plus(1);
  const random = () => (generator.next() >>> 0) / 2 ** 32;
  let bars = firstFit(fits, piecesMm, barMm, kerfMm);
  while (bars.length > least) {
    const packing = new TightPacking(
      lengths,
      bars.slice(1).map(() => capacity),
      random,
    );
    if (!packing.go((tries) => tries < TRIES)) break;
    bars = packing.bars.map((bar) => bar.map((i) => fits[i]!)).filter((bar) => bar.length > 0);
  }
  return {
    bars: bars.map((bar) => bar.map((place) => piecesMm[place]!)),
    tooLong: order.filter((place) => piecesMm[place]! > barMm).map((place) => piecesMm[place]!),
  };
}
