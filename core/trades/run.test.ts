import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoBuilds } from "../../demo/builds";
import { anyBuild } from "../../tests/anyBuild";
import { jobInput } from "../../tests/job";
import type { Build, Variant } from "../document/schema";
import { chosenVariant, variantPath } from "../document/variant";
import { factsOf } from "../ledgers/facts";
import { applyFix, tryFix } from "../snags/fix";
import { TRADES } from "./list";
import { gathered, type Run, runTrades } from "./run";

/** Runs designs with one bench: book, workshop and log are the same for all of them. */
function bench() {
  const { book, workshop, log } = jobInput();
  return (of: Build, before?: Run): Run =>
    runTrades(
      {
        ...{ book, workshop, log, brief: of.brief, variant: chosenVariant(of) },
        at: (path) => variantPath(of, path),
      },
      before && [before],
    );
}

/** Every fix that any snag of a run has to offer, tried or not. */
const fixesOf = (run: Run) => gathered(run).snags.flatMap((s) => [...(s.fix ? [s.fix] : []), ...(s.otherFixes ?? [])]);

/** What a run made as plain data; of what mends a gap, what it answers. */
const madeBy = (run: Run): unknown =>
  JSON.parse(
    JSON.stringify({ shell: run.shell, ...gathered(run) }, (_, value: unknown) =>
      typeof value === "function" ? [2, 7.5, 20].map((mm) => (value as (mm: number) => unknown)(mm)) : value,
    ),
  );

/** Whether a trade's declared inputs are the same in two runs, told from their words alone. */
function sameInputs(id: string, a: Run, b: Run): boolean {
  const trade = TRADES.find((t) => t.id === id)!;
  const inputs = ({ site, shell, ran }: Run) =>
    JSON.stringify([
      site.brief,
      shell,
      trade.reads.map((name) => site.variant[name]),
      [...ran.values()].flatMap(({ ledger }) =>
        ledger.facts.filter((f) => trade.needs.some((n) => n.key === f.key)).map((f) => f.value),
      ),
    ]);
  return inputs(a) === inputs(b);
}

describe("trades run again after a fix", () => {
  it("make what they make from nothing, on any design and fix", () => {
    fc.assert(
      fc.property(anyBuild(), (design) => {
        const run = bench();
        const before = run(design);
        for (const fix of fixesOf(before)) {
          const fixed = tryFix(design, fix.patch);
          if (fixed) expect(madeBy(run(fixed, before)), fix.label).toEqual(madeBy(run(fixed)));
        }
      }),
      { numRuns: 6 },
    );
  });

  it("make what they make from nothing after any other change too", () => {
    fc.assert(
      fc.property(anyBuild(), anyBuild(), (one, other) => {
        const run = bench();
        expect(madeBy(run(other, run(one)))).toEqual(madeBy(run(other)));
      }),
      { numRuns: 10 },
    );
  });

  it("are not planned again where what they read has not changed", () => {
    let [kept, anew] = [0, 0];
    for (const design of demoBuilds()) {
      const run = bench();
      const before = run(design);
      for (const fix of fixesOf(before)) {
        const then = run(applyFix(design, fix.patch), before);
        for (const { id } of TRADES) {
          const again = then.ran.get(id)!.ledger !== before.ran.get(id)!.ledger;
          if (again) anew++;
          else kept++;
          if (sameInputs(id, before, then)) expect(again, `${fix.label}: ${id}`).toBe(false);
        }
      }
    }
    expect(anew).toBeGreaterThan(0);
    expect(kept).toBeGreaterThan(anew);
  });

  it("read no part of the variant but those they say they read", () => {
    let looked = 0;
    fc.assert(
      fc.property(anyBuild(), (design) => {
        const { site, ran } = bench()(design);
        for (const trade of TRADES) {
          const variant = new Proxy(site.variant, {
            get(whole, name) {
              looked++;
              if (!trade.reads.includes(name as keyof Variant)) throw new Error(`${trade.id} reads ${String(name)}`);
              return Reflect.get(whole, name);
            },
          });
          const told = [...ran.values()].flatMap((r) => r.ledger.facts);
          const needed = told.filter((f) => trade.needs.some((n) => n.key === f.key));
          trade.plan({ ...site, variant }, { facts: factsOf(needed), log: jobInput().log });
        }
      }),
      { numRuns: 15 },
    );
    expect(looked).toBeGreaterThan(1000);
  });

  it("are all planned again at another bench", () => {
    const [design] = demoBuilds();
    const before = bench()(design!);
    const then = bench()(design!, before);
    for (const { id } of TRADES) expect(then.ran.get(id)!.ledger).not.toBe(before.ran.get(id)!.ledger);
    expect(madeBy(then)).toEqual(madeBy(before));
  });
});
