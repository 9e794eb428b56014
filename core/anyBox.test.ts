import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anySheetBuild } from "../tests/anySheet";
import { jobInput } from "../tests/job";
import { planUnproved } from "../tests/quick";
import { expectFixesMend, expectNumbers } from "../tests/sound";
import type { SheetVariant } from "./document/schema";
import { publicPlan } from "./plan";

describe("any valid design", () => {
  it("plans without NaN, and its parts' areas add up to the faces they came from", () => {
    fc.assert(
      fc.property(anySheetBuild(), (design) => {
        const p = planUnproved(jobInput(design));
        expectNumbers(publicPlan(p));
        const { inside, outside, strips } = p.shell;
        const rabbet = (design.variants[0] as SheetVariant).shell.joints;
        if (rabbet.back === "rabbeted") return;
        const walls =
          outside.widthMm * outside.depthMm * outside.heightMm - inside.widthMm * inside.depthMm * inside.heightMm;
        // A pane behind the front frame is glass, and no panel.
        const frame = strips
          .filter((s) => s.backMm === undefined)
          .reduce((sum, s) => sum + s.widthMm * s.heightMm * s.material.thicknessMm, 0);
        const sheet = p.parts
          .filter((x) => x.kind === "panel")
          .reduce((sum, x) => sum + x.lengthMm * x.widthMm * x.thicknessMm, 0);
        expect(sheet / (walls + frame)).toBeCloseTo(1, 9);
      }),
      { numRuns: 50 },
    );
  });

  it("each fix offered clears its snag and raises no new stop", () => {
    fc.assert(fc.property(anySheetBuild(), expectFixesMend), { numRuns: 14 });
  });
});
