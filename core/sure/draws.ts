import { CholeskyDecomposition, Matrix } from "ml-matrix";
import { probit } from "simple-statistics";
import { latinHypercube } from "./latin";
import type { Doubt } from "./turn";

/** What digits cut off a covariance must not make it one of nothing. */
const ROUNDED = 1e-4;

/** Lower triangle of a covariance; one that is none is taken by its diagonal alone. */
function rootOf(covariance: NonNullable<Doubt["covariance"]>): number[][] {
  const root = new CholeskyDecomposition(
    Matrix.diag(covariance.map(() => ROUNDED)).add(new Matrix(covariance.map((row) => [...row]))),
  );
  return root.isPositiveDefinite()
    ? root.lowerTriangularMatrix.to2DArray()
    : covariance.map((row, i) => row.map((_, j) => (i === j ? Math.sqrt(Math.max(0, row[i]!)) : 0)));
}

/**
 * Draws of what is unknown by a Latin hypercube.
 * @param points how many
 * @returns each in standard deviations of what was taken first, in the unknowns' order
 */
export function drawsOf({ unknowns, covariance }: Doubt, points: number, seed: number): number[][] {
  const root = covariance && rootOf(covariance);
  return latinHypercube(points, unknowns.length, seed).map((shares) => {
    const free = shares.map(probit);
    return unknowns.map(({ at }, i) =>
      root ? at + root[i]!.reduce((sum, r, j) => sum + r * free[j]!, 0) : at + free[i]!,
    );
  });
}
