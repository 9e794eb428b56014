import { describe, expect, it } from "vitest";
import { jobBuild, jobInput } from "../../../tests/job";
import { plan } from "../../plan";
import { sizeDoor } from "../door/door";
import { closedOpenings } from "../here";
import type { Moves } from "../kind";
import { hinged, newHinged } from "../kinds/hinged/kind";
import { cornersAt, leafMesh, OPEN_DEG } from "./opened";

const base = plan(jobInput());
const opening = base.shell.openings[0];

/** The job with doors on hinges. */
function withDoor() {
  const build = jobBuild();
  const door = newHinged(base.site, opening);
  build.variants[0]!.closures = [door];
  const p = plan(jobInput(build));
  const [{ here }] = closedOpenings(p.site, p.facts) as [ReturnType<typeof closedOpenings>[number]];
  return { p, leaves: hinged.leaves(here, door) };
}

const furthest = (deg: number, leaf: Parameters<typeof cornersAt>[0]) =>
  Math.max(...cornersAt(leaf, deg).map(([u]) => u));

describe("a leaf in the model", () => {
  const { p, leaves } = withDoor();
  const [left, right] = leaves as [(typeof leaves)[number], (typeof leaves)[number]];
  const { uMm, widthMm, vMm, heightMm } = left.rect;
  const thick = left.moves!.thicknessMm;

  it("stands in its opening when it is shut", () => {
    expect(cornersAt(left, 0)).toEqual([
      [uMm, vMm, 0],
      [uMm + widthMm, vMm, 0],
      [uMm + widthMm, vMm + heightMm, 0],
      [uMm, vMm + heightMm, 0],
      [uMm, vMm, thick],
      [uMm + widthMm, vMm, thick],
      [uMm + widthMm, vMm + heightMm, thick],
      [uMm, vMm + heightMm, thick],
    ]);
  });

  it("turns outward about the outer corner at its hinges: at 45° and at a right angle, by hand", () => {
    const at45 = cornersAt(left, 45);
    // The outer free corner: w·cos 45° along, w·sin 45° out.
    expect(at45[5]![0]).toBeCloseTo(uMm + widthMm * Math.SQRT1_2, 9);
    expect(at45[5]![2]).toBeCloseTo(thick + widthMm * Math.SQRT1_2, 9);
    const at90 = cornersAt(left, 90);
    expect(at90[5]![0]).toBeCloseTo(uMm, 9);
    expect(at90[5]![2]).toBeCloseTo(thick + widthMm, 9);
    // Its inner face then stands a thickness to the right of the hinge, clear of the opening.
    expect(at90[1]![0]).toBeCloseTo(uMm + thick, 9);
    // The other leaf is its mirror.
    const mirror = cornersAt(right, 90);
    expect(mirror[4]![0]).toBeCloseTo(right.rect.uMm + right.rect.widthMm, 9);
    expect(Math.max(...mirror.map(([, , out]) => out))).toBeCloseTo(thick + widthMm, 9);
    expect(leafMesh(p.shell, "front", left, 90).points[5]![1]).toBeCloseTo(-(thick + widthMm), 9);
  });

  it("reaches furthest at atan(t/w): √(w² + t²) from its hinge, and no further anywhere", () => {
    const deg = (Math.atan(thick / widthMm) * 180) / Math.PI;
    expect(furthest(deg, left)).toBeCloseTo(uMm + Math.hypot(widthMm, thick), 9);
    for (let a = 0; a <= 90; a += 0.5) expect(furthest(a, left)).toBeLessThanOrEqual(furthest(deg, left) + 1e-9);
  });

  it("bites the jamb exactly when its clearance is under what it needs to swing", () => {
    const still = { tempC: 20, moisturePercent: 9 };
    for (const lock of [0.6, 1, 1.5, 2, 3, 6, 10]) {
      // A stout little door: 44 mm bars, 60 thick, in an opening of 240 × 300.
      const sized = sizeDoor({
        ...{ opening: { widthMm: 240, heightMm: 300 }, kind: "hinged", leaves: 1, centred: false, pushN: 0 },
        clearanceMm: { hinge: 2, lock, meet: 0, head: 2, foot: 2 },
        leaf: {
          thicknessMm: 60,
          frame: {
            ...{ barWidthMm: 44, join: "butt" },
            material: { densityKgPerM3: 500, growthPerK: 0, moisturePerPercent: 0, modulusGPa: 10 },
          },
          infill: { kind: "glass", thicknessMm: 4, rebateMm: 8, playMm: 2, densityKgPerM3: 2500 },
        },
        surround: { growthPerK: 0, moisturePerPercent: 0 },
        ...{ hinges: { count: 2, spacingMm: 200 }, holds: { everyMm: 300, lastFromEndMm: 0 } },
        ...{ tolerance: { openingMm: 0, leafMm: 0 }, made: still, dry: still, wet: still },
      });
      if (!sized.ok) throw new Error(sized.message);
      const { leaf: own, swingClearMm, bindsAt } = sized.value;
      const leaf = {
        ...{ id: "door", of: "glass" as const },
        rect: { uMm: 2, vMm: 2, widthMm: own.widthMm, heightMm: own.heightMm },
        moves: { how: "swings" as const, hangs: "left" as const, thicknessMm: 60 },
      };
      const deg = (Math.atan(60 / own.widthMm) * 180) / Math.PI;
      expect(swingClearMm).toBeGreaterThan(6);
      expect(furthest(deg, leaf) > 240, `${lock} of ${swingClearMm}`).toBe(lock < swingClearMm);
      expect(bindsAt).toBe(lock < swingClearMm ? "swing" : null);
    }
  });
});

it("what lifts goes up its face or off it, and what slides goes along", () => {
  const rect = { uMm: 0, vMm: 0, widthMm: 300, heightMm: 200 };
  const first = (moves: Moves) => cornersAt({ id: "x", of: "glass", rect, moves }, OPEN_DEG)[0];
  expect(first({ how: "lifts", byMm: 180, thicknessMm: 4 })).toEqual([0, 180, 0]);
  expect(first({ how: "comesOff", thicknessMm: 4 })).toEqual([0, 0, 200]);
  expect(first({ how: "slides", along: "v", thicknessMm: 4, byMm: 150 })).toEqual([0, -150, 0]);
  expect(first({ how: "slides", along: "u", thicknessMm: 4, byMm: 150 })).toEqual([-150, 0, 0]);
});
