import fc from "fast-check";
import * as v from "valibot";
import { describe, expect, it } from "vitest";
import { always, type Given, last, ran, shell, slot } from "../../tests/climate";
import { climate } from "./climate";
import { dayOf, roomAt } from "./day";
import { ClimateSchema, minuteOf } from "./format";
import { vapourKgPerM3 } from "./moist";
import { run } from "./run";

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
    expect([
      day.steps,
      roomAt(day.rooms.length, at("13:50"), 600),
      day.heat[0]![at("00:20")],
      day.heat[0]![at("00:30")],
    ]).toEqual([144, 13, 1, 0]);
    expect(day.fans[day.fan[at("00:50")]!]!.extract).toBeCloseTo(0.001, 12);
    expect(day.fans[day.fan[at("01:00")]!]).toEqual({ supply: 0, extract: 0, balanced: 0 });
    expect([day.mistMl[at("07:10")], day.mistMl.reduce((sum, ml) => sum + ml, 0)]).toEqual([42, 42]);
  });
});

describe("a room by the hour of the whole run", () => {
  const day = Array.from({ length: 24 }, (_, h) => ({
    tempC: 19 + 3 * Math.sin(h / 4),
    rh: 45 + h,
    draughtMPerS: 0.1,
  }));
  const given = (room: typeof day) => ({
    ...v.parse(ClimateSchema, { ...shell, openings: [slot(100), slot(500)], days: 2 }),
    room,
  });
  it("twice the same day is that day each day", () => {
    const [once, twice] = [run(given(day)), run(given([...day, ...day]))];
    expect(twice.hourly.tempC).toEqual(once.hourly.tempC);
    expect(twice.hourly.rh).toEqual(once.hourly.rh);
  });
  it("in which a door stands open once comes nearer to the room for as long, and back", () => {
    const open = [{ fromHour: 30, hours: 1, watts: 0, m3PerHour: 40 }];
    const [shut, opened] = [run(given(day)), run(given(day), false, open)];
    const off = (list: readonly number[], h: number) => Math.abs(list[h]! - day[h % 24]!.tempC);
    expect(opened.hourly.airChangesPerHour[30]! - shut.hourly.airChangesPerHour[30]!).toBeGreaterThan(10);
    expect(off(opened.hourly.tempC, 30)).toBeLessThanOrEqual(off(shut.hourly.tempC, 30));
    expect(opened.hourly.tempC.slice(0, 30)).toEqual(shut.hourly.tempC.slice(0, 30));
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
