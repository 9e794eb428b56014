import fc from "fast-check";
import * as v from "valibot";
import { describe, expect, it } from "vitest";
import { anyBuild } from "../../tests/anyBuild";
import { anyFixtures } from "../../tests/anyFixtures";
import { jobInput } from "../../tests/job";
import { planUnproved } from "../../tests/quick";
import { ClimateSchema } from "../climate/format";
import { checkDesign } from "../document/check";
import { chosenVariant } from "../document/variant";
import { DayAnswerSchema } from "./answer";
import { DAY } from "./facts";
import { runCoarse, runDay } from "./run";

/** Shorter than a month: nothing of what is asked here takes longer. */
const DAYS = 3;

describe("the day of any design", () => {
  it("is asked for as the climate takes it, answered in plain numbers, and told without one that is none", () => {
    let asked = 0;
    fc.assert(
      fc.property(anyBuild(), anyFixtures, (build, fixtures) => {
        const design = structuredClone(build);
        chosenVariant(design).fixtures = fixtures;
        if (checkDesign(design, jobInput().book).length > 0) return;
        const { ask, key } = planUnproved(jobInput(design)).facts.one(DAY)!;
        asked++;
        expect(v.safeParse(ClimateSchema, ask.input).issues?.map((i) => i.message)).toBeUndefined();
        const answer = runDay({ ...ask, input: { ...ask.input, days: DAYS } });
        expect(v.safeParse(DayAnswerSchema, answer).issues?.map((i) => i.message)).toBeUndefined();
        const coarse = runCoarse(ask);
        for (const list of [coarse.tempC, coarse.rh, coarse.airChangesPerHour])
          expect(list.every(Number.isFinite)).toBe(true);
        const planned = planUnproved({ ...jobInput(design), days: [{ ...answer, key }] });
        const said = planned.snags.map((s) => `${s.title} ${s.sentence}`).join(" ");
        expect(said).not.toMatch(/NaN|Infinity|undefined/);
        expect(planned.figures.every((f) => Number.isFinite(f.value))).toBe(true);
      }),
      { numRuns: 25 },
    );
    expect(asked).toBeGreaterThan(8);
  });
});
