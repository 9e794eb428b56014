import fc from "fast-check";
import * as v from "valibot";
import { describe, expect, it } from "vitest";
import { type Given, shell, slot } from "../../tests/climate";
import { exchangeM3PerS, exchangeTable } from "./exchange";
import { screenLoss } from "./flow";
import { ClimateSchema } from "./format";
import { densityKgPerM3 } from "./moist";
import { openingOf, speedAt } from "./opening";

const NO_FANS = { supply: 0, extract: 0, balanced: 0 };
const G = 9.80665;

describe("openings", () => {
  it("are passed by the speed at which loss and Reynolds number agree, screens or none", () => {
    const mesh = { apertureMm: [1.13, 1.31], wireMm: 0.28, layers: 2 } as const;
    const open = openingOf(
      v.parse(ClimateSchema, { ...shell, openings: [slot(100, { mesh: { ...mesh, apertureMm: [1.13, 1.31] } })] })
        .openings[0]!,
    );
    const porosity = (1.13 / 1.41) * (1.31 / 1.59);
    for (const s of [0.02, 0.2, 1]) {
      const speed = speedAt(open, s);
      const loss = 2 * screenLoss(porosity, 0.28, speed / porosity);
      expect(speed).toBeCloseTo(s / Math.sqrt(1 / 0.61 ** 2 + loss), 6);
    }
    expect(speedAt({ still: 1 / 0.61 ** 2, slow: 0 }, 1)).toBeCloseTo(0.61, 12);
  });
  const parsed = (openings: Given["openings"]) =>
    v.parse(ClimateSchema, { ...shell, openings }).openings.map(openingOf);
  const between = (insideC: number, roomC: number) => ({
    inside: densityKgPerM3(insideC, 0),
    room: densityKgPerM3(roomC, 0),
  });
  it("drive a stack by its closed form (ASHRAE Fundamentals): Cd·A_eff·√(2·g·h·Δρ/ρ)", () => {
    const { inside, room } = between(26, 20);
    const flow = exchangeM3PerS(
      parsed([slot(100, { heightMm: 2, widthMm: 2000 }), slot(600, { heightMm: 1, widthMm: 2000 })]),
      {
        ...{ inside, room, draughtMPerS: 0, fans: NO_FANS },
      },
    );
    const area = 1 / Math.sqrt(1 / 0.004 ** 2 + 1 / 0.002 ** 2);
    const mean = (inside + room) / 2;
    expect(flow / (0.61 * area * Math.sqrt((2 * G * 0.5 * (room - inside)) / mean))).toBeCloseTo(1, 2);
  });
  it("alone and upright exchange (Cd/3)·A·√(g·H·Δρ/ρ) (CIBSE AM10)", () => {
    const { inside, room } = between(24, 20);
    const flow = exchangeM3PerS(parsed([slot(300, { heightMm: 400, widthMm: 300 })]), {
      ...{ inside, room, draughtMPerS: 0, fans: NO_FANS },
    });
    const mean = (inside + room) / 2;
    expect(flow / ((0.61 / 3) * 0.12 * Math.sqrt((G * 0.4 * (room - inside)) / mean))).toBeCloseTo(1, 2);
  });
  it("that lie exchange by Epstein's law while the air under them is lighter, and a through-flow ends it", () => {
    const { inside, room } = between(25, 20);
    const lid = parsed([slot(600, { orientation: "horizontal", face: "top", widthMm: 300, heightMm: 300 })]);
    const at = (fans: Partial<typeof NO_FANS>, warm = true) =>
      exchangeM3PerS(lid, {
        ...(warm ? { inside, room } : { inside: room, room: inside }),
        ...{ draughtMPerS: 0, fans: { ...NO_FANS, ...fans } },
      });
    const across = Math.sqrt((4 * 0.09) / Math.PI);
    const still = 0.055 * Math.sqrt(((G * (room - inside)) / ((inside + room) / 2)) * across ** 5);
    expect(at({}) / still).toBeCloseTo(1, 3);
    expect(at({}, false)).toBeCloseTo(0, 6);
    // Half of what shuts it leaves half of it; all of it leaves the fan's own.
    expect(at({ extract: still }) / (still + 0.5 * still)).toBeCloseTo(1, 1);
    expect(at({ extract: 2.2 * still }) / (2.2 * still)).toBeCloseTo(1, 1);
  });
  it("are read off a table as they are worked out, within 1 %", () => {
    const openings = parsed([
      slot(100),
      slot(560),
      slot(600, { orientation: "horizontal", face: "top", widthMm: 150, heightMm: 150 }),
    ]);
    const room = densityKgPerM3(20, 0.008);
    const fans = { ...NO_FANS, extract: 0.0004 };
    const table = exchangeTable(openings, room, 0.05, fans);
    fc.assert(
      fc.property(fc.double({ min: 1.05, max: 1.3, noNaN: true }), (inside) => {
        const exact = exchangeM3PerS(openings, { inside, room, draughtMPerS: 0.05, fans });
        expect(Math.abs(table(inside) / exact - 1)).toBeLessThan(0.01);
      }),
    );
  });
});
