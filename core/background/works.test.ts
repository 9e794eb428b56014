import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyFoundBuild } from "../../tests/anyShell";
import { bareTank, plainWall, planned } from "../../tests/bareTank";
import { jobInput } from "../../tests/job";
import { planUnproved } from "../../tests/quick";
import { statedMm } from "../design/measure";
import { chosenVariant } from "../document/variant";
import { newZone } from "./create";
import { BUILD_UPS, FINISHES } from "./names";
import type { Wall, Zone } from "./schema";
import { atAGoM2 } from "./works/finish";

const walled = (own: Partial<Wall>) =>
  planned(
    bareTank((v) => {
      v.background.walls = [plainWall("back", own)];
    }),
  );
const stepIds = (p: ReturnType<typeof walled>) =>
  p.steps.filter((s) => s.id.startsWith("background/back/")).map((s) => s.id.replace("background/back/", ""));
const supply = (p: ReturnType<typeof walled>, id: string) =>
  p.supplies.find((s) => s.materialId === id && s.id.startsWith("background/"));

describe("ways of making a wall", () => {
  it("have their own steps, in order", () => {
    expect(stepIds(walled({ buildUp: "foam", finish: "waterproofer" }))).toEqual([
      "film",
      "lift-1",
      "carve",
      "waterproofer-1",
      "waterproofer-2",
    ]);
    expect(stepIds(walled({ buildUp: "panels", finish: "siliconeFibre" }))).toEqual([
      "film",
      "core",
      "lift-1",
      "carve",
      "siliconefibre-1",
      "fit",
    ]);
    // A board as deep as the wall takes no foam on it, and none is carved.
    const thin = walled({ buildUp: "panels", finish: "siliconeFibre", depth: statedMm(15) });
    expect(stepIds(thin)).toEqual(["film", "core", "siliconefibre-1", "fit"]);
    expect(supply(thin, "foam-building")).toBeUndefined();
    expect(stepIds(walled({ buildUp: "board", finish: "grout" }))).toEqual([
      ...["film", "laminate", "carve", "grout-1", "grout-2", "grout-3", "varnish-1", "fit"],
    ]);
    expect(stepIds(walled({ buildUp: "coirMat" }))).toEqual(["film", "mat"]);
    expect(stepIds(walled({ buildUp: "earth" }))).toEqual(["film", "earth"]);
    expect(stepIds(walled({ buildUp: "veneer" }))).toEqual(["film", "slips"]);
    expect(stepIds(walled({ buildUp: "bought" }))).toEqual(["film", "panel-1", "panel-2", "panel-3"]);
    expect(stepIds(walled({ buildUp: "none" }))).toEqual([]);
    expect(stepIds(walled({ up: true }))).toEqual([]);
  });
  it("take their hours from the starting rates: foam 50 min a square metre, carving 150 by hand and 90 by brush, fibre 60", () => {
    const minutes = (own: Partial<Wall>, id: string) =>
      walled(own).steps.find((s) => s.id === `background/back/${id}`)!.handsOnMinutes;
    // 0.9 × 0.6 m².
    expect(minutes({}, "lift-1")).toBeCloseTo(0.54 * 50 + 5, 6);
    expect(minutes({}, "carve")).toBeCloseTo(0.54 * 150, 6);
    expect(minutes({ carveBy: "wireBrush" }, "carve")).toBeCloseTo(0.54 * 90, 6);
    expect(minutes({}, "siliconefibre-1")).toBeCloseTo(10 + 0.54 * 60, 6);
    expect(minutes({ finish: "grout" }, "grout-1")).toBeCloseTo(10 + 0.54 * 25, 6);
  });
  it("wait as the trade waits: mortar 30 h a coat, PU glue overnight, a bought panel's thirds two and a half hours", () => {
    const wait = (own: Partial<Wall>, id: string) =>
      walled(own).steps.find((s) => s.id === `background/back/${id}`)!.waitMinutes / 60;
    expect([wait({ finish: "grout" }, "grout-1"), wait({ finish: "grout" }, "grout-3")]).toEqual([30, 30]);
    expect(wait({ finish: "puGlueFibre" }, "pugluefibre-1")).toBe(12);
    expect(wait({ finish: "sprayGlueFibre" }, "spraygluefibre-1")).toBeLessThanOrEqual(1);
    expect([wait({ buildUp: "bought" }, "panel-1"), wait({ buildUp: "bought" }, "panel-3")]).toEqual([2.5, 24]);
    expect(wait({ lift: statedMm(50), depth: statedMm(50) }, "lift-1")).toBe(48);
  });
  it("take glue and fibre by area: a film of 1.5 L/m² of silicone, 5 L/m² of fibre", () => {
    const p = walled({ fibre: "cork" });
    expect(supply(p, "silicone-neutral")!.likely).toBeCloseTo(0.54 * 1500, 6);
    expect(supply(p, "fill-cork")!.likely).toBeCloseTo(0.54 * 5000, 6);
    expect(supply(p, "fill-cork")!.low).toBeCloseTo(0.54 * 3000, 6);
    // Two coats of waterproofer at 3 m²/L, a tenth left in the pot.
    expect(supply(walled({ finish: "waterproofer" }), "waterproofer")!.likely).toBeCloseTo(
      (0.54 * 2 * 1000 * 1.1) / 3,
      6,
    );
  });
  it("allow so much wall at a go: twelve minutes of open time at an hour a square metre is a fifth of one", () => {
    expect(atAGoM2("siliconeFibre")).toBeCloseTo(0.2, 9);
    expect(atAGoM2("grout")).toBeUndefined();
  });
  it("are hidden from outside by film past their foot where the pane is clear, and by none where it is not", () => {
    const { parts } = planned(
      bareTank((v) => {
        v.shell.groundDepth = statedMm(80);
        v.background.walls = [plainWall("back")];
      }),
    );
    const film = parts.find((p) => p.id === "background/back/film")!;
    // 500 covered over a bare foot of 100, 40 past it.
    expect([film.lengthMm, film.widthMm]).toEqual([900, 540]);
  });
  it("weigh by volume and density, each rate in the working", () => {
    const kg = (own: Partial<Wall>) => walled(own).figures.find((f) => f.id === "background/back/kg")!;
    // 21.6 L of foam at 40 kg/m³, 0.54 m² of fibre face at 2.2 kg.
    expect(kg({}).value).toBeCloseTo(21.6 * 0.04 + 0.54 * 2.2, 6);
    expect(kg({ buildUp: "veneer", depth: statedMm(15) }).value).toBeCloseTo(0.54 * 15 * 1.9, 6);
    for (const buildUp of BUILD_UPS.filter((b) => b !== "none"))
      expect(kg({ buildUp }).inputs.filter((i) => i.basis).length, buildUp).toBeGreaterThan(0);
  });
});

describe("patches on a wall", () => {
  const patched = (kind: "mat" | "earth" | "bought", up = false) =>
    planned(
      bareTank((v) => {
        const zone = {
          ...newZone(kind, "p", { face: "back", u: 450, v: 300 }),
          width: statedMm(200),
          height: statedMm(100),
        };
        v.background = {
          walls: [plainWall("back", { up })],
          zones: [{ ...zone, depth: statedMm(40) } as Zone],
          swatches: [],
        };
      }),
    );
  it("are made as a small wall of their kind, once their wall has set, and weigh with it", () => {
    const p = patched("earth");
    const earth = p.steps.find((s) => s.id === "background/back/p/earth")!;
    expect(earth.after.map((a) => a.id)).toContain("background/back/siliconefibre-1");
    // 0.02 m² × 40 mm, half as much again loose.
    expect(supply(p, "fill-clayearth")!.likely).toBeCloseTo(800 * 1.5, 6);
    const mass = p.figures.find((f) => f.id === "background/mass")!;
    expect(mass.inputs.find((i) => i.name === "patch of packed earth")!.value).toBeCloseTo(0.8 * 1.75, 6);
    expect(patched("mat").parts.find((x) => x.id === "background/back/p/mat")).toMatchObject({
      lengthMm: 200,
      widthMm: 100,
    });
    expect(supply(patched("bought"), "bought-panel")!.likely).toBe(1);
  });
  it("take nothing once their wall is up, and neither do its planters", () => {
    expect(patched("mat", true).supplies.filter((s) => s.id.startsWith("background/"))).toEqual([]);
  });
});

describe("any wall of any shell", () => {
  it("covers no more than the face has, takes no less foam the deeper it is, and leaves no more room", () => {
    fc.assert(
      fc.property(
        anyFoundBuild(),
        fc.constantFrom(...FINISHES),
        fc.integer({ min: 10, max: 60 }),
        (design, finish, deeper) => {
          const variant = chosenVariant(design);
          variant.background.zones = [];
          variant.background.walls = variant.background.walls.map((w) => ({
            ...w,
            finish,
            buildUp: "foam",
            up: false,
          }));
          const reckon = (more: number) => {
            const build = structuredClone(design);
            for (const w of chosenVariant(build).background.walls) w.depth = statedMm(w.depth.value + more);
            const p = planUnproved(jobInput(build));
            const value = (id: string) => p.figures.find((f) => f.id === id)?.value ?? 0;
            return {
              grams: variant.background.walls.map((w) => value(`background/${w.face}/foam`)),
              area: variant.background.walls.map((w) => value(`background/${w.face}/area`)),
              room: value("background/net-room"),
              faces: p.shell.faces,
            };
          };
          const [thin, thick] = [reckon(0), reckon(deeper)];
          variant.background.walls.forEach((w, i) => {
            expect(thick.grams[i]!).toBeGreaterThanOrEqual(thin.grams[i]! - 1e-9);
            const xs = thin.faces[w.face].outline;
            const extent = (at: 0 | 1) => Math.max(...xs.map((p) => p[at])) - Math.min(...xs.map((p) => p[at]));
            expect(thin.area[i]!).toBeLessThanOrEqual((extent(0) * extent(1)) / 1e6 + 1e-9);
          });
          expect(thick.room).toBeLessThanOrEqual(thin.room + 1e-9);
        },
      ),
      { numRuns: 15 },
    );
  });
});
