/** Standard normal quantile of 95 %: from 5 to 95 of a hundred lie within so many standard deviations. */
export const Z95 = 1.6448536269514722;
