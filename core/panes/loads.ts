import type { PlateCoefficients } from "./plate";

/**
 * Thin plates on four simple supports under a load spread over all of it, or over a patch in its middle, by Navier's double
 * series. Source: S. Timoshenko and S. Woinowsky-Krieger, Theory of Plates and Shells, ch. 5.
 *
 * Coefficients are for a load q: largest moment = `moment` · q · a², deflection = `deflection` · q · a⁴ / D, a being the
 * plate's width; both in the middle, where they are largest.
 */

/** Terms each way. */
const TERMS = 121;

/**
 * @param ratio height of the plate ÷ its width
 * @param patch width and height of the loaded patch in the middle, as shares of the plate's own; 1 for all of it
 * @param poisson Poisson's ratio
 */
export function spreadLoad(
  ratio: number,
  patch: readonly [across: number, up: number],
  poisson: number,
): PlateCoefficients {
  let [w, mx, my] = [0, 0, 0];
  const [across, up] = patch;
  for (let m = 1; m <= TERMS; m += 2)
    for (let n = 1; n <= TERMS; n += 2) {
      // Load of a patch in the middle: 16/(π²mn) · sin²(…) of both ways, each with the sign of its sine in the middle.
      const load =
        (16 / (Math.PI ** 2 * m * n)) *
        Math.sin((m * Math.PI) / 2) *
        Math.sin((n * Math.PI) / 2) *
        Math.sin((m * Math.PI * across) / 2) *
        Math.sin((n * Math.PI * up) / 2);
      const [j, k] = [m * Math.PI, (n * Math.PI) / ratio];
      const stiff = (j * j + k * k) ** 2;
      // In the middle both sines are 1 or −1.
      const sign = Math.sin((m * Math.PI) / 2) * Math.sin((n * Math.PI) / 2);
      w += (sign * load) / stiff;
      mx += (sign * load * (j * j + poisson * k * k)) / stiff;
      my += (sign * load * (k * k + poisson * j * j)) / stiff;
    }
  return { moment: Math.max(mx, my), deflection: w };
}

/** A load all over a plate. */
export const uniformLoad = (ratio: number, poisson: number): PlateCoefficients => spreadLoad(ratio, [1, 1], poisson);
