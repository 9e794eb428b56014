import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoBuilds } from "../demo/builds";
import { onAnyPlan } from "../tests/anyPlans";
import { anySheetBuild } from "../tests/anySheet";
import { anyFoundBuild } from "../tests/anyShell";
import { jobInput } from "../tests/job";
import { notUsedWords } from "../tests/notUsed";
import { planUnproved } from "../tests/quick";
import { withoutNames, wordsOf } from "../tests/words";
import type { Build } from "./document/schema";
import { kindOf } from "./shell/kinds/index";

const inInches = (design: Build): Build => ({
  ...design,
  brief: { ...design.brief, units: { unit: "in", denominator: 16 } },
});
const anyDesign = fc.oneof(anyFoundBuild(), anySheetBuild(), fc.constantFrom(...demoBuilds()));
/** An id is words with a slash between and no space: `seal/left/coat-2`. Those that are words are let pass. */
const ID = /\b(?:shell|front|air|seal|ground|background|buying|diary|cuts|panes|windows|ports|seam|tray)\/[a-z0-9]/;

/** Metric lengths, but not areas. */
const METRIC = /\bmm\b|\b(milli|centi)met(re|er)s?\b|\d c?m\b(?![²³])/;

describe("what a builder reads of any design", () => {
  it("has no metric length in an inch build, but in the names of things", () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const plan = planUnproved(jobInput(inInches(design)));
        const { book } = jobInput();
        const metric = wordsOf(plan)
          .filter(({ text }) => METRIC.test(text) && METRIC.test(withoutNames(text, book)))
          .map(({ at, text }) => `${at}: ${text}`);
        expect(metric).toEqual([]);
      }),
      { numRuns: 50 },
    );
  });

  it("has none of the words the glossary does not use", () => {
    const notUsed = notUsedWords();
    onAnyPlan((p) => {
      const wrong = wordsOf(p).filter(({ text }) => notUsed.test(text));
      expect(wrong).toEqual([]);
    });
  });

  it("has no id, no “undefined” and no number that is none", () => {
    onAnyPlan((p) => {
      const wrong = wordsOf(p)
        .filter(({ text }) => ID.test(text) || /\b(undefined|null|NaN|Infinity|\[object)\b/.test(text))
        .map(({ at, text }) => `${at}: ${text}`);
      expect(wrong).toEqual([]);
    });
  });
});

describe("the waits of any design", () => {
  it("name a step that is there", () => {
    onAnyPlan((p) => {
      const { steps } = p;
      const ids = new Set(steps.map((s) => s.id));
      const gone = steps.flatMap((s) => s.after.filter((a) => !ids.has(a.id)).map((a) => `${s.id} after ${a.id}`));
      expect(gone).toEqual([]);
    });
  });

  it("let nothing be sealed in a found shell before it is surveyed", () => {
    onAnyPlan((p) => {
      if (!kindOf(p.shell).found) return;
      const { diary } = p;
      const survey = diary.entries.find((e) => e.stepId === "shell/survey");
      expect(survey).toBeDefined();
      const early = diary.entries.filter((e) => e.stepId.startsWith("seal/") && e.startAt < survey!.readyAt);
      expect(early.map((e) => e.stepId)).toEqual([]);
    });
  });
});
