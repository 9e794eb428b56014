/** Diagonals that differ by more stand out of square, and doors bind, mm. Common practice, no source. */
export const SQUARE_MM = 2;
