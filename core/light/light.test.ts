import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Lamp, LightInput, LitPoint, Place, PointLamp, Screen, TubeLamp } from "./format";
import { light } from "./light";
import { lobeOf } from "./lobe";
import { opposite } from "./tube";

const spot = (more: Partial<PointLamp> = {}): PointLamp => ({
  ...{ id: "spot", kind: "point", at: [0, 0, 500], aim: [0, 0, -1], beamDeg: 60, uv: [], heat: [] },
  ...more,
});
const tube = (more: Partial<TubeLamp> = {}): TubeLamp => ({
  ...{ id: "tube", kind: "tube", from: [-275, 0, 500], to: [275, 0, 500], heat: [] },
  uv: [{ mm: 250, uvi: 1.6 }],
  ...more,
});
const asked = (
  lamps: Lamp[],
  at: readonly [number, number, number],
  more: Partial<LightInput> = {},
  facing: "lamp" | "up" = "lamp",
) => light({ lamps, screens: [], points: [{ id: "p", at: [...at], facing }], ...more });
function lit(...args: Parameters<typeof asked>): LitPoint {
  const answer = asked(...args);
  if (!answer.ok) throw new Error(answer.message);
  return answer.value.points[0]!;
}
const refused = (...args: Parameters<typeof asked>) => {
  const answer = asked(...args);
  return answer.ok ? "" : answer.message;
};

/** A line summed piece by piece, with each ray's own screens: nothing of the closed form. */
function summed({ from, to }: TubeLamp, strength: number, at: Place, facing: "lamp" | "up", screens: Screen[]): number {
  const pieces = 40_000;
  const dir = [to[0] - from[0], to[1] - from[1], to[2] - from[2]] as const;
  const long = Math.hypot(...dir);
  const unit = dir.map((x) => x / long);
  const rel = at.map((x, i) => x - from[i]!);
  const foot = rel.reduce((s, x, i) => s + x * unit[i]!, 0);
  const axis = Math.hypot(...rel.map((x, i) => x - foot * unit[i]!));
  const near = Math.min(long, Math.max(0, foot));
  const toNear = unit.map((u, i) => from[i]! + near * u - at[i]!);
  const nearLong = Math.hypot(...toNear);
  const normal = facing === "up" ? [0, 0, 1] : toNear.map((x) => x / nearLong);
  let sum = 0;
  for (let i = 0; i < pieces; i++) {
    const s = ((i + 0.5) / pieces) * long;
    const ray = unit.map((u, k) => from[k]! + s * u - at[k]!);
    const d = Math.hypot(...ray);
    const faced = ray.reduce((t, x, k) => t + x * normal[k]!, 0) / d;
    if (faced <= 0) continue;
    let through = 1;
    for (const screen of screens) {
      const t = (screen.z - at[2]) / ray[2]!;
      if (!(t > 0 && t < 1)) continue;
      const [x, y] = [at[0] + t * ray[0]!, at[1] + t * ray[1]!];
      if (x >= screen.x[0] && x <= screen.x[1] && y >= screen.y[0] && y <= screen.y[1]) through *= screen.uv;
    }
    sum += (through * (axis / d) * faced) / d ** 2;
  }
  return (strength * sum * long) / pieces;
}

describe("a lamp that shines from one place", () => {
  it("falls by its two readings: 5.0 at 200 and 2.4 at 300 mm is the power 1.81, by hand", () => {
    const lamp = spot({
      uv: [
        { mm: 200, uvi: 5 },
        { mm: 300, uvi: 2.4 },
      ],
    });
    expect(lit([lamp], [0, 0, 300]).uvi).toBeCloseTo(5, 9);
    const n = Math.log(5 / 2.4) / Math.log(1.5);
    expect(lit([lamp], [0, 0, 100]).uvi).toBeCloseTo(5 * 2 ** -n, 9);
    expect(lit([lamp], [0, 0, 100]).why).toBe("spot: extrapolated");
    expect(lit([lamp], [0, 0, 250]).why).toBe("");
  });
  it("is taken by the inverse square where it was read once, and says so", () => {
    const p = lit([spot({ uv: [{ mm: 200, uvi: 4 }] })], [0, 0, 100]);
    expect(p.uvi).toBeCloseTo(1, 12);
    expect(p.why).toContain("inverse square, assumed");
  });
  it("has half its strength at half its beam, and none from a right angle on", () => {
    const lamp = spot({ uv: [{ mm: 400, uvi: 3 }] });
    const at = (deg: number): Place => [
      400 * Math.sin((deg * Math.PI) / 180),
      0,
      500 - 400 * Math.cos((deg * Math.PI) / 180),
    ];
    expect(lit([lamp], at(30)).uvi).toBeCloseTo(1.5, 9);
    expect(lit([lamp], at(90)).uvi).toBe(0);
    expect(lit([lamp], at(120)).uvi).toBe(0);
  });
  it("spreads its radiant heat over the sphere so that all of it is there: the lobe integrates to its power", () => {
    for (const beamDeg of [20, 30, 60, 120]) {
      const m = lobeOf(beamDeg);
      const lamp = spot({ beamDeg, watts: 50, radiantShare: 0.5, sourceMm: 50 });
      let power = 0;
      const steps = 20_000;
      for (let i = 0; i < steps; i++) {
        const g = ((i + 0.5) / steps) * (Math.PI / 2);
        const q = lit([lamp], [0, 0, -500]).wPerM2 * Math.cos(g) ** m;
        power += q * 2 * Math.PI * 1 ** 2 * Math.sin(g) * (Math.PI / 2 / steps);
      }
      expect(power, `${beamDeg}°`).toBeCloseTo(25, 2);
    }
  });
  it("is an even disc near its face: at its middle all its heat leaves through its area", () => {
    const lamp = spot({ watts: 60, radiantShare: 0.5, sourceMm: 100 });
    const near = lit([lamp], [0, 0, 449.9]);
    expect(near.withinScope).toBe(false);
    const m = lobeOf(60);
    const byHand = (30 / (Math.PI * 0.05 ** 2)) * (1 - (1 + 0.05 ** 2 / 0.0501 ** 2) ** (-(m + 1) / 2));
    expect(near.wPerM2).toBeCloseTo(byHand, 6);
    expect(lit([lamp], [0, 0, 0]).withinScope).toBe(true);
    expect(lit([lamp], [0, 0, 0]).wPerM2).toBeCloseTo((30 * (m + 1)) / (2 * Math.PI * 0.25), 9);
  });
  it("takes heat that was measured before any that is reckoned", () => {
    const lamp = spot({ watts: 60, radiantShare: 0.5, heat: [{ mm: 250, wPerM2: 400 }] });
    expect(lit([lamp], [0, 0, 0]).wPerM2).toBeCloseTo(100, 9);
  });
  it("lights a level surface by the cosine, and not from below", () => {
    const lamp = spot({ uv: [{ mm: 500, uvi: 2 }], aim: [0.6, 0, -0.8] });
    const at: Place = [300, 0, 100];
    expect(lit([lamp], at, {}, "up").uvi).toBeCloseTo(lit([lamp], at).uvi * 0.8, 9);
    expect(
      lit([spot({ uv: [{ mm: 500, uvi: 2 }], at: [0, 0, -100], aim: [0, 0, 1] })], [0, 0, 300], {}, "up").uvi,
    ).toBe(0);
  });
});

describe("a tube", () => {
  it("brings what its reading says, squarely opposite its middle", () => {
    expect(lit([tube()], [0, 0, 250]).uvi).toBeCloseTo(1.6, 9);
    // By the closed form of a finite line: α = atan(275/500).
    const b = 1.6 / opposite(550, 250);
    const alpha = Math.atan(275 / 500);
    expect(lit([tube()], [0, 0, 0]).uvi).toBeCloseTo((b * (alpha + Math.sin(alpha) * Math.cos(alpha))) / 500, 9);
  });
  it("takes the reading nearest 250 mm, of two the shorter", () => {
    const two = tube({
      uv: [
        { mm: 300, uvi: 1 },
        { mm: 200, uvi: 2 },
      ],
    });
    expect(lit([two], [0, 0, 300]).uvi).toBeCloseTo(2, 9);
  });
  it("from far away is a point, and falls by the square", () => {
    const near = lit([tube()], [0, 0, -9_500]).uvi;
    expect(near / lit([tube()], [0, 0, -19_500]).uvi).toBeCloseTo(4, 2);
  });
  it("is the sum of its pieces anywhere, behind any screens, within a thousandth", () => {
    const mm = (low: number, high: number) => fc.integer({ min: low, max: high });
    fc.assert(
      fc.property(
        fc.tuple(mm(-300, 0), mm(-200, 200), mm(450, 600)),
        fc.tuple(mm(50, 400), mm(-200, 200), mm(450, 600)),
        fc.tuple(mm(-400, 400), mm(-300, 300), mm(0, 380)),
        fc.array(
          fc.record({
            z: mm(300, 520),
            x: fc.tuple(mm(-400, 0), mm(0, 400)),
            y: fc.tuple(mm(-300, 0), mm(0, 300)),
            uv: fc.constantFrom(0, 0.5, 0.66),
          }),
          { maxLength: 3 },
        ),
        fc.constantFrom("lamp" as const, "up" as const),
        (from, to, at, screens, facing) => {
          const lamp = tube({ from, to });
          const list: Screen[] = screens.map((s) => ({ ...s, heat: 1 }));
          const strength = 1.6 / opposite(Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]), 250);
          const want = summed(lamp, strength, at, facing, list);
          const got = lit([lamp], at, { screens: list }, facing).uvi;
          expect(Math.abs(got - want)).toBeLessThanOrEqual(1e-3 * Math.max(want, 1e-3));
        },
      ),
      { numRuns: 60 },
    );
  });
  it("sends its heat out by the watts: a long cylinder about it takes up what leaves", () => {
    // A tube 200 long in a cylinder of 20 m radius and 400 m length: nearly all of its 7.2 W, faced from everywhere.
    const lamp = tube({ from: [-100, 0, 0], to: [100, 0, 0], uv: [], watts: 24, radiantShare: 0.3 });
    const radius = 20_000;
    let power = 0;
    const step = 200;
    for (let x = -200_000 + step / 2; x < 200_000; x += step) {
      const point = lit([lamp], [x, 0, radius]);
      // The cylinder's wall looks at the axis, the meter at the tube.
      const near = Math.min(100, Math.max(-100, x));
      power += point.wPerM2 * (radius / Math.hypot(radius, x - near)) * 2 * Math.PI * (radius / 1000) * (step / 1000);
    }
    expect(power).toBeGreaterThan(7.2 * 0.97);
    expect(power).toBeLessThan(7.2 * 1.002);
  });
});

describe("screens", () => {
  const screen: Screen = { z: 400, x: [-50, 50], y: [-50, 50], uv: 0.66, heat: 0.7 };
  const lamp = spot({ uv: [{ mm: 400, uvi: 2 }], watts: 50, radiantShare: 0.5, sourceMm: 50 });
  it("take their part of what passes, edges inside, one after another", () => {
    const bare = lit([lamp], [0, 0, 100]);
    const one = lit([lamp], [0, 0, 100], { screens: [screen] });
    expect([one.uvi / bare.uvi, one.wPerM2 / bare.wPerM2]).toEqual([expect.closeTo(0.66, 12), expect.closeTo(0.7, 12)]);
    expect(lit([lamp], [0, 0, 100], { screens: [screen, { ...screen, z: 300 }] }).uvi / bare.uvi).toBeCloseTo(
      0.4356,
      9,
    );
    // The ray to (200, 0, 100) passes z 400 at x 50: on the edge.
    const edge = lit([lamp], [200, 0, 100], { screens: [screen] }).uvi / lit([lamp], [200, 0, 100]).uvi;
    expect(edge).toBeCloseTo(0.66, 12);
    expect(lit([lamp], [201, 0, 100], { screens: [screen] }).uvi).toBe(lit([lamp], [201, 0, 100]).uvi);
  });
  it("take nothing where they lie at the point or the lamp, or to one side of both", () => {
    for (const z of [100, 500, 50, 600])
      expect(lit([lamp], [0, 0, 100], { screens: [{ ...screen, z }] }).uvi).toBe(lit([lamp], [0, 0, 100]).uvi);
  });
});

describe("a surface under a lamp", () => {
  const air = { tempC: 26, surroundC: 24, hcWPerM2K: 5 };
  const surface = { absorptance: 0.9, emissivity: 0.95 };
  const heated = (wPerM2: number, more: Partial<LightInput> = {}) =>
    lit([spot({ heat: [{ mm: 500, wPerM2 }] })], [0, 0, 0], { air, surface, ...more }).surfaceC!;
  it("loses what it takes up, by Stefan and Boltzmann", () => {
    const { value, low, high } = heated(400);
    const K = 273.15;
    const lost = (t: number) => 5 * (t - 26) + 0.95 * 5.670374419e-8 * ((t + K) ** 4 - (24 + K) ** 4);
    expect(lost(value)).toBeCloseTo(360, 4);
    const lostLow = (t: number) => 2 * (7.5 * (t - 26) + 0.95 * 5.670374419e-8 * ((t + K) ** 4 - (24 + K) ** 4));
    expect(lostLow(low)).toBeCloseTo(0.8 * 200, 4);
    const lostHigh = (t: number) => 3.35 * (t - 26) + 0.95 * 5.670374419e-8 * ((t + K) ** 4 - (24 + K) ** 4);
    expect(lostHigh(high)).toBeCloseTo(400, 4);
  });
  it("without a lamp stands between air and surroundings, and never above the warmer", () => {
    const { value, high } = lit([], [0, 0, 0], { air, surface }).surfaceC!;
    expect(value).toBeGreaterThan(24);
    expect(high).toBeLessThan(26);
  });
  it("keeps its order of cases, and is warmer the more heat there is", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 5000, noNaN: true }), (q) => {
        const [a, b] = [heated(q), heated(q * 1.1)];
        expect(a.low).toBeLessThanOrEqual(a.value);
        expect(a.value).toBeLessThanOrEqual(a.high);
        expect(b.value).toBeGreaterThan(a.value);
      }),
      { numRuns: 50 },
    );
  });
  it("is not told without its air", () => {
    expect(lit([spot()], [0, 0, 0]).surfaceC).toBeNull();
  });
});

describe("the zones", () => {
  it.each([
    [0.049, 0],
    [0.05, 1],
    [0.69, 1],
    [0.7, 2],
    [1, 3],
    [2.59, 3],
    [2.6, 4],
  ])("an index of %d is among Ferguson's mean exposures zone %d (Baines et al. 2016)", (uvi, zone) => {
    expect(lit([spot({ uv: [{ mm: 500, uvi }] })], [0, 0, 0]).zone).toBe(zone);
  });
  it("above 3.5 and above 8 say so", () => {
    const why = (uvi: number) => lit([spot({ uv: [{ mm: 500, uvi }] })], [0, 0, 0]).why;
    expect(why(3.5)).not.toContain("zone");
    expect(why(3.6)).toContain("above every zone's mean: short basking only, with shade");
    expect(why(8.1)).toContain("too strong");
  });
});

describe("what cannot be told", () => {
  it.each([
    [
      [
        spot({
          uv: [
            { mm: 200, uvi: 2 },
            { mm: 300, uvi: 3 },
          ],
        }),
      ],
      /spot: UV: its readings rise with distance/,
    ],
    [
      [
        spot({
          uv: [
            { mm: 200, uvi: 2 },
            { mm: 300, uvi: 1.9 },
          ],
        }),
      ],
      /power of 0\.13/,
    ],
    [
      [
        spot({
          uv: [
            { mm: 200, uvi: 2 },
            { mm: 300, uvi: 0.2 },
          ],
        }),
      ],
      /power of 5\.68/,
    ],
    [[spot({ watts: 50, radiantShare: 0.5 })], /heat is asked without sourceMm/],
    [[spot(), spot()], /two lamps are called spot/],
    [[spot({ aim: [0, 0, 0] })], /points nowhere/],
    [[tube({ to: [-275, 0, 500] })], /ends are one place/],
    [
      [
        tube({
          uv: [
            { mm: 200, uvi: 1 },
            { mm: 300, uvi: 2 },
          ],
        }),
      ],
      /rise with distance/,
    ],
  ])("%#: is refused in a line", (lamps, words) => {
    const message = refused(lamps as Lamp[], [0, 0, 0]);
    expect(message).toMatch(words);
    expect(message).not.toContain("\n");
  });
  it("a point in the lamp's face, or at a tube's glass", () => {
    expect(refused([spot({ sourceMm: 100 })], [0, 0, 451])).toMatch(/49 mm from lamp spot; nearer than 50 mm/);
    expect(refused([spot({ sourceMm: 100 })], [0, 0, 450])).toBe("");
    expect(refused([tube()], [0, 12, 500])).toMatch(/nearer than 13 mm/);
  });
});
