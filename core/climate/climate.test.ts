import fc from "fast-check";
import psychrolib from "psychrolib";
import * as v from "valibot";
import { describe, expect, it } from "vitest";
import { climate } from "./climate";
import { dayOf } from "./day";
import { exchangeM3PerS, exchangeTable } from "./exchange";
import { screenLoss } from "./flow";
import { ClimateSchema, minuteOf } from "./format";
import { densityKgPerM3, dewPointC, quickSaturation, saturationKgPerM3, saturationPa, vapourKgPerM3 } from "./moist";
import { openingOf, speedAt } from "./opening";

psychrolib.SetUnitSystem(psychrolib.SI);
const NO_FANS = { supply: 0, extract: 0, balanced: 0 };
const G = 9.80665;

type Given = v.InferInput<typeof ClimateSchema>;
const shell: Given = {
  insideMm: { width: 800, depth: 450, height: 600 },
  walls: [
    { face: "sides", areaM2: 1.5, uWPerM2K: 4, rSiM2KPerW: 0.13 },
    { face: "front", areaM2: 0.48, uWPerM2K: 5.6, rSiM2KPerW: 0.13 },
  ],
  openings: [],
  room: { tempC: 20, rh: 45, draughtMPerS: 0 },
  wet: { areaM2: 0, activity: 1, storeMl: 0, capacityMl: 5000 },
  thermalMassJPerK: 30_000,
  massCouplingWPerK: 8,
  hcWPerM2K: 3.5,
  start: { tempC: 20, rh: 45 },
  days: 1,
};
const slot = (centreHeightMm: number, own: Partial<Given["openings"][number]> = {}): Given["openings"][number] => ({
  ...{ id: `at-${centreHeightMm}`, face: "left", orientation: "vertical", widthMm: 200, heightMm: 20, centreHeightMm },
  ...own,
});
const ran = (own: Partial<Given>) => climate(v.parse(ClimateSchema, { ...shell, ...own }));
const last = (list: readonly number[]) => list.at(-1)!;
const always: [string, string][] = [["00:00", "24:00"]];

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

describe("what the model must keep", () => {
  it("with no sources it settles to the room", () => {
    const { hourly } = ran({ openings: [slot(100), slot(500)], start: { tempC: 27, rh: 80 }, days: 4 });
    expect(last(hourly.tempC)).toBeCloseTo(20, 3);
    expect(last(hourly.rh)).toBeCloseTo(45, 2);
  });
  it("sealed and dry, P watts lift the air by P ÷ ΣUA", () => {
    const { hourly } = ran({ heat: [{ watts: 20, on: always, toAir: 1 }], days: 3 });
    expect(last(hourly.tempC) - 20).toBeCloseTo(20 / (1.5 * 4 + 0.48 * 5.6), 3);
  });
  it("at steady state what evaporates is what leaves and what condenses", () => {
    const { hourly, balance } = ran({
      ...{ openings: [slot(100, { widthMm: 40 })], days: 3, heat: [{ watts: 25, on: always, toAir: 0.3 }] },
      wet: { areaM2: 0.3, activity: 1, storeMl: 100_000, capacityMl: 100_000 },
    });
    const flow = (last(hourly.airChangesPerHour) * 0.8 * 0.45 * 0.6) / 1;
    const leaves = flow * (last(hourly.vapourGPerM3) - vapourKgPerM3(20, 45) * 1000);
    expect(last(hourly.condensationMlPerH)).toBeGreaterThan(0);
    expect(last(hourly.evaporationMlPerH) / (leaves + last(hourly.condensationMlPerH))).toBeCloseTo(1, 4);
    expect(Math.max(balance.water, balance.heat)).toBeLessThan(1e-9);
  });
  it("vapour decays by a balanced fan alone as e^(−ACH·t)", () => {
    const perHour = 0.5 * 0.216;
    const { hourly } = ran({
      ...{ fans: [{ kind: "balanced", m3PerHour: perHour, on: always }], start: { tempC: 20, rh: 90 }, stepS: 1 },
      walls: [],
    });
    const over = (i: number) => hourly.vapourGPerM3[i]! - vapourKgPerM3(20, 45) * 1000;
    expect(Math.log(over(2) / over(6))).toBeCloseTo(0.5 * 4, 2);
  });
});

/** When a store of water under a whole screen is empty, h, by another method: Heun's, 5 s a step, nothing shared but the laws. */
function emptiedAt(screen: { porosity: number; wireMm: number }, roomRh: number): number {
  const [areaM2, volumeM3, ua, coupling, massJ, hc] = [0.2025, 0.1215, 1.2825 * 5.6, 8, 30_000, 3.5];
  const pa = (t: number) => psychrolib.GetSatVapPres(t);
  const sat = (t: number) => pa(t) / (461.524 * (t + 273.15));
  const rho = (t: number, x: number) => (101_325 - 0.378 * x * 461.524 * (t + 273.15)) / (287.042 * (t + 273.15));
  const roomX = (roomRh / 100) * sat(22);
  const roomRho = rho(22, roomX);
  const across = Math.sqrt((4 * areaM2) / Math.PI);
  const film = hc / (roomRho * 1006 * 0.87 ** (2 / 3));
  const exchange = (t: number, x: number): number => {
    const inside = rho(t, x);
    if (inside >= roomRho) return 0;
    const bare = 0.055 * Math.sqrt(((G * (roomRho - inside)) / ((roomRho + inside) / 2)) * across ** 5);
    let flow = bare;
    for (let i = 0; i < 80; i++) {
      const loss = screenLoss(screen.porosity, screen.wireMm, flow / areaM2 / screen.porosity);
      flow = (flow + bare / 0.61 / Math.sqrt(1 / 0.61 ** 2 + loss)) / 2;
    }
    return flow;
  };
  const rates = ([t, m, x]: readonly number[]) => {
    const flow = exchange(t!, x!);
    const wet = film * 0.18 * (sat(m!) - x!);
    return [
      (coupling * (m! - t!) + (ua + flow * roomRho * 1006) * (22 - t!)) / (roomRho * 1006 * volumeM3),
      (coupling * (t! - m!) - 2.45e6 * wet) / massJ,
      (wet + flow * (roomX - x!)) / volumeM3,
      -wet,
    ];
  };
  let state = [22, 22, roomX, 0.3];
  for (let step = 1; step < 400_000; step++) {
    const first = rates(state);
    const second = rates(state.map((y, i) => y + 5 * first[i]!));
    state = state.map((y, i) => y + 2.5 * (first[i]! + second[i]!));
    if (state[3]! <= 0) return (step * 5) / 3600;
  }
  return Number.POSITIVE_INFINITY;
}

describe("a glass of 450 × 450 × 600 under a whole screen, over a dry room, never misted", () => {
  it("is empty of its 300 mL within 10 minutes of the same balance by another method", () => {
    const mesh: { apertureMm: [number, number]; wireMm: number } = { apertureMm: [1.13, 1.31], wireMm: 0.28 };
    const { hourly } = ran({
      insideMm: { width: 450, depth: 450, height: 600 },
      walls: [{ face: "all", areaM2: 1.2825, uWPerM2K: 5.6, rSiM2KPerW: 0.13 }],
      openings: [
        { ...slot(600, { orientation: "horizontal", face: "top", widthMm: 450, heightMm: 450, id: "lid" }), mesh },
      ],
      room: { tempC: 22, rh: 35, draughtMPerS: 0 },
      wet: { areaM2: 0.18, activity: 1, storeMl: 300, capacityMl: 3000 },
      start: { tempC: 22, rh: 35 },
      days: 14,
    });
    // The hour before the first in which nothing evaporates any more.
    const dry = hourly.evaporationMlPerH.indexOf(0) - 1;
    const told = dry + hourly.evaporationMlPerH[dry]! / hourly.evaporationMlPerH[dry - 1]!;
    const porosity = (1.13 / 1.41) * (1.31 / 1.59);
    const other = emptiedAt({ porosity, wireMm: 0.28 }, 35);
    expect(dry).toBeGreaterThan(1);
    expect(Math.abs(told - other) * 60, `${told} h and ${other} h`).toBeLessThan(10);
  });
});

const share = fc.double({ min: 0, max: 1, noNaN: true });
const anyShell = fc
  .record({
    tight: share,
    ...{
      walls: share,
      watts: share,
      wet: share,
      activity: share,
      mist: share,
      draught: share,
      fan: share,
      room: share,
    },
    openings: fc.array(
      fc.record({ z: share, w: share, h: share, lies: fc.boolean(), meshed: fc.boolean(), under: fc.boolean() }),
      { maxLength: 5 },
    ),
    kind: fc.constantFrom("supply" as const, "extract" as const, "balanced" as const, "stir" as const),
    thermostat: fc.boolean(),
  })
  .map(
    (r): Given => ({
      ...shell,
      walls: [{ face: "all", areaM2: 0.5 + 3 * r.walls, uWPerM2K: 0.5 + 5 * r.tight, rSiM2KPerW: 0.13 }],
      openings: r.openings.map((o, i) => ({
        ...{ id: `o${i}`, face: o.lies ? (o.under ? "base" : "top") : "left" },
        ...{ orientation: o.lies ? "horizontal" : "vertical", widthMm: 5 + 300 * o.w, heightMm: 5 + 200 * o.h },
        centreHeightMm: o.lies ? (o.under ? 0 : 600) : 110 + 380 * o.z,
        ...(o.meshed && { mesh: { apertureMm: [1, 1], wireMm: 0.5, layers: 1 } }),
      })),
      fans: [{ kind: r.kind, m3PerHour: 6 * r.fan, on: [["22:00", "03:30"]] }],
      room: { tempC: 12 + 14 * r.room, rh: 30 + 40 * r.draught, draughtMPerS: 0.15 * r.draught },
      heat: [{ watts: 80 * r.watts, on: [["08:00", "20:00"]], thermostatC: r.thermostat ? 28 : null, toAir: r.tight }],
      misting: [{ at: "07:00", ml: 300 * r.mist }],
      wet: { areaM2: r.wet, activity: r.activity, storeMl: 800 * r.wet, capacityMl: 800 },
      drain: { startMl: 0, capacityMl: 300 },
      days: 3,
    }),
  );

describe("of any shell", () => {
  it("heat and water close, nothing is no number, and no store is under nothing", () => {
    fc.assert(
      fc.property(anyShell, (given) => {
        const { hourly, balance, summary } = climate(v.parse(ClimateSchema, given));
        expect(Math.max(balance.water, balance.heat)).toBeLessThan(1e-6);
        for (const list of Object.values(hourly))
          for (const x of list as number[]) expect(Number.isFinite(x)).toBe(true);
        expect(
          Math.min(...hourly.storeMl, ...hourly.drainLayerMl, ...hourly.condensationMlPerH),
        ).toBeGreaterThanOrEqual(0);
        expect(summary.stuckOnTempC).toBeGreaterThanOrEqual(Math.max(...hourly.tempC) - 0.3);
      }),
      { numRuns: 60 },
    );
  });
  it("openings twice as large never leave more vapour where the room is drier", () => {
    fc.assert(
      fc.property(anyShell, (given) => {
        const steady: Given = {
          ...{ ...given, misting: [], fans: [], heat: [], days: 3, start: { tempC: 20, rh: 60 } },
          wet: { areaM2: 0.05 + given.wet.areaM2, activity: 1, storeMl: 1e6, capacityMl: 1e6 },
        };
        const vapour = (times: number) =>
          last(
            climate(
              v.parse(ClimateSchema, {
                ...steady,
                openings: steady.openings.map((o) => ({ ...o, count: times })),
              }),
            ).hourly.vapourGPerM3,
          );
        const room = given.room as { tempC: number; rh: number };
        const before = vapour(1);
        fc.pre(before > vapourKgPerM3(room.tempC, room.rh) * 1000);
        expect(vapour(2)).toBeLessThanOrEqual(before * (1 + 1e-6));
      }),
      { numRuns: 30 },
    );
  });
});

describe("a day", () => {
  it("is cut into steps: spans cross midnight, the room goes by its hours, mist falls in the step of its time", () => {
    const rooms = Array.from({ length: 24 }, (_, hour) => ({ tempC: hour, rh: 50, draughtMPerS: 0 }));
    const given: Given = {
      ...{
        ...shell,
        stepS: 600,
        room: rooms,
        misting: [
          { at: "07:15", ml: 40 },
          { at: "07:19", ml: 2 },
        ],
      },
      fans: [
        { kind: "extract", m3PerHour: 3.6, on: [["23:00", "01:00"]] },
        { kind: "stir", m3PerHour: 90, on: always },
      ],
      heat: [{ watts: 5, on: [["22:30", "00:30"]] }],
    };
    const day = dayOf(v.parse(ClimateSchema, given));
    const at = (clock: string) => minuteOf(clock) / 10;
    expect([day.steps, day.room[at("13:50")], day.heat[0]![at("00:20")], day.heat[0]![at("00:30")]]).toEqual([
      144, 13, 1, 0,
    ]);
    expect(day.fans[day.fan[at("00:50")]!]!.extract).toBeCloseTo(0.001, 12);
    expect(day.fans[day.fan[at("01:00")]!]).toEqual({ supply: 0, extract: 0, balanced: 0 });
    expect([day.mistMl[at("07:10")], day.mistMl.reduce((sum, ml) => sum + ml, 0)]).toEqual([42, 42]);
  });
});

describe("what follows from a run", () => {
  it("a thermostat keeps its temperature, and stuck on it goes where its watts take it", () => {
    const { hourly, summary } = ran({ heat: [{ watts: 60, on: always, toAir: 1, thermostatC: 24 }], days: 3 });
    for (const t of hourly.tempC.slice(6)) expect(Math.abs(t - 24)).toBeLessThan(0.75);
    expect(summary.stuckOnTempC).toBeCloseTo(20 + 60 / (1.5 * 4 + 0.48 * 5.6), 2);
  });
  it("a sealed wet glass fogs on its coldest wall, and what runs down fills the drain layer on the day it is worked out", () => {
    const { fogging, hourly, summary } = ran({
      ...{ heat: [{ watts: 15, on: always, toAir: 0.2 }], days: 4, drain: { startMl: 100, capacityMl: 220 } },
      wet: { areaM2: 0.3, activity: 1, storeMl: 9000, capacityMl: 9000 },
    });
    const [sides, front] = fogging;
    expect(front!.hoursADay).toBeGreaterThan(20);
    expect(sides!.hoursADay).toBeLessThanOrEqual(front!.hoursADay);
    // In a sealed box all that evaporates condenses; the layer holds 120 mL more than it begins with.
    let condensed = 0;
    const hour = hourly.condensationMlPerH.findIndex((ml) => {
      condensed += ml;
      return condensed >= 120;
    });
    expect(Math.abs(summary.drainLayerFullDay! - (hour + 1) / 24)).toBeLessThan(1 / 24);
  });
  it("what a full store cannot hold runs to the drain layer", () => {
    const { summary, hourly } = ran({
      ...{ misting: [{ at: "09:00", ml: 300 }], days: 2, drain: { startMl: 0, capacityMl: 900 } },
      wet: { areaM2: 0, activity: 1, storeMl: 450, capacityMl: 500 },
    });
    expect(last(hourly.storeMl)).toBe(500);
    expect(last(hourly.drainLayerMl)).toBeCloseTo(550, 6);
    expect(summary.litresPerDay).toMatchObject({ misted: 0.3 });
    expect(summary.litresPerDay.toDrain).toBeCloseTo(0.275, 9);
    expect(summary.drainLayerFullDay).toBeNull();
  });
});

describe("bad input is told at its place", () => {
  it.each([
    ["200 % rh", { start: { tempC: 20, rh: 200 } }, /start\.rh must be at most 100/],
    [
      "hours that overlap",
      {
        heat: [
          {
            watts: 5,
            on: [
              ["08:00", "12:00"],
              ["11:00", "13:00"],
            ],
          },
        ],
      },
      /Hours overlap/,
    ],
    ["hours that end as they begin", { heat: [{ watts: 5, on: [["08:00", "08:00"]] }] }, /never on/],
    ["a step that divides no hour", { stepS: 7 }, /divide an hour/],
    ["a store over its capacity", { wet: { ...shell.wet, storeMl: 9000 } }, /holds no more/],
    ["a fan of no kind", { fans: [{ kind: "ceiling", m3PerHour: 1, on: [] }] }, /kind must be supply/],
  ] as const)("%s", (_, own, words) => {
    const read = v.safeParse(ClimateSchema, { ...shell, ...own });
    expect(read.success).toBe(false);
    expect(read.issues!.map((i) => i.message).join(" ")).toMatch(words);
  });
});
