import { describe, expect, it } from "vitest";
import { bareTank } from "../../tests/bareTank";
import { poolOf } from "../../tests/inside";
import { jobInput } from "../../tests/job";
import { newWall, newZone } from "../background/create";
import type { Piece } from "../background/schema";
import { statedMm } from "../design/measure";
import { stackOf } from "../ground/layers/starts";
import type { Plant } from "../ground/schema";
import type { Service } from "../service/schema";
import { checkDesign } from "./check";
import type { Variant } from "./schema";

const { book } = jobInput();
const problems = (change: (variant: Variant) => void) => checkDesign(bareTank(change), book);
const at = { face: "back", u: 300, v: 300 } as const;
const plant: Plant = {
  ...{ id: "a", name: "Fern", count: 1, pot: statedMm(90), height: statedMm(200), spread: statedMm(200) },
  ...{ where: "ground", live: true, toxic: false, by: "planted", got: "bought" },
};
const filter: Service = {
  ...{ id: "p", name: "Filter", kind: "filter", width: statedMm(50), height: statedMm(60), way: "box" },
  ...{ wayWidth: statedMm(80), wayHeight: statedMm(90), plug: null, port: null },
};
describe("what of the inside cannot be planned at all is said at its place, with what would do", () => {
  const cases: [what: string, path: string, words: RegExp, change: (v: Variant) => void][] = [
    [
      "a wall of no depth",
      "/background/walls/0/depth",
      /must be more than zero/,
      (v) => {
        v.background.walls = [{ ...newWall("back"), depth: statedMm(0) }];
      },
    ],
    [
      "a wall as deep as a room",
      "/background/walls/0/depth",
      /too large. Type 400 mm or less/,
      (v) => {
        v.background.walls = [{ ...newWall("back"), depth: statedMm(4000) }];
      },
    ],
    [
      "a lift of a metre",
      "/background/walls/0/lift",
      /A lift of 1000 mm is too large/,
      (v) => {
        v.background.walls = [{ ...newWall("back"), lift: statedMm(1000) }];
      },
    ],
    [
      "a zone many metres off",
      "/background/zones/0",
      /many metres off its wall/,
      (v) => {
        v.background.zones = [{ ...newZone("ledge", "l", at), u: statedMm(20_000) }];
      },
    ],
    [
      "two zones of one id",
      "/background/zones/1/id",
      /share this id/,
      (v) => {
        v.background.zones = [newZone("ledge", "l", at), newZone("slab", "l", at)];
      },
    ],
    [
      "a branch of a ton",
      "/background/zones/0/mass",
      /weighs between 0.01 and 200 kg/,
      (v) => {
        v.background.zones = [{ ...(newZone("branch", "b", at) as Piece), mass: statedMm(1000) }];
      },
    ],
    [
      "a drainage layer thinner than a pebble",
      "/ground/layers/0/depth",
      /too small. Type 2 mm or more/,
      (v) => {
        v.ground.layers = stackOf({ drain: { body: "clay", mm: 1 } });
      },
    ],
    [
      "a curl of a metre",
      "/ground/layers/0/curl",
      /The curl of 1000 mm is too large/,
      (v) => {
        v.ground.layers = stackOf({ barrier: { cloth: "weedCloth", curlMm: 1000 } });
      },
    ],
    [
      "less than nothing of a part",
      "/ground/layers/0/parts/0/amount",
      /Type between 0 and 1000/,
      (v) => {
        v.ground.layers = stackOf({ mix: { unit: "parts", own: [], parts: [{ what: "coir", amount: statedMm(-1) }] } });
      },
    ],
    [
      "more lost than is misted",
      "/ground/lost",
      /Type between 0 and 100 of a hundred/,
      (v) => {
        v.ground.lost = statedMm(140);
      },
    ],
    [
      "a bath of misting",
      "/ground/misting",
      /Type between 0 and 20000 mL a day/,
      (v) => {
        v.ground.misting = statedMm(80_000);
      },
    ],
    [
      "a pool of no width",
      "/vessels/0/width",
      /too small/,
      (v) => {
        v.vessels = [poolOf({ width: statedMm(2) })];
      },
    ],
    [
      "an upright ramp",
      "/vessels/0/ramp",
      /Type between 5 and 85 degrees/,
      (v) => {
        v.vessels = [poolOf({ ramp: statedMm(90) })];
      },
    ],
    [
      "a year and more of settling",
      "/ground/settleWeeks",
      /Type between 0 and 52 weeks/,
      (v) => {
        v.ground.settleWeeks = statedMm(60);
      },
    ],
    [
      "two plants of one id",
      "/ground/plants/1/id",
      /share this id/,
      (v) => {
        v.ground.plants = [plant, plant];
      },
    ],
    [
      "a tree",
      "/ground/plants/0/height",
      /A plant's height of 9000 mm is too large/,
      (v) => {
        v.ground.plants = [{ ...plant, height: statedMm(9000) }];
      },
    ],
    [
      "a pump of no size",
      "/service/0/width",
      /must be more than zero/,
      (v) => {
        v.service = [{ ...filter, width: statedMm(0) }];
      },
    ],
    [
      "two things to reach of one id",
      "/service/1/id",
      /share this id/,
      (v) => {
        v.service = [filter, filter];
      },
    ],
    [
      "a keep-out that reaches through the house",
      "/features/0/deep",
      /too large/,
      (v) => {
        v.features = [
          {
            ...{
              id: "k",
              name: "Door",
              face: "back",
              kind: "keepOut",
              origin: "made",
              use: "doorSwing",
              deep: statedMm(99_000),
            },
            ...{ width: statedMm(100), height: statedMm(100), u: statedMm(300), v: statedMm(300) },
          },
        ];
      },
    ],
  ];
  it.each(cases)("%s", (_, path, words, change) => {
    const found = problems(change);
    expect(found.map((p) => p.path)).toContain(`/variants/0${path}`);
    expect(found.find((p) => p.path === `/variants/0${path}`)!.message).toMatch(words);
  });
  it("and nothing is said of a plain inside", () => {
    expect(
      problems((v) => {
        v.background = { walls: [newWall("back")], zones: [newZone("planter", "z", at)], swatches: [] };
        v.ground = { ...v.ground, plants: [plant], layers: stackOf({ drain: { body: "clay", mm: 50 } }) };
        v.vessels = [poolOf()];
        v.service = [filter];
      }),
    ).toEqual([]);
  });
});
