import fc from "fast-check";
import { produce } from "immer";
import { describe, expect, it } from "vitest";
import { anyBuild } from "../../tests/anyBuild";
import { jobInput } from "../../tests/job";
import { rememberingNester } from "../cuts/nester";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { plan, publicPlan } from "../plan";
import { applyFix } from "../snags/fix";
import { planMemory } from "./memory";

/** Changes such as a builder makes one after another: something dragged on, the ground deeper, another animal, a fix pressed. */
const CHANGES: readonly ((of: Build) => Build)[] = [
  (of) =>
    produce(of, (draft) => {
      for (const f of chosenVariant(draft).features.slice(0, 1)) f.u.value += 2;
    }),
  (of) =>
    produce(of, (draft) => {
      const { groundDepth } = chosenVariant(draft).shell;
      if (groundDepth) groundDepth.value += 5;
    }),
  (of) =>
    produce(of, (draft) => {
      for (const wall of chosenVariant(draft).background.walls) wall.depth.value += 1;
    }),
  (of) =>
    produce(of, (draft) => {
      draft.brief.residents.pop();
    }),
  (of) => {
    const fix = plan(jobInput(of)).snags.find((s) => s.fix)?.fix;
    return fix ? applyFix(of, fix.patch) : of;
  },
  (of) => of,
];

describe("a plan with a memory of the last", () => {
  const said = (planned: ReturnType<typeof plan>) => JSON.stringify(publicPlan(planned));
  it("says what one without says, change after change", () => {
    const { book, workshop, log, ...rest } = jobInput();
    fc.assert(
      fc.property(
        anyBuild(),
        fc.array(fc.constantFrom(...CHANGES), { minLength: 2, maxLength: 4 }),
        (first, changes) => {
          const [memory, nester] = [planMemory(), rememberingNester()];
          let design = first;
          for (const change of [(of: Build) => of, ...changes]) {
            design = change(design);
            const input = { ...rest, book, workshop, log, design };
            expect(said(plan(input, nester, false, memory))).toBe(said(plan(input, rememberingNester())));
          }
        },
      ),
      { numRuns: 8 },
    );
  });
});
