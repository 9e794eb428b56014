/**
 * Bars needed for pieces cut end to end, longest first into the first bar with room.
 * @param piecesMm lengths of the pieces
 * @param barMm length of a bar
 * @param kerfMm lost at each cut
 * @returns pieces bar by bar, and those longer than a bar
 */
export function fillBars(piecesMm: number[], barMm: number, kerfMm: number): { bars: number[][]; tooLong: number[] } {
  const bars: { pieces: number[]; restMm: number }[] = [];
  const tooLong: number[] = [];
  for (const piece of [...piecesMm].sort((a, b) => b - a)) {
    if (piece > barMm) {
      tooLong.push(piece);
      continue;
    }
    const bar = bars.find((b) => b.restMm >= piece);
    if (bar) {
      bar.pieces.push(piece);
      bar.restMm -= piece + kerfMm;
    } else bars.push({ pieces: [piece], restMm: barMm - piece - kerfMm });
  }
  return { bars: bars.map((b) => b.pieces), tooLong };
}
