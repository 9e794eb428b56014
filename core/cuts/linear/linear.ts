/** A linear programme: least Σ cost·x with every row reached or kept under, x ≥ 0. Dense columns by row index. */
export interface LinearProgram {
  columns: { cost: number; rows: { row: number; of: number }[]; whole?: boolean }[];
  /** `at least` rows first or in any order; a row no column stands in must be satisfied by nought. */
  rows: { kind: "least" | "most"; value: number }[];
}

export interface LinearAnswer {
  cost: number;
  /** What each column takes. */
  values: number[];
  /** What one more of each row's value would cost; empty for a programme with whole columns. */
  duals: number[];
}

/** Solves a linear programme to its optimum; undefined where it has none or the time is over. */
export type SolveLinear = (programme: LinearProgram) => LinearAnswer | undefined;

const term = (of: number, name: string) => `${of < 0 ? "-" : "+"} ${Math.abs(of)} ${name}`;

/** The programme in CPLEX's LP text format, columns named `x0`, `x1`, … and rows `r0`, `r1`, … */
export function asLpText({ columns, rows }: LinearProgram): string {
  const byRow = rows.map((): string[] => []);
  columns.forEach(({ rows: entries }, i) => {
    for (const { row, of } of entries) byRow[row]!.push(term(of, `x${i}`));
  });
  const whole = columns.flatMap((c, i) => (c.whole ? [`x${i}`] : []));
  return [
    "Minimize",
    ` cost: ${columns.map((c, i) => term(c.cost, `x${i}`)).join(" ")}`,
    "Subject To",
    ...rows.map(
      ({ kind, value }, r) => ` r${r}: ${byRow[r]!.join(" ") || "0 x0"} ${kind === "least" ? ">=" : "<="} ${value}`,
    ),
    ...(whole.length > 0 ? ["General", ` ${whole.join(" ")}`] : []),
    "End",
  ].join("\n");
}
