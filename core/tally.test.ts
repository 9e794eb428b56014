import { describe, expect, it } from "vitest";
import { antYard, demoBuilds, haberdasher } from "../demo/builds";
import { jobBuild, jobInput, jobVariant, sheetShell } from "../tests/job";
import { newSlidingPair } from "./closures/kinds/slidingPair/create";
import { parseLocal } from "./design/localTime";
import { statedMm } from "./design/measure";
import { plan } from "./plan";

describe("the tally", () => {
  it("is dry mass as shell and panes, wet as with substrate or water", () => {
    const p = plan(jobInput());
    const value = (id: string) => p.figures.find((f) => f.id === id)!.value;
    expect(p.tally.massDryKg).toBeCloseTo(value("shell/mass-shell") + value("front/pane-mass"), 9);
    expect(p.tally.massWetKg).toBeCloseTo(p.tally.massDryKg + value("shell/mass-fill"), 9);
  });

  it("moves with what it sums: a longer box is dearer, heavier and longer in the making", () => {
    const short = plan(jobInput(jobBuild(jobVariant(["900", "600", "600"])))).tally;
    const long = plan(jobInput(jobBuild(jobVariant(["1800", "600", "600"])))).tally;
    expect(long.massDryKg).toBeGreaterThan(short.massDryKg);
    expect(long.costLikelyMinor).toBeGreaterThan(short.costLikelyMinor);
    expect(long.handsOnMinutes).toBeGreaterThan(short.handsOnMinutes);
    expect(long.sheets).toBeGreaterThanOrEqual(short.sheets);
  });

  it("counts sheets bought, not those from a rack or the shell's own panes", () => {
    const boxless = haberdasher();
    boxless.variants[0]!.boxes = [];
    expect(plan(jobInput(boxless)).tally.sheets).toBe(0);
    // Its pump box is cut from one.
    expect(plan(jobInput(haberdasher())).tally.sheets).toBe(1);
    expect(plan(jobInput(antYard())).tally).toMatchObject({ sheets: 0, usedShare: 0 });
  });

  it("says dates in order: substrate before residents, both after now", () => {
    for (const build of demoBuilds()) {
      const { tally } = plan(jobInput(build));
      const now = parseLocal(jobInput().now)!;
      const residents = parseLocal(tally.residentsInAt!)!;
      expect(residents).toBeGreaterThan(now);
      if (tally.groundInAt) expect(parseLocal(tally.groundInAt)!).toBeLessThan(residents);
      expect(tally.nextWait!.minutes).toBeGreaterThan(0);
    }
  });

  it("says nothing of dates while there are no hours to build in", () => {
    const input = jobInput();
    const idle = plan({ ...input, workshop: { ...input.workshop, hours: [[], [], [], [], [], [], []] } });
    expect(idle.tally).toMatchObject({ groundInAt: null, residentsInAt: null });
  });

  it("leaves what has no price out of the cost, and counts it", () => {
    const input = jobInput();
    const before = plan(input).tally;
    for (const m of input.book.materials) if (m.class === "sheet") for (const s of m.stock) s.priceMinor = null;
    const after = plan(input).tally;
    expect(after.unpriced).toBe(before.unpriced + 1);
    expect(after.costLikelyMinor).toBe(before.costLikelyMinor - 2 * 6200);
  });

  it("never tips a box further by filling nothing, and tips sooner with its doors further out", () => {
    const tip = (p: ReturnType<typeof plan>) => p.figures.find((f) => f.id === "shell/tipping")!.value;
    const open = jobBuild();
    open.variants[0]!.closures = [];
    const glazed = jobBuild();
    glazed.variants[0]!.closures = [newSlidingPair(6)];
    // Glass at the front edge draws the middle of mass forward.
    expect(tip(plan(jobInput(glazed)))).toBeLessThan(tip(plan(jobInput(open))));
    const tall = jobBuild();
    sheetShell(tall).size.height = statedMm(1200);
    expect(tip(plan(jobInput(tall)))).toBeLessThan(tip(plan(jobInput())));
  });
});
