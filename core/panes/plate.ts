import { solve } from "./solve";

/**
 * Thin plates on simple supports under water, by series. Source: S. Timoshenko and S. Woinowsky-Krieger, Theory of
 * Plates and Shells, ch. 5 (Navier's double series; Lévy's single series for a free edge).
 *
 * Coefficients are for a load that is nought at the water line and q₀ = ρ·g·H at the foot, H being the water's depth:
 * largest moment = `moment` · q₀ · H², largest deflection = `deflection` · q₀ · H⁴ / D.
 */
export interface PlateCoefficients {
  moment: number;
  deflection: number;
}

/** Terms each way; the moments are then within half a per cent. */
const TERMS = 61;
/** Heights at which the largest value is looked for, on the middle line: where both moments and the bow are largest. */
const LOOKS = 100;

/**
 * Held on four edges; only the lower part is loaded.
 * @param spanRatio width of the plate ÷ water depth
 * @param heightRatio height of the plate ÷ water depth, 1 or more
 * @param poisson Poisson's ratio
 */
export function fourEdges(spanRatio: number, heightRatio: number, poisson: number): PlateCoefficients {
  const [a, b] = [spanRatio, heightRatio];
  // Summed over m at x = a/2 first, so that looking along y is cheap.
  const terms: { k: number; w: number; mx: number; my: number }[] = [];
  for (let n = 1; n <= TERMS; n++) {
    const k = (n * Math.PI) / b;
    // ∫ (1 − y) sin(ky) dy from 0 to the water line at 1.
    const load = (2 / b) * (1 / k - Math.sin(k) / k ** 2);
    let [w, mx, my] = [0, 0, 0];
    for (let m = 1; m <= TERMS; m += 2) {
      const j = (m * Math.PI) / a;
      const q = load * (4 / (m * Math.PI)) * ((m - 1) % 4 === 0 ? 1 : -1);
      const stiff = (j * j + k * k) ** 2;
      w += q / stiff;
      mx += (q * (j * j + poisson * k * k)) / stiff;
      my += (q * (k * k + poisson * j * j)) / stiff;
    }
    terms.push({ k, w, mx, my });
  }
  let [moment, deflection] = [0, 0];
  for (let i = 1; i < LOOKS; i++) {
    const y = (b * i) / LOOKS;
    let [w, mx, my] = [0, 0, 0];
    for (const t of terms) {
      const s = Math.sin(t.k * y);
      w += t.w * s;
      mx += t.mx * s;
      my += t.my * s;
    }
    moment = Math.max(moment, mx, my);
    deflection = Math.max(deflection, w);
  }
  return { moment, deflection };
}

/**
 * The four solutions of a mode's equation that die away from one edge or the other, with their first three derivatives
 * by y, in units of 1/k: no term grows, so that no mode overflows.
 */
function fading(k: number, y: number): [number, number, number, number][] {
  const foot = Math.exp(-k * y);
  const head = Math.exp(-k * (1 - y));
  const s = k * y;
  const t = k * (1 - y);
  return [
    [foot, -foot, foot, -foot],
    [s * foot, (1 - s) * foot, (s - 2) * foot, (3 - s) * foot],
    [head, head, head, head],
    [t * head, (t - 1) * head, (t - 2) * head, (t - 3) * head],
  ];
}

/**
 * Held at the foot and both sides, the top edge free at the water line.
 * @param spanRatio width of the plate ÷ water depth
 * @param poisson Poisson's ratio
 */
export function topFree(spanRatio: number, poisson: number): PlateCoefficients {
  const modes: { k: number; sign: number; load: number; by: number[] }[] = [];
  for (let m = 1; m <= TERMS; m += 2) {
    const k = (m * Math.PI) / spanRatio;
    const load = 4 / (m * Math.PI) / k ** 4;
    // The particular part is load · (1 − y): slope −load, no curvature.
    const foot = fading(k, 0);
    const head = fading(k, 1);
    const row = (of: (f: [number, number, number, number]) => number, edge: typeof foot, right: number) => [
      ...edge.map(of),
      right,
    ];
    const by = solve([
      row((f) => f[0], foot, -load),
      row((f) => f[2] - poisson * f[0], foot, poisson * load),
      row((f) => f[2] - poisson * f[0], head, 0),
      row((f) => f[3] - (2 - poisson) * f[1], head, (-(2 - poisson) * load) / k),
    ]);
    modes.push({ k, sign: (m - 1) % 4 === 0 ? 1 : -1, load, by });
  }
  let [moment, deflection] = [0, 0];
  for (let i = 0; i <= LOOKS; i++) {
    const y = i / LOOKS;
    let [w, mx, my] = [0, 0, 0];
    for (const { k, sign, load, by } of modes) {
      const f = fading(k, y);
      const value = load * (1 - y) + by.reduce((sum, c, j) => sum + c * f[j]![0], 0);
      const bent = by.reduce((sum, c, j) => sum + c * f[j]![2], 0);
      w += sign * value;
      mx += sign * k * k * (value - poisson * bent);
      my += sign * k * k * (poisson * value - bent);
    }
    moment = Math.max(moment, mx, my);
    deflection = Math.max(deflection, w);
  }
  return { moment, deflection };
}
