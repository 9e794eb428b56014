import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoBuilds } from "../demo/builds";
import { anySheetBuild } from "../tests/anySheet";
import { anyFoundBuild } from "../tests/anyShell";
import { jobInput } from "../tests/job";
import { planUnproved } from "../tests/quick";
import { OWN_PANES } from "./materials/ownPanes";
import type { Plan } from "./plan";

const anyDesign = fc.oneof(anyFoundBuild(), anySheetBuild(), fc.constantFrom(...demoBuilds()));

/** Materials of which something must be bought. */
const bought = ({ buying }: Plan): Set<string> =>
  new Set(
    buying.lines.filter((l) => l.likelyMinor === null || l.safe.some((s) => s.count > 0)).map((l) => l.materialId),
  );

/** When the fetching is over. */
const fetchedAt = ({ diary, steps }: Plan): number | undefined => {
  const fetch = steps.find((s) => s.reaches?.includes("fetched"));
  return diary.entries.find((e) => e.stepId === fetch?.id)?.readyAt;
};

describe("on any design", () => {
  it("nothing is used before it is fetched, unless it is on hand", () => {
    let asked = 0;
    fc.assert(
      fc.property(anyDesign, (design) => {
        const p = planUnproved(jobInput(design));
        const toBuy = bought(p);
        const there = fetchedAt(p);
        for (const step of p.steps) {
          const used = (step.uses ?? []).filter((id) => toBuy.has(id));
          if (used.length === 0) continue;
          asked++;
          const start = p.diary.entries.find((e) => e.stepId === step.id)!.startAt;
          expect(there, `${step.id} uses ${used.join(", ")}`).toBeDefined();
          expect(start, `${step.id} uses ${used.join(", ")}`).toBeGreaterThanOrEqual(there!);
        }
      }),
      { numRuns: 150 },
    );
    expect(asked).toBeGreaterThan(300);
  });

  it("what is bought is used by a step that says so", () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const p = planUnproved(jobInput(design));
        const used = new Set(p.steps.flatMap((s) => s.uses ?? []));
        for (const id of bought(p)) expect([...used], id).toContain(id);
      }),
      { numRuns: 150 },
    );
  });

  it("a step names what it uses as the book does, or the panes the shell came with", () => {
    const known = new Set([OWN_PANES, ...jobInput().book.materials.map((m) => m.id)]);
    fc.assert(
      fc.property(anyDesign, (design) => {
        for (const step of planUnproved(jobInput(design)).steps)
          for (const id of step.uses ?? []) expect([...known], step.id).toContain(id);
      }),
      { numRuns: 60 },
    );
  });
});
