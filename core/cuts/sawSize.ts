/** Sizes for the saw and for paper: to a tenth of a millimetre. The only place where a cut size is rounded. */
export const sawSizeMm = (mm: number): number => Math.round(mm * 10) / 10;
