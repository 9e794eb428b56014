import fc from "fast-check";
import jstat from "jstat";
import { linearRegression } from "simple-statistics";
import * as v from "valibot";
import { describe, expect, it } from "vitest";
import { normals, simulateTest } from "../../../standins/waterGauge";
import { evaporationMmPerDay, saturationPa } from "./evaporation";
import { fitSlope, together } from "./fit";
import { LeakInputSchema, type LeakVerdict } from "./format";
import { judgeLeak } from "./judgeLeak";
import { studentT } from "./student";

const judged = (input: unknown): LeakVerdict => {
  const answer = judgeLeak(v.parse(LeakInputSchema, input));
  if (!answer.ok) throw new Error(answer.message);
  return answer.value;
};
const refused = (input: unknown): string => {
  const answer = judgeLeak(v.parse(LeakInputSchema, input));
  return answer.ok ? "" : answer.message;
};
const at = (hours: number) => new Date(Date.UTC(2026, 4, 2, 9) + hours * 3_600_000).toISOString();
const series = (levels: readonly number[], everyHours = 4) =>
  levels.map((levelMm, i) => ({ at: at(i * everyHours), levelMm }));

describe("Student's t", () => {
  it("is that of tables (Student 1908: ν = 1, 4, 10, 30 at 97.5 %)", () => {
    expect([1, 4, 10, 30].map((n) => studentT(n).toFixed(3))).toEqual(["12.706", "2.776", "2.228", "2.042"]);
    expect(studentT(Number.POSITIVE_INFINITY)).toBeCloseTo(1.96, 3);
  });
  it("agrees with jStat at any freedom, whole or not", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 400, noNaN: true }), (freedom) => {
        expect(studentT(freedom) / jstat.studentt.inv(0.975, freedom)).toBeCloseTo(1, 6);
      }),
    );
  });
});

describe("a straight line through readings", () => {
  const points = fc.uniqueArray(
    fc.record({ hours: fc.integer({ min: 0, max: 200 }), mm: fc.double({ min: 50, max: 100, noNaN: true }) }),
    { selector: (p) => p.hours, minLength: 3, maxLength: 20 },
  );
  it("has simple-statistics' slope", () => {
    fc.assert(
      fc.property(points, (list) => {
        const { m } = linearRegression(list.map((p) => [p.hours, p.mm]));
        expect(fitSlope(list, 0.3).mmPerDay).toBeCloseTo(-24 * m, 8);
      }),
    );
  });
  it("is never surer than the reading error allows", () => {
    fc.assert(
      fc.property(points, (list) => {
        const mean = list.reduce((sum, p) => sum + p.hours, 0) / list.length;
        const sxx = list.reduce((sum, p) => sum + (p.hours - mean) ** 2, 0);
        expect(fitSlope(list, 0.3).error).toBeGreaterThanOrEqual((24 * 0.3) / Math.sqrt(sxx) - 1e-12);
      }),
    );
  });
  it("of two readings knows its reading error alone", () => {
    const fit = fitSlope(
      [
        { hours: 0, mm: 100 },
        { hours: 24, mm: 98 },
      ],
      0.3,
    );
    // σ ÷ √Sxx with Sxx = 2 · 12²; 24 h a day.
    expect(fit).toMatchObject({ freedom: Number.POSITIVE_INFINITY, spreadMm: 0 });
    expect([fit.mmPerDay, fit.error]).toEqual([2, expect.closeTo((24 * 0.3) / Math.sqrt(288), 9)]);
  });
  it("is less sure where residuals run on one side", () => {
    const bowed = Array.from({ length: 12 }, (_, i) => ({ hours: 4 * i, mm: 100 - 0.3 * i + 0.1 * Math.sin(i / 1.8) }));
    const shuffled = bowed.map((p, i) => ({
      ...p,
      mm: 100 - 0.3 * i + (i % 2 === 0 ? 0.1 : -0.1),
    }));
    const [run, mixed] = [fitSlope(bowed, 0.001), fitSlope(shuffled, 0.001)];
    expect(run.error / run.spreadMm).toBeGreaterThan(1.5 * (mixed.error / mixed.spreadMm));
  });
  it("adds errors in quadrature, freedoms by Welch and Satterthwaite (two equal ones: twice the freedom)", () => {
    expect(
      together([
        { error: 3, freedom: 6 },
        { error: 3, freedom: 6 },
      ]),
    ).toEqual({
      error: expect.closeTo(3 * Math.SQRT2, 12),
      freedom: expect.closeTo(12, 12),
    });
  });
});

describe("a room's evaporation", () => {
  it("starts from the vapour pressure of ASHRAE Fundamentals (2338.8 Pa at 20 °C)", () => {
    expect(saturationPa(20) / 2338.8).toBeCloseTo(1, 2);
  });
  it("is one or two millimetres a day in a lived-in room, and none at the dew point (common practice, no source)", () => {
    const room = evaporationMmPerDay({ tempC: 21, rh: 45, waterTempC: 20 });
    expect(room).toBeGreaterThan(0.8);
    expect(room).toBeLessThan(3);
    expect(evaporationMmPerDay({ tempC: 25, rh: 80, waterTempC: 21.2 })).toBeCloseTo(0, 1);
    expect(evaporationMmPerDay({ tempC: 25, rh: 90, waterTempC: 18 })).toBe(0);
  });
});

describe("the verdict", () => {
  const steady = (perDay: number, n = 19) => series(Array.from({ length: n }, (_, i) => 100 - (perDay * i) / 6));
  const base = { waterAreaM2: 0.5, readingErrorMm: 0.2, outsidePaper: "dry" };

  it("is tight only with the numbers and dry papers", () => {
    const input = { ...base, readings: steady(1), control: { readings: steady(1) } };
    expect(judged(input)).toMatchObject({ verdict: "tight", moreHours: 0 });
    const unseen = judged({ ...input, outsidePaper: "notLooked" });
    expect([unseen.verdict, unseen.why]).toEqual(["cannotTell", expect.stringMatching(/look at the papers/)]);
    expect(judged({ ...input, outsidePaper: "wet" }).verdict).toBe("leaks");
  });
  it("names litres from millimetres: 1 mm on 0.5 m² is half a litre", () => {
    const { leakMmPerDay, leakMlPerDay } = judged({ ...base, readings: steady(3), control: { readings: steady(1) } });
    expect(leakMmPerDay!.value).toBeCloseTo(2, 6);
    expect(leakMlPerDay!.value).toBeCloseTo(1000, 3);
  });
  it("widens by the mismatch of pan and shell", () => {
    const half = (mismatch: number) => {
      const { leakMmPerDay: leak } = judged({
        ...base,
        readings: steady(2),
        control: { readings: steady(2), mismatch },
      });
      return leak!.high - leak!.value;
    };
    // 10 % of 2 mm a day, at 1.96.
    expect(Math.sqrt(half(0.1) ** 2 - half(0) ** 2)).toBeCloseTo(1.96 * 0.2, 3);
  });
  it("says that a small loss was measured where one was, and is let pass", () => {
    const answer = judged({ ...base, readings: steady(1.3, 60), control: { readings: steady(1, 60), mismatch: 0.02 } });
    expect(answer.verdict).toBe("tight");
    expect(answer.leakMmPerDay!.low).toBeGreaterThan(0);
    expect(answer.why).toMatch(/small loss/);
  });
  it("does not trust a pan that dries faster than the shell", () => {
    const answer = judged({ ...base, readings: steady(1), control: { readings: steady(3) } });
    expect([answer.verdict, answer.moreHours, answer.why]).toEqual([
      "cannotTell",
      null,
      expect.stringMatching(/does not stand for it/),
    ]);
  });
  it("counts only the hours both were read", () => {
    const late = steady(1).slice(6);
    const early = [{ at: at(-48), levelMm: 140 }, { at: at(-24), levelMm: 120 }, ...steady(1)];
    const answer = judged({ ...base, readings: early, control: { readings: late } });
    expect(answer.shellMmPerDay.value).toBeCloseTo(1, 6);
  });
  it("takes a pan read at other times than the shell", () => {
    const other = steady(1).map((r, i) => ({ ...r, at: at(4 * i + 1) }));
    expect(judged({ ...base, readings: steady(1), control: { readings: other } }).leakMmPerDay!.value).toBeCloseTo(
      0,
      6,
    );
  });
  it("without a pan leans on the room, or knows nothing", () => {
    const alone = judged({ ...base, readings: steady(1) });
    expect([alone.verdict, alone.leakMmPerDay, alone.moreHours]).toEqual(["cannotTell", null, null]);
    const room = { tempC: 21, rh: 45, waterTempC: 20 };
    expect(judged({ ...base, readings: steady(12), room }).verdict).toBe("leaks");
    expect(judged({ ...base, readings: steady(2.5), room }).verdict).toBe("cannotTell");
  });
  it("explains readings that cannot be", () => {
    const pan = { readings: steady(1) };
    expect(refused({ ...base, readings: [steady(1)[0]], control: pan })).toMatch(/one reading; a loss needs two/);
    expect(refused({ ...base, readings: [...steady(1)].reverse(), control: pan })).toMatch(/Put them in order/);
    expect(refused({ ...base, readings: series([100, 99, 104]), control: pan })).toMatch(
      /rose from 99 to 104.*refilled/,
    );
    // A difference of two readings has √2 of one's error; three of it are let pass: 4.3 × 0.2 mm is 0.86.
    expect(refused({ ...base, readings: series([100, 99, 99.85]), control: pan })).toBe("");
    expect(refused({ ...base, readings: series([100, 99, 99.87]), control: pan })).toMatch(/refilled/);
    expect(refused({ ...base, readings: steady(1), control: { readings: series([50, 49, 55]) } })).toMatch(/^The pan/);
    const apart = steady(1).map((r) => ({ ...r, at: r.at.replace("2026", "2025") }));
    expect(refused({ ...base, readings: steady(1), control: { readings: apart } })).toMatch(
      /not read over the same hours/,
    );
  });
  it("holds its own arithmetic on any readings that stand", () => {
    const levels = fc.array(fc.double({ min: 20, max: 300, noNaN: true }), { minLength: 2, maxLength: 30 });
    fc.assert(
      fc.property(levels, levels, fc.constantFrom("dry", "wet", "notLooked"), (a, b, outsidePaper) => {
        const fall = (list: number[]) =>
          series(
            [...list].sort((x, y) => y - x),
            3,
          );
        const answer = judgeLeak(
          v.parse(LeakInputSchema, { ...base, outsidePaper, readings: fall(a), control: { readings: fall(b) } }),
        );
        if (!answer.ok) return;
        const { leakMmPerDay: leak, verdict, moreHours } = answer.value;
        for (const x of Object.values(leak!)) expect(Number.isFinite(x)).toBe(true);
        expect(leak!.low).toBeLessThanOrEqual(leak!.value);
        expect(leak!.value).toBeLessThanOrEqual(leak!.high);
        if (verdict === "tight") expect([outsidePaper, leak!.high < 0.5]).toEqual(["dry", true]);
        if (moreHours !== null) expect(moreHours).toBeLessThanOrEqual(14 * 24);
      }),
    );
  });
});

describe("known leaks", () => {
  /** A pan that is like the shell but for a share drawn anew each test. */
  const draw = (seed: number, leak: number, mismatch: number, hours: number) => {
    const normal = normals(seed);
    return simulateTest({
      startAt: at(0),
      hours,
      everyHours: 4,
      levelMm: 100,
      leakMmPerDay: leak,
      evaporationMmPerDay: 1.6,
      panShare: 1 + mismatch * normal(),
      readingErrorMm: 0.2,
      seed: seed + 1,
    });
  };

  it("lie in the 95 % interval of 93 to 97 tests of 100", () => {
    let [inside, tests] = [0, 0];
    for (let seed = 1; seed <= 1000; seed++) {
      const leak = (seed % 5) * 0.4;
      const answer = judgeLeak(
        v.parse(LeakInputSchema, {
          waterAreaM2: 0.5,
          readingErrorMm: 0.2,
          ...draw(3 * seed, leak, 0.1, 48),
        }),
      );
      if (!answer.ok) continue;
      tests++;
      const { low, high } = answer.value.leakMmPerDay!;
      if (low <= leak && leak <= high) inside++;
    }
    expect(tests).toBeGreaterThan(950);
    expect(inside / tests).toBeGreaterThan(0.93);
    expect(inside / tests).toBeLessThan(0.97);
  });

  const input = { waterAreaM2: 0.5, readingErrorMm: 0.2, outsidePaper: "dry" };
  /** 0.8 mm a day behind an evaporation of 1.6, read every four hours to 0.2 mm. */
  const slow = (seed: number, hours: number, mismatch: number, readingErrorMm = 0.2) => {
    const drawn = simulateTest({
      ...{ startAt: at(0), hours, everyHours: 4, levelMm: 100, seed },
      ...{ leakMmPerDay: 0.8, evaporationMmPerDay: 1.6, panShare: 1, readingErrorMm },
    });
    return judged({ ...input, ...drawn, control: { ...drawn.control, mismatch } });
  };

  it("of 0.8 in 2.4 mm a day are called after the hours foretold and not one reading before, luck aside", () => {
    const first = slow(1, 16, 0.05, 1e-6);
    expect([first.verdict, first.moreHours]).toEqual(["cannotTell", 32]);
    expect(slow(1, 44, 0.05, 1e-6).verdict).toBe("cannotTell");
    expect(slow(1, 48, 0.05, 1e-6).verdict).toBe("leaks");
  });

  it("of 0.8 in 2.4 mm a day are never called tight, and called within a week of reading on as it says", () => {
    const called = Array.from({ length: 40 }, (_, i) => {
      let hours = 16;
      let answer = slow(i + 1, hours, 0.05);
      while (answer.verdict === "cannotTell" && hours < 24 * 7) {
        hours += Math.min(answer.moreHours ?? 24, 24);
        answer = slow(i + 1, hours, 0.05);
      }
      return answer.verdict;
    });
    expect(called.filter((verdict) => verdict === "leaks").length).toBeGreaterThanOrEqual(37);
    // One in forty is what a 95 % interval leaves.
    expect(called.filter((verdict) => verdict === "tight").length).toBeLessThanOrEqual(1);
  });

  it("of 0.8 in 2.4 mm a day cannot be called where the pan may be 10 % off, and the verdict says so", () => {
    // 1.96 × 10 % × 1.6 = 0.31 mm a day, more than the 0.3 between leak and tolerance.
    const answer = slow(1, 24 * 10, 0.1, 1e-6);
    expect([answer.verdict, answer.moreHours]).toEqual(["cannotTell", null]);
    expect(answer.why).toMatch(/make the pan more like the shell/);
  });

  it("of none in a dry room are not called, and a pan in the sun is not trusted", () => {
    const dry = (panShare: number, seed: number) => {
      const drawn = simulateTest({
        ...{ startAt: at(0), hours: 72, everyHours: 4, levelMm: 100, seed },
        ...{ leakMmPerDay: 0, evaporationMmPerDay: 3.4, panShare, readingErrorMm: 0.2 },
      });
      return judged({ ...input, ...drawn, control: { ...drawn.control, mismatch: 0.05 } }).verdict;
    };
    const seeds = Array.from({ length: 40 }, (_, i) => i + 1);
    expect(seeds.filter((seed) => dry(1, seed) === "leaks").length).toBeLessThanOrEqual(1);
    expect(new Set(seeds.map((seed) => dry(1.9, seed)))).toEqual(new Set(["cannotTell"]));
  });
});
