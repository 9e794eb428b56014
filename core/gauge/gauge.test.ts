import { linearRegression, mean } from "simple-statistics";
import { describe, expect, it } from "vitest";
import { anyCase, WEEK_H } from "../../bench/anyCase";
import { unknownAt } from "../sure/turn";
import { fitting } from "./fit";
import { asTold, instrumentAt } from "./instrument";
import { covarianceAt, fitted, type ToFit } from "./leastSquares";
import { settlesFor, spreadOf } from "./spread";

/** A line through points, its two numbers known to ± `wide` before. */
function line(points: readonly [number, number][], sigma: number, wide: number): ToFit {
  return {
    model: ([a, b]) => points.map(([x]) => wide * (a! + b! * x)),
    read: points.map(([, y]) => y),
    weights: points.map(() => 1 / sigma ** 2),
  };
}
const POINTS: [number, number][] = [
  ...([[0, 2.1] as const, [1, 3.9] as const, [2, 6.2] as const].map(([x, y]) => [x, y]) as [number, number][]),
  ...([[3, 7.8] as const, [4, 10.1] as const, [5, 12.2] as const].map(([x, y]) => [x, y]) as [number, number][]),
];

describe("a fit by least squares", () => {
  it("is a reference library's line where little was known before, and stays at what was known where that is sure", () => {
    const { m, b } = linearRegression(POINTS);
    const wide = 1000;
    const z = fitted(line(POINTS, 1, wide), [0, 0]);
    expect([z[0]! * wide, z[1]! * wide]).toEqual([expect.closeTo(b, 4), expect.closeTo(m, 4)]);
    const sure = fitted(line(POINTS, 1, 1e-3), [0, 0]);
    expect(Math.max(...sure.map(Math.abs))).toBeLessThan(0.2);
  });
  it("knows its line as well as textbooks say: σ²/Σ(x − x̄)² of the slope", () => {
    const wide = 1000;
    const given = line(POINTS, 0.3, wide);
    const covariance = covarianceAt(given, fitted(given, [0, 0]));
    const xs = POINTS.map(([x]) => x);
    const slope = 0.3 ** 2 / xs.reduce((sum, x) => sum + (x - mean(xs)) ** 2, 0);
    expect(covariance[1]![1]! * wide ** 2).toBeCloseTo(slope, 6);
    expect(covariance[0]![1]).toBeCloseTo(covariance[1]![0]!, 12);
  });
  it("leaves out what has no weight", () => {
    const spoiled = POINTS.map(([x, y], i): [number, number] => [x, i === 2 ? 90 : y]);
    const given = line(spoiled, 1, 1000);
    const weights = given.weights.map((w, i) => (i === 2 ? 0 : w));
    const { m } = linearRegression(POINTS.filter((_, i) => i !== 2));
    expect(fitted({ ...given, weights }, [0, 0])[1]! * 1000).toBeCloseTo(m, 4);
  });
});

describe("what is left of readings", () => {
  const noise = (n: number) =>
    Math.sin(12.9898 * n) * 43758.5453 - Math.floor(Math.sin(12.9898 * n) * 43758.5453) - 0.5;
  it("is weighed by how it goes on from hour to hour", () => {
    const white = Array.from({ length: 400 }, (_, n) => noise(n));
    expect(spreadOf(white, 0.01).alike).toBeLessThan(0.15);
    expect(spreadOf(white, 0.01).sigma).toBeCloseTo(Math.sqrt(1 / 12), 1);
    let last = 0;
    const slow = white.map((x) => {
      last = 0.9 * last + x;
      return last;
    });
    expect(spreadOf(slow, 0.01).alike).toBeGreaterThan(0.8);
  });
  it("an hour in which something happened is left out, with what lingers of it; half of them are no accident", () => {
    const off = Array.from({ length: 168 }, (_, n) => noise(n));
    for (const [h, by] of [
      [50, 9],
      [51, 4],
      [52, 2],
    ] as const)
      off[h] = by;
    expect([...spreadOf(off, 0.01).strays].sort((a, b) => a - b).slice(0, 3)).toEqual([50, 51, 52]);
    expect(
      spreadOf(
        off.map((x, n) => (n % 2 ? 40 : x)),
        0.01,
      ).strays.size,
    ).toBe(0);
  });
  it("of a new shell's first days reads high, whole days of it and half at most", () => {
    const settles = (days: number) =>
      settlesFor(Array.from({ length: 168 }, (_, h) => (h < 24 * days ? 8 * (1 - h / (24 * days)) + 3 : 0) + noise(h)));
    expect([0, 1, 2].map(settles)).toEqual([0, 24, 48]);
    expect(settles(6)).toBeLessThanOrEqual(96);
  });
});

describe("a gauge", () => {
  it("is off, late and drifts about its middle", () => {
    const air = { tempC: [20, 20, 24, 24], rh: [50, 50, 50, 50] };
    const told = asTold(air, { offK: 1, offRh: -2, driftRhPerWeek: 168, lateH: 0.25 });
    expect(told.tempC).toEqual([21, 21, 24, 25]);
    expect(told.rh).toEqual([46, 47, 48, 49]);
    expect(instrumentAt([0, 0, 0, 0], { k: 1, rh: 5 })).toMatchObject({ offK: 0, offRh: 0, driftRhPerWeek: 0 });
  });
});

describe("a week of a cheap gauge", () => {
  const { given, truth } = anyCase(7002);
  const passes = [...fitting(given.week)];
  const fit = passes.at(-1)!;
  /** What the first pass tells of other readings of the same week. */
  const first = (rh: (number | null)[]) => fitting({ ...given.week, read: { ...given.week.read, rh } }).next().value!;
  it("brings what the design was off by down to the gauge's own noise, and finds what the shell is", () => {
    expect(fit.before.rh).toBeGreaterThan(3);
    expect(fit.after.rh).toBeLessThan(1);
    expect(fit.after.k).toBeLessThan(0.15);
    expect(fit.stopped).toBe(false);
    const told = fit.unknowns.filter((_, i) => fit.covariance[i]![i]! < 0.2);
    expect(told.length).toBeGreaterThan(1);
    for (const u of told) {
      const i = fit.unknowns.indexOf(u);
      const [was, is] = [unknownAt(u, truth.z[i]!), unknownAt(u, u.at)];
      expect(Math.abs(Math.log(is / was))).toBeLessThan(0.25);
    }
  });
  it("may be stopped after any pass: what is known then is as good as a fit can be by so much", () => {
    expect(passes.map((p) => p.stopped)).toEqual([true, true, false]);
    expect(passes[0]!.after.rh).toBeLessThan(fit.before.rh);
  });
  it("with its first two days high, as a new shell's are, leaves those out", () => {
    const rh = given.week.read.rh.map((x, h) => (h < 48 ? Math.min(98, x! + 9 * (1 - h / 60)) : x));
    const settled = first(rh);
    expect(settled.firstHours).toBe(48);
    expect(settled.after.rh).toBeLessThan(1.2);
  });
  it("that drifts is known by it", () => {
    const rh = given.week.read.rh.map((x, h) => Math.min(98, x! + (9 * (h - WEEK_H / 2)) / WEEK_H));
    const drifted = first(rh);
    expect(drifted.driftSigmas).toBeGreaterThan(2);
    expect(drifted.instrument.driftRhPerWeek).toBeGreaterThan(2);
  });
});
