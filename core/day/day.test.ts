import { describe, expect, it } from "vitest";
import { demoBuilds } from "../../demo/builds";
import { nurseryTub } from "../../demo/builds/nurseryTub";
import { bareTank } from "../../tests/bareTank";
import { heunEmpties } from "../../tests/heun";
import { put, RESIDENT, SOUND } from "../../tests/hung";
import { jobBuild, jobInput } from "../../tests/job";
import { exchangeM3PerS } from "../climate/exchange";
import type { ClimateInput } from "../climate/format";
import { densityKgPerM3, saturationKgPerM3, vapourKgPerM3 } from "../climate/moist";
import { openingOf } from "../climate/opening";
import { closureKind } from "../closures/kinds/index";
import type { Closure } from "../closures/schema";
import { statedMm } from "../design/measure";
import { newBuild, newVariant } from "../document/create";
import type { Build, Variant } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { stackOf } from "../ground/layers/starts";
import { type Plan, plan } from "../plan";
import { planWithDay } from "../planWithDay";
import type { FrontGlassShell } from "../shell/kinds/frontGlass/schema";
import type { TankShell } from "../shell/kinds/tank/schema";
import { DAY } from "./facts";
import { mean, most } from "./hours";
import { longestWet } from "./rules/water";

const airOf = (build: Build): Plan => planWithDay(jobInput(build));
const dayOf = (planned: Plan) => planned.facts.one(DAY)!;
const told = (planned: Plan, rule: string) => planned.snags.find((s) => s.rule === rule);

/** The nursery tub for animals that want 70 to 90 %, with the left side's three rows of holes alone. */
function tub(change?: (variant: Variant, build: Build) => void): Build {
  const build = nurseryTub();
  const variant = chosenVariant(build);
  variant.features = variant.features.filter((f) => f.id === "low-1");
  build.brief.residents = build.brief.residents.map((r) => ({
    ...r,
    bands: { ...r.bands, rh: { low: 70, high: 90 } },
  }));
  change?.(variant, build);
  return build;
}

describe("the salamanders' tub, 70 to 90 %", () => {
  it("with only its left three rows is told too damp before it is drilled", () => {
    const planned = airOf(tub());
    expect(told(planned, "day/too-damp")).toMatchObject({ severity: "mind" });
    expect(mean(dayOf(planned).answer!.usual.rh)).toBeGreaterThan(95);
  });
  it("with a mesh lid large enough is not", () => {
    const { site, shell } = plan(jobInput(tub()));
    const lid = closureKind({ kind: "tubLid" } as Closure).start(site, shell.openings[0]);
    const planned = airOf(
      tub((v) => {
        v.closures = [{ ...lid, mesh: "steel-mesh-6", width: statedMm(520), height: statedMm(350) } as Closure];
      }),
    );
    expect(told(planned, "day/too-damp")).toBeUndefined();
    expect(told(planned, "day/too-dry")).toBeUndefined();
    expect(most(dayOf(planned).answer!.usual.rh)).toBeLessThanOrEqual(90);
  });
});

/** When the store of a shell that nobody mists or heats is empty, h, by Heun's method at 5 s a step. */
function emptiedAt(input: ClimateInput): number {
  const { insideMm, walls, wet, thermalMassJPerK: massJ, massCouplingWPerK: coupling, hcWPerM2K } = input;
  const room = input.room as Exclude<ClimateInput["room"], readonly unknown[]>;
  const volumeM3 = (insideMm.width * insideMm.depth * insideMm.height) / 1e9;
  const ua = walls.reduce((sum, w) => sum + w.areaM2 * w.uWPerM2K, 0);
  const roomX = vapourKgPerM3(room.tempC, room.rh);
  const roomRho = densityKgPerM3(room.tempC, roomX);
  const film = hcWPerM2K / (roomRho * 1006 * 0.87 ** (2 / 3));
  const openings = input.openings.map(openingOf);
  const flowAt = (t: number, x: number) =>
    exchangeM3PerS(openings, {
      ...{ inside: densityKgPerM3(t, x), room: roomRho, draughtMPerS: room.draughtMPerS },
      fans: { supply: 0, extract: 0, balanced: 0 },
    });
  // The flow hardly changes in half a minute.
  let flow = 0;
  const rates = ([t, m, x]: readonly number[]) => {
    const gives = film * wet.areaM2 * (saturationKgPerM3(m!) - x!);
    return [
      (coupling * (m! - t!) + (ua + flow * roomRho * 1006) * (room.tempC - t!)) / (roomRho * 1006 * volumeM3),
      (coupling * (t! - m!) - 2.45e6 * gives) / massJ,
      (gives + flow * (roomX - x!)) / volumeM3,
      -gives,
    ];
  };
  return heunEmpties(
    rates,
    [input.start.tempC, input.start.tempC, vapourKgPerM3(input.start.tempC, input.start.rh), wet.storeMl / 1000],
    ([t, , x]) => {
      flow = flowAt(t!, x!);
    },
  );
}

/** A front-opening glass of 450 × 450 × 600 under its screen, over a room of 35 %, with 300 mL in its substrate. */
function dryGlass(change?: (variant: Variant) => void): Build {
  const variant = newVariant("frontGlass");
  (variant.shell as FrontGlassShell).groundDepth = statedMm(80);
  variant.ground.layers = stackOf({ drain: { body: "clay", mm: 30 } });
  variant.ground.store = statedMm(300);
  const build = newBuild("Dry glass", { unit: "mm" }, variant);
  build.brief.room = { tempC: { low: 20, high: 24 }, rh: { low: 35, high: 35 } };
  build.brief.residents = [{ ...structuredClone(RESIDENT), bands: { tempC: null, rh: { low: 60, high: 80 } } }];
  change?.(variant);
  return build;
}

describe("a glass under a whole screen, over a room of 35 %, 300 mL, never misted", () => {
  it("is told when its store is empty, within 10 minutes of the same balance by another method", () => {
    const planned = airOf(dryGlass());
    const { answer, ask } = dayOf(planned);
    expect(ask.input.wet.storeMl).toBe(300);
    const hours = emptiedAt(ask.input);
    expect(Math.abs(answer!.storeEmptyDay! * 24 - hours)).toBeLessThan(10 / 60);
    const snag = told(planned, "day/dries-out")!;
    expect(snag.sentence).toContain(`${(answer!.storeEmptyDay! * 24).toFixed(1)} hours`);
  });
  it("is not told once it is misted by as much as it gives", () => {
    const planned = airOf(
      dryGlass((v) => {
        v.ground.misting = statedMm(150);
      }),
    );
    expect(told(planned, "day/dries-out")).toBeUndefined();
    expect(dayOf(planned).answer!.litresPerDay.misted).toBeCloseTo(0.15, 6);
  });
});

describe("walls by ISO 6946", () => {
  it("of a glass tank: each m² of a side 1 ÷ (0.13 + 0.006 / 1 + 0.13), of the base 0.17 twice", () => {
    const planned = plan(jobInput(bareTank()));
    const { walls } = dayOf(planned).ask.input;
    const wall = (face: string) => walls.find((w) => w.face === face);
    expect(wall("left")!.uWPerM2K).toBeCloseTo(1 / (0.26 + 0.006), 3);
    expect(wall("base")!.uWPerM2K).toBeCloseTo(1 / (0.34 + 0.006), 3);
    const { widthMm: w, heightMm: h } = planned.shell.inside;
    expect(wall("back")!.areaM2).toBeCloseTo((w * h) / 1e6, 3);
  });
});

describe("a lamp's hours", () => {
  const lit = (hours: { from: string; to: string } | null) =>
    airOf(
      dryGlass((v) => {
        v.ground.store = statedMm(3000);
        put(v, "plantLight", "light", { watts: statedMm(60), side: "inside", hours });
      }),
    );
  it("move the day: warm while it is on, and cool again at night", () => {
    const { usual } = dayOf(lit({ from: "08:00", to: "16:00" })).answer!;
    expect(usual.tempC[15]! - usual.tempC[6]!).toBeGreaterThan(2);
    const later = dayOf(lit({ from: "12:00", to: "20:00" })).answer!.usual;
    expect(usual.tempC.indexOf(most(usual.tempC))).toBe(15);
    expect(later.tempC.indexOf(most(later.tempC))).toBe(19);
  });
  /** A closed tank over a cool room, with a light in it. */
  const fogged = (from: string, to: string) => {
    const build = bareTank((v) => {
      v.ground.layers = stackOf({ drain: { body: "clay", mm: 30 } });
      (v.shell as TankShell).groundDepth = statedMm(80);
      put(v, "plantLight", "light", { watts: statedMm(40), side: "inside", hours: { from, to } });
    });
    build.brief.room.tempC = { low: 16, high: 20 };
    return airOf(build);
  };
  it("move the fog of the front, and when it is there", () => {
    const [early, late] = [fogged("08:00", "12:00"), fogged("14:00", "22:00")];
    const front = (p: Plan) => dayOf(p).answer!.fog.find((f) => f.face === "front")!.hours;
    // It goes while the light comes on and the glass warms, in either.
    expect(front(early)[13]).toBeCloseTo(1);
    expect(front(late)[13]).toBeLessThan(0.5);
    expect(front(early)[5]).toBe(0);
    expect(front(late)[5]).toBeCloseTo(1);
    expect(told(early, "day/fog")!.sentence).not.toBe(told(late, "day/fog")!.sentence);
  });
  /** Doors of wood for a dry animal, over wet ground, with a panel that heats for some hours. */
  const doors = (from: string, to: string) => {
    const build = jobBuild();
    const variant = chosenVariant(build);
    variant.ground.layers = stackOf({ drain: { body: "clay", mm: 30 } });
    variant.ground.misting = statedMm(200);
    build.brief.residents = build.brief.residents.map((r) => ({
      ...r,
      bands: { tempC: null, rh: { low: 40, high: 60 } },
    }));
    const { site, shell } = plan(jobInput(build));
    variant.closures = [closureKind({ kind: "hinged" } as Closure).start(site, shell.openings[0])];
    put(variant, "radiantPanel", "panel", { watts: statedMm(80), side: "inside", hours: { from, to } });
    return airOf(build);
  };
  it("move the doors: with few of them they swell past what they were sized for, with more they do not", () => {
    expect(told(doors("08:00", "12:00"), "day/doors-bind")!.sentence).toContain("where the doors meet");
    expect(told(doors("08:00", "20:00"), "day/doors-bind")).toBeUndefined();
  });
});

describe("when it is wet", () => {
  const hours = (...wet: number[]) => Array.from({ length: 24 }, (_, h) => (wet.includes(h) ? 1 : 0));
  it("is told by its longest stretch, past midnight too", () => {
    expect(longestWet(hours(3, 4, 9))).toBe("longest from 03:00 to 05:00");
    expect(longestWet(hours(22, 23, 0, 1, 12))).toBe("longest from 22:00 to 02:00");
    expect(longestWet(hours(...Array(24).keys()))).toBe("all day and night");
    expect(longestWet(hours())).toBe("for less than half an hour at a time");
  });
});

describe("what is asked for", () => {
  it("has heat by the hours of its fixtures, a thermostat by what it is set to, and mist by the nozzles", () => {
    const planned = plan(
      jobInput(
        bareTank((v) => {
          put(v, "spotLamp", "spot", {
            ...SOUND,
            ...{ side: "inside", watts: statedMm(50), control: "thermostat", set: statedMm(29) },
            hours: { from: "09:00", to: "18:00" },
          });
          put(v, "heatMat", "mat", { watts: null });
          put(v, "mistNozzle", "nozzle", { flow: statedMm(90), times: statedMm(3), seconds: statedMm(40) });
        }),
      ),
    );
    const { ask, taken } = dayOf(planned);
    expect(ask.input.heat).toEqual([{ watts: 50, on: [["09:00", "18:00"]], thermostatC: 29, toAir: 0.5 }]);
    expect(ask.input.misting.map((m) => [m.at, m.ml])).toEqual([
      ["08:00", 60],
      ["12:00", 60],
      ["16:00", 60],
    ]);
    expect(taken.join()).toContain("no watts are known of mat");
  });
  it("is the same for the same design, and another once anything of the air moves", () => {
    const key = (change?: (v: Variant) => void) => dayOf(plan(jobInput(dryGlass(change)))).key;
    expect(key()).toBe(key());
    expect(key()).not.toBe(
      key((v) => {
        v.ground.store = statedMm(310);
      }),
    );
    expect(key()).toBe(
      key((v) => {
        v.notes = { air: "nothing of it is air" };
      }),
    );
  });
});

describe("a kept day", () => {
  it("answers the design it was worked out of, and no other: there the simple balance stands, and says so", () => {
    const build = dryGlass();
    const { answer } = dayOf(airOf(build));
    const with_ = (of: Build) => plan({ ...jobInput(of), days: [answer!] });
    expect(told(with_(build), "day/dries-out")).toBeDefined();
    const changes = (p: Plan) => p.figures.find((f) => f.id === "air/changes")!;
    expect(changes(with_(build)).label).toBe("Air changes, hourly");
    const other = dryGlass((v) => {
      v.ground.store = statedMm(900);
    });
    expect(told(with_(other), "day/dries-out")).toBeUndefined();
    expect(changes(with_(other)).label).toBe("Air changes by warmth alone");
  });
});

describe("what is worked out of the air", () => {
  it("changes nothing but what is told of the air: other snags and their proved fixes stand as they were", () => {
    const ofAir = (rule: string) =>
      rule.startsWith("day/") || ["fixtures/too-weak", "fixtures/stuck", "ground/fills-up"].includes(rule);
    for (const build of demoBuilds()) {
      const rest = (p: Plan) => p.snags.filter((s) => !ofAir(s.rule));
      expect(rest(airOf(build)), build.name).toEqual(rest(plan(jobInput(build))));
    }
  });
});

describe("bad air", () => {
  it("a fan with no way for its air is a stop; one behind a fine mesh is held back; with a vent it is neither", () => {
    const fanned = (change: (v: Variant) => void) =>
      plan(
        jobInput(
          dryGlass((v) => {
            put(v, "fan", "fan", { flow: statedMm(10), pressure: statedMm(20) });
            change(v);
          }),
        ),
      );
    // Its screen and its doors are ways enough.
    expect(
      told(
        fanned(() => {}),
        "day/fan-no-way",
      ),
    ).toBeUndefined();
    expect(
      told(
        fanned(() => {}),
        "day/fan-held-back",
      ),
    ).toBeUndefined();
  });
  it("a thermostat set to what its heater never reaches is told, with the number that it does", () => {
    const set = (value: number) =>
      airOf(
        dryGlass((v) =>
          put(v, "heatMat", "mat", { watts: statedMm(7), control: "thermostat", set: statedMm(value), cutOut: true }),
        ),
      );
    const snag = told(set(45), "day/set-too-high")!;
    expect(snag.subject).toBe("mat");
    expect(snag.fix!.label).toMatch(/Set it to 2\d °C/);
    expect(told(set(24), "day/set-too-high")).toBeUndefined();
  });
});
