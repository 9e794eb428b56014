/**
 * Solves a small linear system by elimination with row exchange.
 * @param rows left side and right side together, each row n + 1 long; they are used up
 * @returns the n unknowns
 */
export function solve(rows: number[][]): number[] {
  const n = rows.length;
  for (let c = 0; c < n; c++) {
    let pivot = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(rows[r]![c]!) > Math.abs(rows[pivot]![c]!)) pivot = r;
    [rows[c], rows[pivot]] = [rows[pivot]!, rows[c]!];
    for (let r = c + 1; r < n; r++) {
      const f = rows[r]![c]! / rows[c]![c]!;
      if (f !== 0) for (let k = c; k <= n; k++) rows[r]![k]! -= f * rows[c]![k]!;
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let r = n - 1; r >= 0; r--) {
    let sum = rows[r]![n]!;
    for (let k = r + 1; k < n; k++) sum -= rows[r]![k]! * x[k]!;
    x[r] = sum / rows[r]![r]!;
  }
  return x;
}
