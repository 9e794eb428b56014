/** What is let pass, mm a day, unless another is given (source: water-test; common practice, no source). */
export const TOLERANCE_MM_PER_DAY = 0.5;
