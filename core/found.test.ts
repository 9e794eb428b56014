import { describe, expect, it } from "vitest";
import { onAnyPlan } from "../tests/anyPlans";
import { isMade } from "./design/found";
import type { Variant } from "./document/schema";
import { chosenVariant } from "./document/variant";
import { isCut } from "./features/feature";
import { OWN_PANES } from "./materials/ownPanes";
import type { Plan } from "./plan";
import { isPassed } from "./seal/test/standing";
import { hasDam, waterStands } from "./seal/water";

/** Everything a plan makes, by the ids of parts, supplies and steps. */
const idsOf = ({ parts, supplies, steps }: Plan) => ({
  parts: parts.map((p) => p.id),
  supplies: supplies.map((s) => s.id),
  steps: steps.map((s) => s.id),
});

/** Found features that are kept: nothing is made for them, and nothing is done to them. */
function keptFeatures(variant: Variant): string[] {
  return variant.features
    .filter((f) => !isMade(f) && f.fate !== "mended" && isCut(f) && (!("meshOrigin" in f) || f.meshOrigin === "found"))
    .map((f) => f.id);
}

/** Whether an id names a thing, as the plan writes ids: a path with the thing's own id as one of its parts. */
const names = (id: string, thing: string) => id.split("/").includes(thing);

describe("what was found and stays", () => {
  it("is never cut, bought, drilled or made, on any design", () => {
    let kept = 0;
    onAnyPlan((p, build) => {
      const { parts, supplies, steps } = idsOf(p);
      for (const id of keptFeatures(chosenVariant(build))) {
        kept++;
        // A tube's own oval is a figure, not a part; what is taken off or tried may name it.
        expect(parts.filter((x) => names(x, id))).toEqual([]);
        expect(supplies.filter((x) => names(x, id))).toEqual([]);
        expect(steps.filter((x) => names(x, id))).toEqual([]);
      }
      const variant = chosenVariant(build);
      for (const closure of variant.closures) {
        const { lock } = closure;
        // The main opening's lock is called by itself, another's with its opening.
        const main = p.shell.openings[0].id === closure.opening;
        const own = (x: string) =>
          x === (main ? `front/${lock?.kind}-lock` : `front/${closure.opening}/${lock?.kind}-lock`);
        if (lock && !isMade(lock)) expect(supplies.filter(own)).toEqual([]);
        if (closure.kind === "found")
          expect(parts.filter((x) => x.startsWith(`front/${closure.opening}/`))).toEqual([]);
      }
      for (const cure of variant.cures)
        if (cure.origin === "found") {
          expect([...parts, ...supplies, ...steps].filter((x) => names(x, cure.id))).toEqual([]);
        }
      for (const wall of variant.background.walls)
        if (!isMade(wall) && wall.fate !== "mended")
          expect(steps.filter((x) => x.startsWith(`background/${wall.face}/`) && !x.endsWith("/film"))).toEqual([]);
    });
    expect(kept).toBeGreaterThan(10);
  });

  it("is cut from only where a shelf was given up for it", () => {
    onAnyPlan((p) => {
      const cut = p.parts.filter((x) => x.materialId === OWN_PANES);
      if (cut.length > 0) expect(p.shell.reusable.length).toBeGreaterThan(0);
    });
  });

  it("is replaced by something made, after a step that takes it off", () => {
    onAnyPlan((p, build) => {
      const order = new Map(p.diary.entries.map((e) => [e.stepId, e]));
      for (const f of chosenVariant(build).features) {
        if (!("meshOrigin" in f) || f.meshOrigin !== "found" || f.fate !== "replaced" || f.mesh === null) continue;
        const off = order.get(`air/${f.id}/off`);
        const on = order.get(`air/${f.id}/mesh`);
        expect(off, f.id).toBeDefined();
        expect(on, f.id).toBeDefined();
        expect(off!.readyAt).toBeLessThanOrEqual(on!.startAt);
      }
    });
  });
});

describe("water wherever it can stand", () => {
  it("has a test in the diary, or a blocker, on any design", () => {
    let [wet, dammed] = [0, 0];
    onAnyPlan((p, build) => {
      const test = p.steps.find((s) => s.id === "seal/water-test");
      expect(test !== undefined).toBe(waterStands(p.site));
      if (!test) return;
      wet++;
      const rules = p.snags.map((s) => s.rule);
      if (!hasDam(p.site)) {
        expect(rules).toContain("seal/no-dam");
        return;
      }
      dammed++;
      const asked = ["seal/untested", "seal/fills-untested", "seal/test-runs", "seal/leaks"];
      expect(isPassed(p.test) || asked.some((rule) => rules.includes(rule))).toBe(true);
      // Where its own seams hold the water, none under its line is left without a bead.
      const open = p.shell.seams.some((s) => s.wet && !s.found);
      if (open && chosenVariant(build).seal.seams === "none") expect(rules).toContain("seal/water-without-beads");
    });
    expect(wet).toBeGreaterThan(20);
    expect(dammed).toBeGreaterThan(10);
  });
});
