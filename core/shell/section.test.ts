import { describe, expect, it } from "vitest";
import { antYard, flatPack, haberdasher, nurseryTub, towerOnEnd } from "../../demo/builds";
import { demoBook } from "../../demo/tern-street";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { buildShell } from "./buildShell";
import { cutShell, levelLines } from "./section";

const shell = (build: Build) => buildShell(chosenVariant(build), demoBook());
const levels = (build: Build) => Object.fromEntries(levelLines(shell(build)).map((l) => [l.id, l.zMm]));
const wall = (build: Build, cut: "frontBack" | "leftRight", id: string) =>
  cutShell(shell(build), cut).walls.find((w) => w.id === id)!.points;

describe("the vertical stack", () => {
  it("of the flat-pack runs from the floor under its 10 mm base to the underside of its top", () => {
    expect(levels(flatPack())).toEqual({ floor: -10, base: 0, ground: 60, dam: 100, doorHead: 540, top: 600 });
  });

  it("of the cabinet counts legs, tray, substrate and water", () => {
    // Legs of 120 under a base of 16; doors in a frame of 30.
    expect(levels(haberdasher())).toMatchObject({
      ...{ floor: -136, base: 0, drain: 40, water: 60, groundFront: 95, ground: 105, dam: 115, top: 728 },
    });
  });

  it("of a tank on end has a vent rail between dam and doors", () => {
    const found = levels(towerOnEnd());
    expect(found.dam).toBeCloseTo(101.6, 6);
    expect(found.doorFoot).toBeCloseTo(101.6 + 38.1, 6);
    expect(found.doorHead).toBeCloseTo(762 - 2 * 4.7625 - 76.2, 6);
  });

  it("of a tub ends at its rim, with no doors in it", () => {
    expect(levels(nurseryTub())).toEqual({ floor: -2, base: 0, drain: 20, ground: 90, top: 352 });
    expect(levels(antYard())).toMatchObject({ ground: 18, top: 140 });
  });

  it("is in order from the floor up", () => {
    for (const build of [flatPack(), haberdasher(), towerOnEnd(), nurseryTub(), antYard()]) {
      const fixed = levelLines(shell(build)).filter((l) => !["ground", "water", "dam"].includes(l.id));
      expect(fixed.map((l) => l.zMm)).toEqual(fixed.map((l) => l.zMm).sort((a, b) => a - b));
    }
  });
});

describe("sections", () => {
  it("cut a sheet box's walls at their thickness, dam and rail at the front", () => {
    expect(wall(flatPack(), "frontBack", "back")).toEqual([
      [600, 0],
      [600, 600],
      [610, 600],
      [610, 0],
    ]);
    expect(wall(flatPack(), "frontBack", "dam")).toEqual([
      [0, 0],
      [10, 0],
      [10, 100],
      [0, 100],
    ]);
    expect(wall(flatPack(), "leftRight", "left")).toEqual([
      [0, 0],
      [0, 600],
      [-10, 600],
      [-10, 0],
    ]);
    // The front is open: it has strips, no wall.
    expect(cutShell(shell(flatPack()), "frontBack").walls.map((w) => w.id)).toEqual([
      "base",
      "top",
      "back",
      "dam",
      "head-rail",
    ]);
  });

  it("lean a tub's walls out by half of what the rim is wider", () => {
    const left = wall(nurseryTub(), "leftRight", "left");
    expect(left[0]).toEqual([0, 0]);
    expect(left[1]![0]).toBeCloseTo(-(556 - 486) / 2, 6);
    expect(left[1]![1]).toBeCloseTo(352, 6);
    const back = wall(nurseryTub(), "frontBack", "back");
    expect(back[0]).toEqual([318, 0]);
    expect(back[1]![0]).toBeCloseTo(318 + (384 - 318) / 2, 6);
  });

  it("set a tray in the middle of the base", () => {
    // 1088 inside, a tray of 1080: 4 each side; walls of 6 on a base of 6, 115 high.
    expect(wall(haberdasher(), "leftRight", "tray-base")).toEqual([
      [4, 0],
      [1084, 0],
      [1084, 6],
      [4, 6],
    ]);
    expect(wall(haberdasher(), "leftRight", "tray-wall-2")).toEqual([
      [1078, 6],
      [1084, 6],
      [1084, 115],
      [1078, 115],
    ]);
  });
});
