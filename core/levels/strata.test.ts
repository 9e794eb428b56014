import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyGround } from "../../tests/anyInside";
import { anyFoundBuild } from "../../tests/anyShell";
import { jobInput } from "../../tests/job";
import { chosenVariant } from "../document/variant";
import { cutStrata } from "../ground/cutStrata";
import { buildShell } from "../shell/buildShell";
import { areaMm2 } from "../shell/outline";
import { stackLevels } from "./levels";
import { strataOf } from "./strata";

describe("the layers of any substrate", () => {
  it("lie on one another without a gap, none upside down, the topmost at the substrate's level", () => {
    fc.assert(
      fc.property(anyGround, fc.integer({ min: 0, max: 300 }), (any, topMm) => {
        const ground = { ...any, layers: any.layers.map((l) => ({ ...l, zone: null })) };
        const strata = strataOf({ backMm: topMm, frontMm: ground.front?.value ?? null }, ground.layers);
        strata.forEach((s, i) => {
          const under = strata[i - 1];
          expect([s.fromFrontMm, s.fromBackMm]).toEqual(under ? [under.frontMm, under.backMm] : [0, 0]);
          expect(s.frontMm).toBeGreaterThanOrEqual(s.fromFrontMm);
          expect(s.backMm).toBeGreaterThanOrEqual(s.fromBackMm);
        });
        const levels = stackLevels({ insideHeightMm: 600, groundMm: topMm, ground, waterMm: 0, damMm: 0 });
        expect(levels.groundMm).toBe(strata.at(-1)?.backMm ?? 0);
        expect(levels.groundMm).toBeGreaterThanOrEqual(topMm);
      }),
    );
  });
  it("are one, as high as was typed, while nothing but a depth is", () => {
    expect(strataOf({ backMm: 80, frontMm: null }, [])).toEqual([
      { id: "mix", kind: "mix", fromFrontMm: 0, fromBackMm: 0, frontMm: 80, backMm: 80 },
    ]);
    expect(strataOf({ backMm: 0, frontMm: null }, [])).toEqual([]);
  });
});

describe("a section of any substrate", () => {
  it("keeps every piece above the base and within the shell, none inside out", () => {
    fc.assert(
      fc.property(anyFoundBuild(), fc.constantFrom("frontBack" as const, "leftRight" as const), (design, cut) => {
        const variant = chosenVariant(design);
        const shell = buildShell(variant, jobInput().book);
        const { profile, inside } = shell;
        const room = cut === "frontBack" ? inside.depthMm : inside.widthMm;
        const lean =
          cut === "frontBack" ? profile.rimDepthMm - profile.footDepthMm : profile.rimWidthMm - profile.footWidthMm;
        for (const piece of cutStrata({ shell, variant, book: jobInput().book }, cut)) {
          for (const [across, up] of piece.points) {
            expect(up).toBeGreaterThanOrEqual(-1e-9);
            expect(across).toBeGreaterThanOrEqual(-Math.abs(lean) * 2 - 1e-6);
            expect(across).toBeLessThanOrEqual(room + Math.abs(lean) * 2 + 1e-6);
          }
          expect(areaMm2(piece.points)).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 60 },
    );
  });
});
