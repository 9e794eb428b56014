import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anySheetBuild } from "../tests/anySheet";
import { jobInput } from "../tests/job";
import { planUnproved } from "../tests/quick";
import { expectFixesMend, expectNumbers } from "../tests/sound";
import type { SheetVariant } from "./document/schema";
import { publicPlan } from "./plan";
import { measureBox } from "./shell/kinds/sheet/box";

describe("any valid design", () => {
  it("plans without NaN, and its parts' areas add up to the faces they came from", () => {
    fc.assert(
      fc.property(anySheetBuild(), (design) => {
        const p = planUnproved(jobInput(design));
        expectNumbers(publicPlan(p));
        const { inside, outside, strips } = p.shell;
        const { joints } = (design.variants[0] as SheetVariant).shell;
        if (joints.back === "rabbeted") return;
        const walls =
          outside.widthMm * outside.depthMm * outside.heightMm - inside.widthMm * inside.depthMm * inside.heightMm;
        // A pane behind the front frame is no panel of the box.
        const behind = new Set(strips.filter((s) => s.backMm !== undefined).map((s) => `front/${s.id}`));
        const frame = strips
          .filter((s) => s.backMm === undefined)
          .reduce((sum, s) => sum + s.widthMm * s.heightMm * s.material.thicknessMm, 0);
        const sheet = p.parts
          .filter(
            (x) =>
              /^(shell|front)\/(top|base|left|right|back|dam|vent-rail|head-rail|stile)/.test(x.id) &&
              !behind.has(x.id),
          )
          .reduce((sum, x) => sum + x.lengthMm * x.widthMm * x.thicknessMm, 0);
        // What lies between the panels is no panel.
        const { bedMm } = measureBox(design.variants[0] as SheetVariant, jobInput().book);
        const thickestMm = Math.max(...p.parts.map((x) => x.thicknessMm));
        const beds = p.shell.joints.reduce((sum, j) => sum + j.lengthMm * bedMm * thickestMm, 0);
        expect(sheet).toBeLessThanOrEqual((walls + frame) * (1 + 1e-9));
        expect(sheet).toBeGreaterThanOrEqual((walls + frame) * (1 - 1e-9) - beds);
      }),
      { numRuns: 50 },
    );
  });

  it("each fix offered clears its snag and raises no new stop", () => {
    fc.assert(fc.property(anySheetBuild(), expectFixesMend), { numRuns: 14 });
  });
});
