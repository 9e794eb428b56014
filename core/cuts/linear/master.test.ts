import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { loadSolver } from "../../../workers/highs";
import type { SolveLinear } from "./linear";
import { type Column, CoveringMaster } from "./master";

let highs: SolveLinear;
beforeAll(async () => {
  highs = await loadSolver();
});

const programme = fc.integer({ min: 1, max: 12 }).chain((rows) =>
  fc.record({
    wanted: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: rows, maxLength: rows }),
    columns: fc.array(
      fc.record({
        cost: fc.integer({ min: 1, max: 20 }),
        gives: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: rows, maxLength: rows }),
      }),
      { minLength: 1, maxLength: 40 },
    ),
    limit: fc.option(fc.integer({ min: 0, max: 5 }), { nil: undefined }),
  }),
);

describe("covering programmes that grow", () => {
  it("come to the same optimum as HiGHS, whether solved at once or column by column", () => {
    fc.assert(
      fc.property(programme, fc.boolean(), ({ wanted, columns, limit }, stepwise) => {
        const dear = 1000;
        const n = wanted.length;
        const limited = limit === undefined ? [] : [-limit];
        const full = columns.map(({ cost, gives }, k): Column => {
          const rows = gives.flatMap((of, row) => (of > 0 ? [row] : []));
          // The first column is the one of which there are not many.
          return k === 0 && limit !== undefined
            ? { cost, rows: [...rows, n], gives: [...rows.map((r) => gives[r]!), -1] }
            : { cost, rows, gives: rows.map((r) => gives[r]!) };
        });
        const master = new CoveringMaster([...wanted, ...limited], dear);
        let ours = 0;
        for (const column of full) {
          master.add(column);
          if (stepwise) ours = master.solve().value;
        }
        ours = master.solve().value;
        const theirs = highs({
          columns: [
            ...full.map((c) => ({ cost: c.cost, rows: c.rows.map((row, j) => ({ row, of: c.gives[j]! })) })),
            ...wanted.map((_, row) => ({ cost: dear, rows: [{ row, of: 1 }] })),
          ],
          rows: [...wanted, ...limited].map((value) => ({ kind: "least" as const, value })),
        })!;
        expect(ours).toBeCloseTo(theirs.cost, 5);
      }),
      { numRuns: 150 },
    );
  });
});
