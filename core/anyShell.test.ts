import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { onAnyPlan } from "../tests/anyPlans";
import { anyFoundBuild } from "../tests/anyShell";
import { jobInput } from "../tests/job";
import { expectFixesMend, expectNumbers } from "../tests/sound";
import { coversOf } from "./background/covers";
import { cutCovers } from "./background/cut";
import { readBuild } from "./document/read";
import { chosenVariant } from "./document/variant";
import { cutStrata } from "./ground/cutStrata";
import { publicPlan } from "./plan";
import { openingsRegister, serviceRegister } from "./registers/registers";
import { buildShell } from "./shell/buildShell";
import { kindOf } from "./shell/kinds/index";
import { cutShell } from "./shell/section";

describe("any build from a found shell", () => {
  it("plans without NaN in ledgers, registers and sections", () => {
    onAnyPlan((p, design) => {
      if (!kindOf(p.shell).found) return;
      const all = [
        publicPlan(p),
        openingsRegister(p.facts),
        serviceRegister(p.site, p.facts),
        cutShell(p.shell, "frontBack"),
        cutShell(p.shell, "leftRight"),
        ...(["frontBack", "leftRight"] as const).flatMap((cut) => [
          cutStrata(p.site, cut),
          cutCovers(p.shell, coversOf(p.shell, chosenVariant(design)), cut),
        ]),
      ];
      expectNumbers(all);
      expect(p.shell.volumeMl).toBeGreaterThan(0);
      expect(p.tally.massDryKg).toBeGreaterThan(0);
      expect(p.figures.find((f) => f.id === "shell/tipping")!.value).toBeGreaterThan(-90);
    });
  });

  it("offers only fixes that clear their snag and raise no new stop", () => {
    fc.assert(fc.property(anyFoundBuild(), expectFixesMend), { numRuns: 12 });
  });

  it("has ids that are its own, and figures that are there for what names them", () => {
    onAnyPlan((p) => {
      if (!kindOf(p.shell).found) return;
      for (const ledger of [p.parts, p.supplies, p.steps, p.figures]) {
        const ids = ledger.map((row) => row.id);
        expect(new Set(ids).size).toBe(ids.length);
      }
      const ids = new Set(p.figures.map((f) => f.id));
      for (const row of [...p.parts, ...p.supplies, ...p.steps, ...p.snags])
        if (row.figure) expect(ids).toContain(row.figure);
    });
  });

  it("orders its steps: nothing starts before what it waits for is ready", () => {
    onAnyPlan((p) => {
      if (!kindOf(p.shell).found) return;
      const entry = new Map(p.diary.entries.map((e) => [e.stepId, e]));
      for (const step of p.steps)
        for (const { id } of step.after) {
          const earlier = entry.get(id);
          if (earlier) expect(entry.get(step.id)!.startAt).toBeGreaterThanOrEqual(earlier.readyAt);
        }
    });
  });

  it("is read back from its own JSON as it was", () => {
    fc.assert(
      fc.property(anyFoundBuild(), (design) => {
        const read = readBuild(JSON.parse(JSON.stringify(design)), jobInput().book);
        expect(read).toEqual({ ok: true, value: design });
        const shell = buildShell(chosenVariant(design), jobInput().book);
        expect(shell.kind).toBe(chosenVariant(design).shell.kind);
      }),
      { numRuns: 30 },
    );
  });

  it("weighs more with substrate in it than without, and never less with doors than without", () => {
    onAnyPlan((p, design) => {
      if (!kindOf(p.shell).found) return;
      expect(p.tally.massWetKg).toBeGreaterThanOrEqual(p.tally.massDryKg);
      // A pool may take the whole floor.
      if (p.shell.levels.groundMm > 0 && !chosenVariant(design).vessels.some((x) => x.kind === "pool"))
        expect(p.tally.massWetKg).toBeGreaterThan(p.tally.massDryKg);
    });
  });
});
