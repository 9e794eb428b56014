import load from "highs";
import { asLpText, type SolveLinear } from "#core/cuts/linear/linear";

/**
 * The HiGHS solver, in WebAssembly.
 * @param seconds a programme may take at most
 */
export async function loadSolver(seconds = 0.5): Promise<SolveLinear> {
  const highs = await load();
  return (programme) => {
    const whole = programme.columns.some((c) => c.whole);
    const answer = highs.solve(asLpText(programme), { output_flag: false, time_limit: seconds });
    const usable = answer.Status === "Optimal" || (whole && answer.Status === "Time limit reached");
    if (!usable || !Number.isFinite(answer.ObjectiveValue)) return undefined;
    const values = programme.columns.map((_, i) => answer.Columns[`x${i}`]?.Primal ?? 0);
    const dualOf = new Map(answer.Rows.map((row) => ("Dual" in row ? [row.Name, row.Dual] : ["", 0])));
    const duals = whole ? [] : programme.rows.map((_, r) => dualOf.get(`r${r}`) ?? 0);
    return { cost: answer.ObjectiveValue, values, duals };
  };
}
