import { describe, expect, it } from "vitest";
import { readBuildFile, writeBuildFile } from "../../files/buildFile";
import { jobInput } from "../../tests/job";
import { plan } from "../plan";
import { isSound } from "./kept";
import { compareWorth, worthOf } from "./nest/compare";
import { search } from "./nest/nest";
import type { KeptNesting } from "./nester";

const input = jobInput();
const [group] = plan(input).groups;
const longer = (): KeptNesting => {
  const running = search(group!.instance);
  for (let i = 0; i < 12 && running.round(); i++);
  return { instance: JSON.stringify(group!.instance), solution: running.best() };
};

describe("a nesting found by a longer search", () => {
  const kept = longer();
  it("is never worse than the plan's own, and sound", () => {
    const [now, later] = [group!.solution, kept.solution].map((s) => worthOf(group!.instance, s));
    expect(compareWorth(later!, now!)).toBeLessThanOrEqual(0);
    expect(isSound(kept)).toBe(true);
  });
  it("is what the plan shows once it is kept, here and from an exported file", () => {
    const here = plan({ ...input, nestings: [kept] });
    expect(here.groups[0]!.solution).toEqual(kept.solution);
    expect(here.groups[0]!.layout.map((s) => s.parts)).toEqual(kept.solution.sheets.map((s) => s.parts));
    const read = readBuildFile(JSON.parse(writeBuildFile({ ...input, nestings: [kept] })));
    if (!read.ok) throw new Error(read.message);
    expect(plan(read.value).groups[0]!.solution).toEqual(kept.solution);
  });
  it("is let go of when it answers other parts, or was tampered with", () => {
    const other = { ...kept, instance: kept.instance.replace('"qty":1', '"qty":2') };
    expect(isSound(other)).toBe(false);
    expect(isSound({ ...kept, instance: "no JSON" })).toBe(false);
    const { sheets, ...rest } = kept.solution;
    const shifted = sheets.map((s, i) =>
      i === 0 ? { ...s, parts: s.parts.map((p) => ({ ...p, x: p.x + 3000 })) } : s,
    );
    expect(isSound({ ...kept, solution: { ...rest, sheets: shifted } })).toBe(false);
    const read = readBuildFile(JSON.parse(writeBuildFile({ ...input, nestings: [other] })));
    expect(read).toMatchObject({ ok: true, value: { nestings: [] } });
  });
  it("is compared by what is placed, then cost, then offcut", () => {
    const worth = (unplaced: number, cost: number, offcutMm2: number) => ({ unplaced, cost, offcutMm2 });
    expect(compareWorth(worth(0, 90, 0), worth(1, 10, 9))).toBeLessThan(0);
    expect(compareWorth(worth(0, 80, 0), worth(0, 90, 9))).toBeLessThan(0);
    expect(compareWorth(worth(0, 90, 900), worth(0, 90, 9))).toBeLessThan(0);
    expect(compareWorth(worth(0, 90, 9), worth(0, 90, 9))).toBe(0);
  });
});
