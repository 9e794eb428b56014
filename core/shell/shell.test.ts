import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { jobVariant, typed } from "../../tests/job";
import { starterBook } from "../book/starter";
import { statedMm } from "../design/measure";
import type { Variant } from "../document/schema";
import { OPEN_SIDE } from "../materials/face";
import { sumWords } from "../units/sum";
import { boxFaces } from "./boxFaces";
import { buildShell } from "./buildShell";
import { AXIS_WORDS, FACE_AXES } from "./faces";
import type { SheetShell } from "./kinds/sheet/schema";
import { layNet, moveOnFace, toNet } from "./net";
import { beamSagMm, railWithFlangeInertiaMm4, rectangleInertiaMm4 } from "./sag";
import { screwsAlong } from "./screwsAlong";

const book = starterBook();
const withShell = (change: (shell: SheetShell) => void, variant = jobVariant()): Variant => {
  change(variant.shell);
  return variant;
};
const sizes = (variant: Variant) =>
  Object.fromEntries(buildShell(variant, book).panels.map((p) => [p.id, [p.lengthMm, p.widthMm]]));

describe("a cut list worked by hand", () => {
  it("top and base over the sides, back laid over", () => {
    expect(sizes(jobVariant())).toEqual({
      // Top and base lie over both sides: 1500 + 10 + 10. They run to the front edge: 600.
      "shell/top": [1520, 600],
      "shell/base": [1520, 600],
      // Sides stand between top and base: 600 high as wanted inside.
      "shell/left": [600, 600],
      "shell/right": [600, 600],
      // The back covers all edges: 1500 + 2 × 10 wide, 600 + 2 × 10 high.
      "shell/back": [1520, 620],
      // Dam and rail stand between the sides.
      "front/dam": [1500, 100],
      "front/head-rail": [1500, 60],
    });
  });

  it("the back inset: top, base and sides reach past it by its 10 mm", () => {
    const variant = withShell((s) => {
      s.joints.back = "inset";
    });
    expect(sizes(variant)).toMatchObject({
      "shell/top": [1520, 610],
      "shell/left": [600, 610],
      "shell/back": [1500, 600],
    });
  });

  it("the back in a rabbet of 4 mm: as inset, and 4 mm larger all round", () => {
    const variant = withShell((s) => {
      s.joints.back = "rabbeted";
      s.joints.rabbetDepth = statedMm(4);
    });
    expect(sizes(variant)).toMatchObject({ "shell/base": [1520, 610], "shell/back": [1508, 608] });
  });

  it("sides full height: they take the 20 mm from top and base", () => {
    const variant = withShell((s) => {
      s.joints.box = "sidesFull";
    });
    expect(sizes(variant)).toMatchObject({
      "shell/top": [1500, 600],
      "shell/left": [620, 600],
      "shell/back": [1520, 620],
    });
  });

  it("outside sizes: the inside is what is left", () => {
    const variant = withShell((s) => {
      s.size = { ...s.size, given: "outside", width: statedMm(1520), depth: statedMm(610), height: statedMm(620) };
    });
    expect(sizes(variant)).toEqual(sizes(jobVariant()));
  });

  it("depth to the back of the dam: the sides get the dam's thickness on top", () => {
    const variant = withShell((s) => {
      s.size.depthTo = "behindFront";
    });
    expect(sizes(variant)).toMatchObject({ "shell/left": [600, 610], "shell/base": [1520, 610] });
    const open = withShell((s) => {
      s.size.depthTo = "behindFront";
      s.front = { dam: null, headRail: null, ventRail: null, stile: null };
    });
    expect(sizes(open)).toMatchObject({ "shell/left": [600, 600] });
  });

  it("a thicker top and a thinner back each act where they meet the rest", () => {
    const variant = jobVariant();
    variant.faces = { top: { material: "pvc-foam-13" }, back: { material: "pvc-foam-6" } };
    const shell = buildShell(variant, book);
    expect(shell.outside).toEqual({ widthMm: 1520, depthMm: 606, heightMm: 623 });
    expect(sizes(variant)).toMatchObject({ "shell/back": [1520, 623] });
  });

  it("vent rail and stiles share the front with dam and head rail", () => {
    const variant = withShell((s) => {
      s.front.ventRail = statedMm(40);
      s.front.stile = statedMm(30);
    });
    // Opening: 600 − 100 − 40 − 60 = 400 high, 1500 − 2 × 30 = 1440 wide.
    expect(sizes(variant)).toMatchObject({ "front/vent-rail": [1500, 40], "front/stile-left": [400, 30] });
    expect(buildShell(variant, book).openings[0]).toEqual({
      id: "front",
      face: "front",
      uMm: 30,
      vMm: 140,
      widthMm: 1440,
      heightMm: 400,
    });
  });

  it("says how each size came about", () => {
    const top = buildShell(jobVariant(), book).panels.find((p) => p.id === "shell/top")!;
    expect(sumWords(top.working.length, { unit: "mm" })).toBe("1500 wide inside + 10 left side + 10 right side");
    expect(sumWords(top.working.length, { unit: "in", denominator: 16 })).toBe(
      '59.055" wide inside + 0.394" left side + 0.394" right side',
    );
  });

  it('gives the same parts for 59 1/16", 23 5/8", 23 5/8" within 0.2 mm', () => {
    const inches = sizes(jobVariant(['59 1/16"', '23 5/8"', '23 5/8"']));
    const metric = sizes(jobVariant());
    expect(Object.keys(inches)).toEqual(Object.keys(metric));
    for (const [id, pair] of Object.entries(inches))
      for (const [i, mm] of pair!.entries()) expect(Math.abs(mm - metric[id]![i]!), id).toBeLessThanOrEqual(0.2);
  });
});

describe("what must always hold", () => {
  const mm = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((n) => statedMm(n / 10));
  const variants = fc
    .record({
      width: mm(200, 2400),
      depth: mm(200, 1100),
      height: mm(300, 1100),
      box: fc.constantFrom("topBaseOver" as const, "sidesFull" as const),
      back: fc.constantFrom("overlaid" as const, "inset" as const),
      given: fc.constantFrom("inside" as const, "outside" as const),
      top: fc.constantFrom("pvc-foam-6", "pvc-foam-13", "plywood-18"),
      side: fc.constantFrom("pvc-foam-10", "plywood-12"),
    })
    .map(({ width, depth, height, box, back, given, top, side }): Variant => {
      const variant = jobVariant();
      variant.shell.size = { given, depthTo: "frontEdge", width, depth, height };
      variant.shell.joints = { ...variant.shell.joints, box, back };
      variant.shell.front = { dam: null, headRail: null, ventRail: null, stile: null };
      variant.faces = { top: { material: top }, left: { material: side } };
      return variant;
    });

  it("the six panels fill exactly what lies between outside and inside, whatever the joints", () => {
    fc.assert(
      fc.property(variants, (variant) => {
        const { outside, inside, panels } = buildShell(variant, book);
        const sheet = panels.reduce((sum, p) => sum + p.lengthMm * p.widthMm * p.thicknessMm, 0);
        // The front is open: its share of the outside is not there.
        const hollow = inside.widthMm * inside.depthMm * inside.heightMm;
        const whole = outside.widthMm * outside.depthMm * outside.heightMm;
        expect(sheet / (whole - hollow)).toBeCloseTo(1, 9);
      }),
    );
  });

  it("strips and opening cover the front face once", () => {
    fc.assert(
      fc.property(mm(20, 120), mm(20, 80), mm(20, 80), mm(10, 90), (dam, ventRail, headRail, stile) => {
        const variant = withShell((s) => {
          s.front = { dam, ventRail, headRail, stile };
        });
        const { strips, openings, inside } = buildShell(variant, book);
        const area = [...strips, ...openings].reduce((sum, r) => sum + r.widthMm * r.heightMm, 0);
        expect(area).toBeCloseTo(inside.widthMm * inside.heightMm, 6);
      }),
    );
  });
});

describe("joints and seams", () => {
  it("spaces screws evenly from 50 mm off the ends", () => {
    // 600 − 100 = 500 between the outer screws; 500 / 175 = 2.9, so three spaces, four screws.
    expect(screwsAlong(600, 175)).toBe(4);
    expect(screwsAlong(100, 175)).toBe(2);
    expect(screwsAlong(50, 175)).toBe(0);
    // 350 + 100: exactly two spaces of 175.
    expect(screwsAlong(450, 175)).toBe(3);
  });

  it("never leaves two screws further apart than the spacing", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 150, max: 3000, noNaN: true }),
        fc.double({ min: 50, max: 400, noNaN: true }),
        (length, spacing) => {
          expect((length - 100) / (screwsAlong(length, spacing) - 1)).toBeLessThanOrEqual(spacing + 1e-6);
        },
      ),
    );
  });

  it("lists the job's joints and seams by hand", () => {
    const { joints, seams } = buildShell(jobVariant(), book);
    const total = (list: { lengthMm: number }[]) => list.reduce((sum, j) => sum + j.lengthMm, 0);
    // Four edges of 600; back: two of 620, two of 1520; dam and rail: 2 × 100 + 1500, 2 × 60 + 1500.
    expect(total(joints)).toBe(4 * 600 + 2 * 620 + 2 * 1520 + 1700 + 1620);
    // Base: 600 + 600 + 1500 + dam 1500, dam ends 2 × 100; corners 2 × 600; top 600 + 600 + 1500.
    expect(total(seams)).toBe(4200 + 200 + 1200 + 2700);
    expect(total(seams.filter((s) => s.wet))).toBe(4200 + 200 + 200);
  });

  it("has no screws where silicone is to hold it", () => {
    const variant = withShell((s) => {
      s.joints.fixing = "siliconeOnly";
    });
    expect(buildShell(variant, book).joints.every((j) => j.screws === 0)).toBe(true);
  });
});

describe("sag", () => {
  it("follows the textbook beam", () => {
    // 5·w·L⁴/(384·E·I): steel flat 100 × 10 on 1 m under 0.1 N/mm. I = 100·10³/12 = 8333.3 mm⁴.
    expect(rectangleInertiaMm4(100, 10)).toBeCloseTo(8333.33, 2);
    expect(beamSagMm(0.1, 1000, 210_000, rectangleInertiaMm4(100, 10))).toBeCloseTo(0.74405, 4);
  });
  it("grows with the fourth power of the span and falls with the third of the thickness", () => {
    const sag = (span: number, thick: number) => beamSagMm(0.05, span, 1100, rectangleInertiaMm4(1, thick));
    expect(sag(1200, 10) / sag(600, 10)).toBeCloseTo(16, 9);
    expect(sag(600, 10) / sag(600, 20)).toBeCloseTo(8, 9);
  });
  it("adds a flange by the parallel-axis theorem", () => {
    // Rail 10 × 60 (600 mm² at 30) and flange 150 × 10 (1500 mm² at 65): middle at 55; see the sum.
    const byHand = 180_000 + 600 * 25 ** 2 + 12_500 + 1500 * 10 ** 2;
    expect(railWithFlangeInertiaMm4({ thickMm: 10, highMm: 60 }, { wideMm: 150, thickMm: 10 })).toBeCloseTo(byHand, 6);
  });
});

describe("the net", () => {
  const inside = { widthMm: 1500, depthMm: 600, heightMm: 500 };
  const net = layNet(
    boxFaces(inside, () => OPEN_SIDE, []),
    20,
  );

  it("gives every face its own size", () => {
    for (const face of ["base", "top", "left", "right", "back", "front"] as const) {
      const along = { x: inside.widthMm, y: inside.depthMm, z: inside.heightMm };
      const { u, v } = FACE_AXES[face];
      expect([net.faces[face].w, net.faces[face].h]).toEqual([along[u], along[v]]);
      expect(AXIS_WORDS[FACE_AXES[face].u]).toBeTruthy();
    }
  });

  it("unfolds round the back: edges that meet in the shell face one another", () => {
    // A point on the left side's back edge lies beside the back's left edge, at the same height.
    const leftBack = toNet("left", 600, 120, net);
    const back = toNet("back", 0, 120, net);
    expect(back.x - leftBack.x).toBeCloseTo(20, 9);
    expect(back.y).toBeCloseTo(leftBack.y, 9);
    const rightBack = toNet("right", 600, 120, net);
    expect(rightBack.x - toNet("back", 1500, 120, net).x).toBeCloseTo(20, 9);
    const topBack = toNet("top", 700, 600, net);
    expect(toNet("back", 700, 500, net).y - topBack.y).toBeCloseTo(20, 9);
    const baseBack = toNet("base", 700, 600, net);
    expect(baseBack.y - toNet("back", 700, 0, net).y).toBeCloseTo(20, 9);
  });

  it("moves a point as far on its face as on the drawing", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(
          "base" as const,
          "top" as const,
          "left" as const,
          "right" as const,
          "back" as const,
          "front" as const,
        ),
        fc.integer({ min: -200, max: 200 }),
        fc.integer({ min: -200, max: 200 }),
        (face, dx, dy) => {
          const start = toNet(face, 300, 250, net);
          const step = moveOnFace(face, dx, dy);
          const end = toNet(face, 300 + step.uMm, 250 + step.vMm, net);
          expect([end.x - start.x, end.y - start.y].map((n) => Math.round(n * 1e6) / 1e6 + 0)).toEqual([
            dx + 0,
            dy + 0,
          ]);
        },
      ),
    );
  });
});

it("keeps what was typed", () => {
  expect(typed('23 5/8"')).toEqual({ typed: '23 5/8"', value: 600.075, how: "stated" });
});
