import fc from "fast-check";
import * as v from "valibot";
import { describe, expect, it } from "vitest";
import { sizeDoor } from "./door";
import { type DoorInput, DoorSchema } from "./format";

/** A pair of timber-framed glass doors, as another program writes it. */
const pair = {
  opening: { widthMm: 700, heightMm: 500 },
  kind: "hinged",
  leaves: 2,
  clearanceMm: { hinge: 1.5, lock: 2.5, meet: 2, head: 2, foot: 2 },
  leaf: {
    thicknessMm: 18,
    frame: {
      barWidthMm: 30,
      join: "butt",
      material: { densityKgPerM3: 600, growthPerK: 5e-6, moisturePerPercent: 0.0025, modulusGPa: 10 },
    },
    infill: { kind: "glass", thicknessMm: 4, rebateMm: 8, playMm: 2.5, densityKgPerM3: 2500 },
  },
  surround: { growthPerK: 10e-6, moisturePerPercent: 0 },
  hinges: { count: 2, spacingMm: 380 },
  holds: { everyMm: 300, lastFromEndMm: 0 },
  centred: false,
  tolerance: { openingMm: 0.8, leafMm: 0.5 },
  made: { tempC: 20, moisturePercent: 9 },
  dry: { tempC: 18, moisturePercent: 8 },
  wet: { tempC: 32, moisturePercent: 14 },
  pushN: 20,
};
const read = (data: unknown): DoorInput => v.parse(DoorSchema, data);
const sized = (data: unknown) => {
  const found = sizeDoor(read(data));
  if (!found.ok) throw new Error(found.message);
  return found.value;
};
const refused = (data: unknown) => {
  const found = sizeDoor(read(data));
  return found.ok ? "" : found.message;
};

const still = { made: pair.made, dry: pair.made, wet: pair.made };
const pane = { kind: "glass", thicknessMm: 6, densityKgPerM3: 2500 };
const acrylic = {
  ...{ kind: "sheet", thicknessMm: 5, densityKgPerM3: 1190 },
  ...{ growthPerK: 70e-6, moisturePerPercent: 0.0006, modulusGPa: 3 },
};

// Worked by hand, each figure from the rule beside it.
describe("a pair of framed leaves, by hand", () => {
  const door = sized(pair);

  it("is cut from what the opening leaves", () => {
    // (700 − 2 × 1.5 − 2) ÷ 2 and 500 − 2 − 2.
    expect(door.leaf).toMatchObject({ widthMm: 347.5, heightMm: 496 });
    expect(door.bars).toEqual([
      { id: "stile", lengthMm: 496, qty: 4 },
      { id: "rail", lengthMm: 287.5, qty: 4 },
    ]);
    // 347.5 − 60 + 16 − 5 and 496 − 60 + 16 − 5.
    expect(door.infill).toEqual({ widthMm: 298.5, heightMm: 447 });
    // 2 × (496 + 287.5) × 30 × 18 × 600 and 298.5 × 447 × 4 × 2500, over 10⁹.
    expect(door.leaf.massKg).toBeCloseTo(0.507708 + 1.334295, 6);
  });

  it("pulls on its top hinge with half its width over their spacing", () => {
    expect(door.hingePullN).toBeCloseTo((1.842003 * 9.80665 * 173.75) / 380, 6);
    expect(door.hingesWanted).toBe(2);
    expect(door.swingClearMm).toBeCloseTo(0.4659, 4);
  });

  it("opens as its wood dries and the push bends it, and binds when it is wet", () => {
    // Dry: 2 − 0.014 + 2 × (0.003475 + 0.15); push 20 × 300³ ÷ (48 × 10 000 × 14 580).
    expect(door.gaps.meet!.worst).toBeCloseTo(2.29295 + 1.8 + 0.077161, 5);
    expect(door.gaps.meet!.likely).toBeCloseTo(2.29295 + Math.sqrt(0.64 + 0.5) + 0.077161, 5);
    expect(door.gaps.meet!.nominal).toBe(2);
    // Dry: 2 + (−0.01 + 0.00496 + 0.075) ÷ 2; push 20 × 347.5³ ÷ (48 × 10 000 × 14 580).
    expect(door.gaps.head!.worst).toBeCloseTo(2.03498 + 1.3 + 0.119922, 5);
    expect(door.gaps.hinge).toEqual({ nominal: 1.5, likely: 1.5 + Math.hypot(0.8, 0.5), worst: 2.8 });
    expect(door.gaps.lock).toBeUndefined();
    expect(door.bindsAt).toBe("wet");
    expect([door.stressMPa, door.bowMm]).toEqual([null, null]);
    expect(door.why).toMatch(/binds when it is wet: −?-?1\.26 mm left where the leaves meet.*bound/);
  });

  it("takes mitred bars whole, and lets their rails swell both ways", () => {
    const mitred = sized({
      ...pair,
      leaf: { ...pair.leaf, frame: { ...pair.leaf.frame, join: "mitre" } },
    });
    expect(mitred.bars.map((b) => b.lengthMm)).toEqual([496, 347.5]);
    expect(mitred.leaf.massKg).toBe(door.leaf.massKg);
    // Dry: (−0.01 + 0.00496 + 0.15) ÷ 2 at the head.
    expect(mitred.gaps.head!.worst).toBeCloseTo(2.07248 + 1.3 + 0.119922, 5);
  });
});

describe("leaves without a frame, by hand", () => {
  it("a pane on its hinges bends as a strip of it, and may break first", () => {
    const door = sized({
      ...pair,
      leaves: 1,
      ...{ leaf: { frame: null, infill: pane }, ...still, pushN: 150, hinges: { count: 2, spacingMm: 400 } },
      holds: { everyMm: 600, lastFromEndMm: 0 },
    });
    // 700 − 1.5 − 2.5.
    expect(door.leaf).toMatchObject({ widthMm: 696, heightMm: 496 });
    expect(door.leaf.massKg).toBeCloseTo(0.696 * 0.496 * 15, 9);
    // The edge is 496 long: a strip of 0.4 × 496 = 198.4 by 6 mm, E 70 GPa.
    const stiff = (70_000 * 198.4 * 6 ** 3) / 12;
    expect(door.gaps.lock!.worst).toBeCloseTo(2.5 + 1.3 + (150 * 496 ** 3) / (48 * stiff), 6);
    // At the head half the leaf is less than 0.4 of its width: 248.
    expect(door.gaps.head!.worst).toBeCloseTo(2 + 1.3 + (150 * 696 ** 3) / (48 * ((70_000 * 248 * 216) / 12)), 6);
    expect(door.stressMPa).toBeCloseTo((6 * 150 * 496) / (4 * 198.4 * 36), 6);
    expect(door.infill).toBeNull();
    expect(
      sized({ ...pair, leaves: 1, leaf: { frame: null, infill: { ...pane, thicknessMm: 4 } }, pushN: 150 }).why,
    ).toMatch(/pane may break/);
  });

  it("a sheet that is warm on one side bows: 6 mm, 700 mm tall, 8 K across, 5.7 mm (common practice, no source)", () => {
    const sheet = { kind: "sheet", thicknessMm: 6, densityKgPerM3: 600, growthPerK: 70e-6 };
    const door = sized({
      ...pair,
      ...{ kind: "liftOut", leaves: 1, opening: { widthMm: 500, heightMm: 704 }, hinges: null },
      leaf: { frame: null, infill: { ...sheet, moisturePerPercent: 0, modulusGPa: 1.1 } },
      ...{ made: pair.made, dry: { ...pair.made, tempC: 16 }, wet: { ...pair.made, tempC: 28 } },
    });
    expect(door.bowMm).toBeCloseTo(5.7, 1);
  });

  it("a lift-out panel stands on its foot, and may stand to one side unless it is centred", () => {
    const lift = {
      ...pair,
      ...{ kind: "liftOut", leaves: 1, hinges: null, pushN: 0, leaf: { frame: null, infill: acrylic } },
      surround: { growthPerK: 0, moisturePerPercent: 0 },
    };
    const door = sized(lift);
    // 700 − 2 × 2.5 wide; wet it grows by (70e-6 × 12 + 0.0006 × 5) of itself.
    const wet = 70e-6 * 12 + 0.0006 * 5;
    const dry = 70e-6 * 2 + 0.0006;
    expect(door.leaf).toMatchObject({ widthMm: 695, heightMm: 496 });
    expect(door.gaps.lock!.worst).toBeCloseTo(2 * (2.5 + (695 * dry) / 2) + 1.3, 6);
    expect(door.gaps.head!.worst).toBeCloseTo(2 + 496 * dry + 2 + 1.3, 6);
    expect(door.gaps.foot!.worst).toBe(door.gaps.head!.worst);
    expect(sized({ ...lift, centred: true }).gaps.lock!.worst).toBeCloseTo(2.5 + (695 * dry) / 2 + 1.3, 6);
    // 2 − 496 × wet = 0.095 at the head, less 1.3.
    expect(2 - 496 * wet).toBeCloseTo(0.0954, 3);
    expect(door.bindsAt).toBe("wet");
    expect([door.hingePullN, door.hingesWanted]).toEqual([0, 0]);
  });

  it("a lid's free end beyond its last clip lifts by F·c²·(c + a)/(3·E·I)", () => {
    const lid = sized({
      ...pair,
      ...{ kind: "lid", leaves: 1, hinges: null, ...still, pushN: 5, centred: true },
      leaf: {
        ...pair.leaf,
        infill: { kind: "mesh", thicknessMm: 0.5, rebateMm: 15, playMm: 0, densityKgPerM3: 1400 },
      },
      holds: { everyMm: 200, lastFromEndMm: 120 },
    });
    const stiff = (10_000 * 30 * 18 ** 3) / 12;
    expect((5 * 200 ** 3) / (48 * stiff)).toBeLessThan((5 * 120 ** 2 * 320) / (3 * stiff));
    expect(lid.gaps.lock!.worst).toBeCloseTo(2.5 + 1.3 + (5 * 120 ** 2 * 320) / (3 * stiff), 6);
    expect(lid.gaps.head!.worst).toBeCloseTo(2 + 1.3 + (5 * 120 ** 2 * 320) / (3 * stiff), 6);
  });
});

describe("what binds", () => {
  const roomy = (more: object) =>
    sized({ ...pair, leaves: 1, ...still, pushN: 0, tolerance: { openingMm: 0, leafMm: 0 }, ...more });
  const clear = (lock: number) => ({ clearanceMm: { ...pair.clearanceMm, lock } });

  it("rubs under half a millimetre, at the end where less is left; the wet one of two that are as tight", () => {
    expect(roomy({}).bindsAt).toBeNull();
    expect(roomy(clear(0.49)).bindsAt).toBe("wet");
    expect(roomy(clear(0.5)).bindsAt).toBeNull();
    // A surround that shrinks in the cold.
    const cold = { surround: { growthPerK: 200e-6, moisturePerPercent: 0 }, dry: { tempC: 5, moisturePercent: 9 } };
    expect(roomy({ ...clear(2.5), ...cold }).bindsAt).toBe("dry");
  });

  it("says the free corner bites the jamb, exactly where the clearance is under √(w² + t²) − w", () => {
    const thick = { leaf: { ...pair.leaf, thicknessMm: 60 } };
    const { swingClearMm } = roomy(thick);
    expect(swingClearMm).toBeGreaterThan(2.5);
    expect(roomy({ ...thick, ...clear(swingClearMm - 0.2) }).bindsAt).toBe("swing");
    expect(roomy({ ...thick, ...clear(swingClearMm + 0.2) }).bindsAt).toBeNull();
  });
});

it("says what cannot be made, and what would do", () => {
  const bars = (barWidthMm: number) => ({ ...pair, leaf: { ...pair.leaf, frame: { ...pair.leaf.frame, barWidthMm } } });
  expect(refused(bars(200))).toMatch(/bars of 200 mm leave nothing between them; under 173.75 mm would/);
  expect(refused({ ...pair, hinges: { count: 3, spacingMm: 600 } })).toMatch(/600 mm apart do not fit a leaf 496 mm/);
  expect(refused({ ...pair, hinges: null })).toMatch(/needs hinges/);
  expect(refused({ ...pair, kind: "lid" })).toMatch(/one leaf/);
  expect(refused({ ...pair, clearanceMm: { ...pair.clearanceMm, head: 600 } })).toMatch(/clearances leave a leaf/);
  expect(refused({ ...pair, leaf: { frame: null, infill: { ...pane, kind: "mesh" } } })).toMatch(/mesh needs a frame/);
  expect(refused({ ...pair, leaf: { frame: null, infill: { ...pane, kind: "sheet" } } })).toMatch(/growthPerK/);
  expect(refused({ ...pair, leaf: { ...pair.leaf, infill: { ...pair.leaf.infill, playMm: 9 } } })).toMatch(/hold it/);
  expect(refused({ ...pair, leaf: { ...pair.leaf, infill: { ...pair.leaf.infill, rebateMm: 40 } } })).toMatch(/rebate/);
});

it("for any leaf: its edges and the leaf fill the opening; warmth never makes both ends wider; worst is over likely", () => {
  const width = fc.double({ min: 300, max: 1500, noNaN: true });
  const clearance = fc.double({ min: 0.5, max: 6, noNaN: true });
  fc.assert(
    fc.property(
      width,
      width,
      clearance,
      clearance,
      fc.constantFrom(1, 2),
      fc.boolean(),
      (w, h, c, d, leaves, frameless) => {
        const door = sized({
          ...pair,
          leaves,
          opening: { widthMm: w, heightMm: h },
          clearanceMm: { hinge: c, lock: d, meet: d, head: c, foot: d },
          hinges: { count: 2, spacingMm: h / 2 },
          ...(frameless && { leaf: { frame: null, infill: pane } }),
        });
        const across = leaves === 2 ? 2 * c + d : c + d;
        expect(leaves * door.leaf.widthMm + across).toBeCloseTo(w, 6);
        expect(door.leaf.heightMm + c + d).toBeCloseTo(h, 6);
        for (const { nominal, likely, worst } of Object.values(door.gaps)) {
          expect(worst).toBeGreaterThanOrEqual(likely);
          expect(likely).toBeGreaterThanOrEqual(nominal);
        }
        expect(JSON.stringify(door)).not.toContain("null,null");
      },
    ),
  );
});
