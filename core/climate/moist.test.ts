import psychrolib from "psychrolib";
import { describe, expect, it } from "vitest";
import { densityKgPerM3, dewPointC, quickSaturation, saturationKgPerM3, saturationPa, vapourKgPerM3 } from "./moist";

psychrolib.SetUnitSystem(psychrolib.SI);

describe("moist air", () => {
  it("is psychrolib's, from frost to a hot day", () => {
    for (let t = -20; t <= 60; t += 2.5) {
      const ratio = saturationPa(t) / psychrolib.GetSatVapPres(t);
      expect(Math.abs(ratio - 1), `${t} °C`).toBeLessThan(1e-3);
      expect(Math.abs(quickSaturation(t) / saturationKgPerM3(t) - 1)).toBeLessThan(1e-5);
    }
    for (const [t, rh] of [
      [25, 80],
      [20, 45],
      [32, 95],
    ] as const) {
      const w = psychrolib.GetHumRatioFromRelHum(t, rh / 100, 101_325);
      // Moist air per m³ is dry air and its vapour.
      const whole = (1 + w) / psychrolib.GetMoistAirVolume(t, w, 101_325);
      expect(Math.abs(densityKgPerM3(t, vapourKgPerM3(t, rh)) / whole - 1)).toBeLessThan(2e-3);
      expect(dewPointC(t, vapourKgPerM3(t, rh))).toBeCloseTo(psychrolib.GetTDewPointFromRelHum(t, rh / 100), 1);
    }
  });
  it("has the table's own figures (ASHRAE Fundamentals, ch. 1): 2338.8 Pa at 20 °C; 21.3 °C for 25 °C and 80 %", () => {
    expect(saturationPa(20)).toBeCloseTo(2338.8, 0);
    expect(dewPointC(25, vapourKgPerM3(25, 80))).toBeCloseTo(21.3, 1);
  });
});
