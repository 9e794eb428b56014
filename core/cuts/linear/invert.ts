/**
 * The inverse of a square matrix, by Gauss-Jordan with partial pivoting.
 * @param a row by row; used up
 * @param n rows
 * @returns the inverse row by row; undefined where the matrix is singular, as far as the arithmetic tells
 */
export function invert(a: Float64Array, n: number): Float64Array | undefined {
  const b = new Float64Array(n * n);
  for (let i = 0; i < n; i++) b[i * n + i] = 1;
  const swap = (m: Float64Array, i: number, k: number) => {
    for (let j = 0; j < n; j++) [m[i * n + j], m[k * n + j]] = [m[k * n + j]!, m[i * n + j]!];
  };
  for (let col = 0; col < n; col++) {
    let at = col;
    for (let i = col + 1; i < n; i++) if (Math.abs(a[i * n + col]!) > Math.abs(a[at * n + col]!)) at = i;
    const pivot = a[at * n + col]!;
    if (Math.abs(pivot) < 1e-10) return undefined;
    if (at !== col) {
      swap(a, at, col);
      swap(b, at, col);
    }
    for (let j = 0; j < n; j++) {
      a[col * n + j]! /= pivot;
      b[col * n + j]! /= pivot;
    }
    for (let i = 0; i < n; i++) {
      const by = a[i * n + col]!;
      if (i === col || by === 0) continue;
      for (let j = 0; j < n; j++) {
        a[i * n + j]! -= by * a[col * n + j]!;
        b[i * n + j]! -= by * b[col * n + j]!;
      }
    }
  }
  return b;
}
