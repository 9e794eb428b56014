/** ln Γ(x), x > 0, by Lanczos' approximation with g = 7 and nine terms (published; coefficients from memory, checked by test). */
function lnGamma(x: number): number {
  const terms = [
    0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
    12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
  ];
  const sum = terms.slice(1).reduce((total, c, i) => total + c / (x + i), terms[0]!);
  const t = x + 6.5;
  return 0.5 * Math.log(2 * Math.PI) + (x - 0.5) * Math.log(t) - t + Math.log(sum);
}

/** Regularised incomplete beta function by its continued fraction (Lentz; Abramowitz & Stegun 26.5.8). */
function incompleteBeta(x: number, a: number, b: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  if (x > (a + 1) / (a + b + 2)) return 1 - incompleteBeta(1 - x, b, a);
  const front = Math.exp(lnGamma(a + b) - lnGamma(a) - lnGamma(b) + a * Math.log(x) + b * Math.log(1 - x)) / a;
  const tiny = 1e-300;
  let c = 1;
  let d = 1 - ((a + b) * x) / (a + 1);
  d = 1 / (Math.abs(d) < tiny ? tiny : d);
  let fraction = d;
  for (let m = 1; m < 300; m++) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    let change = 1;
    for (const term of [even, odd]) {
      d = 1 + term * d;
      c = 1 + term / c;
      d = 1 / (Math.abs(d) < tiny ? tiny : d);
      change = d * c;
      fraction *= change;
    }
    if (Math.abs(change - 1) < 1e-14) break;
  }
  return front * fraction;
}

/** 97.5 % point of the normal distribution. */
const NORMAL = 1.959963984540054;

/**
 * Half the width of a 95 % interval in standard errors: the 97.5 % point of Student's t (Student 1908), by bisection.
 * @param freedom degrees of freedom, above 0, whole or not; infinite for an error that is known
 */
export function studentT(freedom: number): number {
  if (!Number.isFinite(freedom) || freedom > 1e7) return NORMAL;
  // P(|T| > t) = I_x(ν/2, ½) with x = ν ÷ (ν + t²).
  const beyond = (t: number) => incompleteBeta(freedom / (freedom + t * t), freedom / 2, 0.5);
  let [low, high] = [0, 2];
  while (beyond(high) > 0.05 && high < 1e12) high *= 2;
  for (let i = 0; i < 200 && high - low > 1e-12 * high; i++) {
    const middle = (low + high) / 2;
    if (beyond(middle) > 0.05) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
