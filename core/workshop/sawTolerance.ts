/** ISO 2768-1, class m, linear sizes: upper end of each range and its permissible deviation, mm. From memory: check. */
const ISO_2768_M: readonly [upToMm: number, plusMinusMm: number][] = [
  [6, 0.1],
  [30, 0.2],
  [120, 0.3],
  [400, 0.5],
  [1000, 0.8],
  [2000, 1.2],
  [4000, 2],
];

/** The tolerance a careful hand at the saw may be held to, ± mm. Source: ISO 2768-1, medium. Beyond 4 m the last row. */
export const sawToleranceMm = (lengthMm: number): number => ISO_2768_M.find(([upTo]) => lengthMm <= upTo)?.[1] ?? 2;
