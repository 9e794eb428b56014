import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { mm } from "../../../../tests/anyMeasure";
import { planned, snagOf } from "../../../../tests/bareTank";
import { jobInput } from "../../../../tests/job";
import { statedMm } from "../../../design/measure";
import { checkDesign } from "../../../document/check";
import { newBuild, newVariant } from "../../../document/create";
import type { Build } from "../../../document/schema";
import { applyFix } from "../../../snags/fix";
import { FASTENER } from "./fasteners";
import { coatsInJoints, maskedOf, workedOf } from "./margins";
import { fastenersWanted, insideOf, missingPlaces, wantedPanels } from "./measure";
import { FASTENER_IDS } from "./names";
import { nextPanel } from "./next";
import type { PanelKitShell } from "./schema";

const PANELS = ["base", "top", "left", "right", "back"] as const;

/** A kit of any outside, put together in any way, with nothing on its list. */
const anyKit = fc
  .record({
    ...{ width: mm(300, 1500), depth: mm(250, 800), height: mm(300, 1500), thickness: mm(6, 25) },
    box: fc.constantFrom("topBaseOver" as const, "sidesFull" as const),
    back: fc.constantFrom("overlaid" as const, "inset" as const),
    margin: fc.option(mm(0, 40), { nil: null }),
  })
  .map(({ margin, ...found }) => {
    const variant = newVariant("panelKit");
    const shell = variant.shell as PanelKitShell;
    Object.assign(shell.found, found);
    Object.assign(shell.putUp, { school: "flat", margin });
    shell.found.fasteners.length = statedMm(found.thickness.value + 20);
    return newBuild("Any kit", { unit: "mm" }, variant);
  });
const shellOf = (build: Build) => build.variants[0]!.shell as PanelKitShell;

describe("any kit of panels", () => {
  it("asks for panels whose stuff is all that stands between outside and inside", () => {
    fc.assert(
      fc.property(anyKit, (build) => {
        const { found } = shellOf(build);
        const inside = insideOf(found);
        // Open in front: the five panels are all of its walls.
        const walls =
          found.width.value * found.depth.value * found.height.value -
          inside.widthMm * inside.depthMm * inside.heightMm;
        const panels = wantedPanels(found).reduce(
          (sum, { lengthMm, widthMm }) => sum + lengthMm * widthMm * found.thickness.value,
          0,
        );
        expect(panels / walls).toBeCloseTo(1, 9);
      }),
      { numRuns: 60 },
    );
  });

  it("makes its box once each place that is missing is said to be there", () => {
    fc.assert(
      fc.property(anyKit, (start) => {
        let build = start;
        for (let i = 0; i < PANELS.length; i++) {
          const told = snagOf(build, "kit/panel-missing");
          expect(told?.fix).toBeDefined();
          build = applyFix(build, told!.fix!.patch);
        }
        expect(missingPlaces(shellOf(build).found)).toEqual([]);
        expect(planned(build).snags.filter((s) => s.rule.startsWith("kit/panel"))).toEqual([]);
        expect(checkDesign(build, jobInput().book)).toEqual([]);
      }),
      { numRuns: 8 },
    );
  });

  it("gets its nine panels one by one, each for another place, each size a guess that holds what is wanted", () => {
    fc.assert(
      fc.property(anyKit, (build) => {
        const { found } = shellOf(build);
        for (let i = 0; i < 9; i++) found.panels.push(nextPanel(found));
        expect(new Set(found.panels.map((p) => p.place)).size).toBe(9);
        expect(new Set(found.panels.map((p) => p.id)).size).toBe(9);
        for (const { length, width } of found.panels)
          for (const { how, value, low, high } of [length, width]) {
            expect(how).toBe("guessed");
            expect(low!).toBeLessThan(value);
            expect(high!).toBeGreaterThan(value);
          }
        // What comes after them is left over.
        expect(nextPanel(found).place).toBe("spare");
      }),
      { numRuns: 30 },
    );
  });

  it("works no more of a face than there is, and tells a coat in a joint just where one lies in it", () => {
    fc.assert(
      fc.property(anyKit, (build) => {
        const shell = shellOf(build);
        const { faces } = planned(build).shell;
        for (const id of PANELS) {
          const { room } = faces[id];
          const worked = workedOf(shell, id, room);
          expect(worked.widthMm).toBeLessThanOrEqual(room.widthMm);
          expect(worked.heightMm).toBeLessThanOrEqual(room.heightMm);
          expect(worked.uMm).toBeGreaterThanOrEqual(0);
          // As many neighbours as edges that are not free.
          expect(maskedOf(shell, id)).toHaveLength(id === "back" ? 4 : 3);
        }
        const { margin } = shell.putUp;
        const wanted = Math.max(
          ...coatsInJoints({ ...shell, putUp: { ...shell.putUp, margin: statedMm(0) } }, PANELS).map((e) => e.wantedMm),
        );
        expect(coatsInJoints(shell, PANELS).length > 0).toBe(margin !== null && margin.value < wanted - 1e-9);
      }),
      { numRuns: 40 },
    );
  });

  it("wants more fasteners the closer they stand, and never none", () => {
    fc.assert(
      fc.property(anyKit, mm(60, 200), mm(200, 500), (build, close, far) => {
        const { found } = shellOf(build);
        const at = (spacing: typeof close) => fastenersWanted({ ...found, fasteners: { ...found.fasteners, spacing } });
        expect(at(close)).toBeGreaterThanOrEqual(at(far));
        expect(at(far)).toBeGreaterThan(0);
      }),
      { numRuns: 40 },
    );
  });
});

describe("fasteners", () => {
  it("each have a length that fits a board of 18 mm, and come through none", () => {
    for (const id of FASTENER_IDS) {
      const { leastMm, mostMm } = FASTENER[id];
      expect(leastMm(18), id).toBeLessThan(mostMm(18));
    }
    // Half a dowel, and all of a screw in a block, stay in the face by 2 mm.
    expect(FASTENER.dowel.mostMm(18) / 2).toBe(16);
    expect(FASTENER.blockScrew.mostMm(18)).toBe(16);
  });
});

describe("sizes nobody has measured", () => {
  it("are asked for panel by panel, and no more once they are typed", () => {
    const build = newBuild("Guessed", { unit: "mm" }, newVariant("panelKit"));
    const { found } = shellOf(build);
    found.panels.push(nextPanel(found));
    const told = planned(build).snags.filter((s) => s.rule === "shell/guessed");
    expect(told).toHaveLength(1);
    expect(told[0]).toMatchObject({ title: "Base is a guess" });
    expect(told[0]!.sentence).toMatch(/“900”: 897 mm to 903 mm, “440”: 437 mm to 443 mm/);
    expect(planned(build).steps.find((s) => s.id === "shell/survey")!.detail).toMatch(
      /Still a guess, so measure: base/,
    );
    Object.assign(found.panels[0]!, { length: statedMm(900), width: statedMm(440) });
    expect(snagOf(build, "shell/guessed")).toBeUndefined();
  });
});
