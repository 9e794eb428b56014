import { describe, expect, it } from "vitest";
import { demoBuilds } from "../../demo/builds";
import { jobInput } from "../../tests/job";
import type { Build } from "../document/schema";
import { plan } from "../plan";
import type { StepStands } from "./standing";
import { heldNow, stepsNow, waitsOf } from "./view";

/** A demo build's plan, to be gone through with no clock but the one handed. */
function benchOf(build: Build) {
  const { steps, diary } = plan(jobInput(build), undefined, true);
  const stands = new Map<string, StepStands>();
  return {
    of: { steps, stands, entries: diary.entries },
    done(id: string, now: number) {
      const step = steps.find((s) => s.id === id)!;
      stands.set(id, { state: "done", entry: id, at: now, spentMinutes: 0, readyAt: now + step.waitMinutes });
    },
  };
}

describe.each(demoBuilds().map((b): [string, Build] => [b.name, b]))("the bench of %s", (_, build) => {
  it("always has a step that can be done, or a clock that will be over, until all is done; and none before its time", () => {
    const { of, done } = benchOf(build);
    let now = 0;
    const order: string[] = [];
    while (order.length < of.entries.length) {
      const [step] = stepsNow(of, now).filter((s) => !order.includes(s.id));
      if (!step) {
        const next = [...of.stands.values()].map((s) => s.readyAt ?? 0).filter((at) => at > now);
        expect(next.length, `stuck after ${order.join(", ")}`).toBeGreaterThan(0);
        now = Math.min(...next);
        continue;
      }
      expect(waitsOf(step, of, now).filter((w) => w.state !== "over")).toEqual([]);
      const held = heldNow(of, now);
      if (held && step.posture) expect(step.posture).toBe(held.posture);
      done(step.id, now);
      order.push(step.id);
      now += step.handsOnMinutes;
    }
    expect(new Set(order).size).toBe(of.entries.length);
  });
});
