import { describe, expect, it } from "vitest";
import { type KeptPlan, keptBuilds, keptPlan, planKept } from "../tests/keptPlans";
import { publicPlan } from "./plan";

/**
 * Plans of builds that were written by an older version, as they were when rules were last changed on purpose:
 * `npm run keep-plans` writes them again, and its commit says what moved and why. Last: a water test that its log
 * tells to be passed is over, with all it waited for, and leaves the diary.
 */

type Row = Record<string, unknown>;
const byKey = (rows: readonly unknown[], key: (row: Row) => string): Record<string, Row> =>
  Object.fromEntries((rows as Row[]).map((row) => [key(row), row]));
const byId = (rows: readonly unknown[]) => byKey(rows, (r) => String(r.id));

describe.each(keptBuilds(5).map(({ name, text }) => [name, text]))("the plan of %s as it was", (name, text) => {
  const was = keptPlan(name);
  const now = JSON.parse(JSON.stringify(publicPlan(planKept(text).planned))) as KeptPlan;

  it("has the same parts, supplies, sheets and shopping", () => {
    expect(byId(now.parts)).toEqual(byId(was.parts));
    expect(byId(now.supplies)).toEqual(byId(was.supplies));
    expect(now.sheets).toEqual(was.sheets);
    expect(byId(now.shopping)).toEqual(byId(was.shopping));
  });

  it("has the same figures", () => {
    const [a, b] = [byId(now.figures), byId(was.figures)];
    expect(Object.keys(a).sort()).toEqual(Object.keys(b).sort());
    for (const id of Object.keys(b)) {
      const { value, ...rest } = b[id]!;
      expect(a[id]).toMatchObject(rest);
      expect(a[id]!.value, id).toBeCloseTo(value as number, 9);
    }
  });

  it("has the same snags and fixes", () => {
    const key = (row: Row) => `${row.rule} ${row.subject}`;
    expect(byKey(now.snags, key)).toEqual(byKey(was.snags, key));
  });

  it("has the same steps, waiting for steps that there are", () => {
    const own = byId(now.steps);
    expect(own).toEqual(byId(was.steps));
    for (const step of now.steps) for (const { id } of step.after) expect(own).toHaveProperty([id]);
  });

  it("comes to the same, and is dated the same", () => {
    const { massWetKg, ...tally } = now.tally;
    const { massWetKg: wet, ...kept } = was.tally;
    expect(tally).toEqual(kept);
    expect(massWetKg).toBeCloseTo(wet, 9);
    expect(now.diary).toEqual(was.diary);
  });
});
