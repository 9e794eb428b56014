import fc from "fast-check";
import { newWall, newZone } from "../core/background/create";
import { ANCHORS, BUILD_UPS, FIBRES, FINISHES, WALLS, ZONE_KINDS } from "../core/background/names";
import type { Background, Zone } from "../core/background/schema";
import { statedMm } from "../core/design/measure";
import type { Variant } from "../core/document/schema";
import { BARRIERS, DRAIN_BODIES, OUTLETS } from "../core/ground/names";
import { bareGround, type Ground } from "../core/ground/schema";
import { ENDS_ON, HOLDS, STUFFS } from "../core/hardscape/names";
import type { Piece } from "../core/hardscape/schema";
import { MIX_PARTS } from "../core/materials/names";
import { SERVICE_WAYS } from "../core/service/names";
import { maybe, mm } from "./anyMeasure";

const wall = fc.record({
  buildUp: fc.constantFrom(...BUILD_UPS),
  foam: fc.constantFrom("foamPond" as const, "foamBuilding" as const),
  depth: mm(5, 120),
  relief: mm(0, 80),
  lift: mm(10, 120),
  foot: maybe(mm(0, 400)),
  skinOff: fc.boolean(),
  carveBy: fc.constantFrom("hand" as const, "wireBrush" as const),
  apply: fc.constantFrom("sparing" as const, "usual" as const, "over" as const),
  finish: fc.constantFrom(...FINISHES),
  fibre: fc.constantFrom(...FIBRES),
  damp: fc.boolean(),
  up: fc.boolean(),
  origin: fc.constantFrom("made" as const, "made" as const, "found" as const),
  fate: fc.constantFrom("kept" as const, "mended" as const, "replaced" as const),
});

const zone = fc
  .record({
    kind: fc.constantFrom(...ZONE_KINDS),
    face: fc.constantFrom(...WALLS),
    u: mm(0, 700),
    v: mm(0, 600),
    width: mm(10, 300),
    height: mm(10, 200),
    depth: mm(5, 300),
    more: fc.record({
      anchor: fc.constantFrom(...ANCHORS),
      of: fc.constantFrom("cork" as const, "wood" as const, "stone" as const),
      hollow: fc.boolean(),
      plugged: fc.boolean(),
      wrapped: fc.boolean(),
      drilled: fc.boolean(),
    }),
  })
  .map(({ kind, face, u, v, width, height, depth, more }) => (i: number): Zone => {
    const start = newZone(kind, `z${i}`, { face, u: 0, v: 0 });
    const known = Object.fromEntries(Object.entries(more).filter(([key]) => key in start));
    return { ...start, u, v, width, height, ...(kind !== "bare" && { depth }), ...known } as Zone;
  });

/** Any background: walls in any order, each once. */
export const anyBackground: fc.Arbitrary<Background> = fc
  .record({
    faces: fc.shuffledSubarray([...WALLS]),
    walls: fc.array(wall, { minLength: 3, maxLength: 3 }),
    zones: fc.array(zone, { maxLength: 3 }),
  })
  .map(({ faces, walls, zones }) => ({
    walls: faces.map((face, i) => ({ ...newWall(face), ...walls[i]! })),
    zones: zones.map((make, i) => make(i)),
    swatches: [],
  }));

const plain = (min: number, max: number) => fc.integer({ min, max }).map((n) => statedMm(n));

/** Any ground; a pool may name the divider `d0`. */
export const anyGround: fc.Arbitrary<Ground> = fc
  .record({
    front: maybe(mm(5, 150)),
    drain: maybe(fc.record({ body: fc.constantFrom(...DRAIN_BODIES), depth: mm(5, 120) })),
    barrier: maybe(fc.record({ kind: fc.constantFrom(...BARRIERS), curl: mm(0, 60) })),
    charcoal: maybe(mm(2, 20)),
    unit: fc.constantFrom("parts" as const, "percent" as const),
    parts: fc.shuffledSubarray([...MIX_PARTS], { maxLength: 3 }),
    amounts: fc.array(plain(0, 60), { minLength: 3, maxLength: 3 }),
    litter: maybe(mm(5, 60)),
    misting: maybe(plain(0, 800)),
    lost: maybe(plain(0, 100)),
    outlet: fc.constantFrom(...OUTLETS),
    pool: maybe(
      fc.record({
        u: mm(0, 700),
        v: mm(0, 400),
        width: mm(30, 500),
        length: mm(30, 400),
        divider: fc.constantFrom(null, "d0"),
        wayOut: fc.constantFrom("none" as const, "ramp" as const, "stones" as const),
        ramp: plain(10, 80),
      }),
    ),
    wicked: fc.boolean(),
    plants: fc.array(
      fc.record({
        pot: mm(40, 150),
        height: mm(50, 900),
        spread: mm(50, 900),
        where: fc.constantFrom("ground", "z0", "z1"),
        live: fc.boolean(),
      }),
      { maxLength: 2 },
    ),
    weeks: plain(0, 8),
    crew: fc.constantFrom("before" as const, "after" as const, "none" as const),
  })
  .map(({ unit, parts, amounts, wicked, plants, weeks, ...rest }) => ({
    ...bareGround(),
    ...rest,
    mix: { unit, parts: parts.map((what, i) => ({ what, amount: amounts[i]! })) },
    dish: wicked ? { volume: statedMm(200), wicked } : null,
    plants: plants.map((p, i) => ({ ...p, id: `p${i}`, name: `Plant ${i}`, count: 1 + i, toxic: i === 1 })),
    settleWeeks: weeks,
  }));

/** Anything that must be reached; its cable may pass the feature `f0`. */
export const anyService: fc.Arbitrary<Variant["service"]> = fc.array(
  fc
    .record({
      width: mm(5, 100),
      height: mm(5, 100),
      way: fc.constantFrom(...SERVICE_WAYS),
      wayWidth: mm(5, 120),
      wayHeight: mm(5, 120),
      plug: maybe(mm(5, 40)),
      port: fc.constantFrom(null, "f0"),
    })
    .map((s) => ({ ...s, id: "pump", name: "Pump", kind: "pump" as const })),
  { maxLength: 1 },
);

const end = fc.record({
  on: fc.constantFrom(...ENDS_ON),
  height: mm(0, 700),
  hold: fc.constantFrom(...HOLDS),
  bedWidth: mm(5, 80),
  bedHeight: mm(5, 80),
});
const whatever = {
  u: mm(0, 900),
  v: mm(0, 600),
  width: mm(5, 900),
  length: mm(5, 600),
  of: fc.constantFrom(...STUFFS),
  mass: maybe(mm(1, 20)),
  hollow: maybe(fc.record({ bore: mm(5, 90), through: fc.boolean() })),
  cutOut: fc.boolean(),
};
const piece: fc.Arbitrary<Piece> = fc.oneof(
  fc.record({
    ...whatever,
    ...{ id: fc.constant(""), name: fc.constant("Piece"), face: fc.constant("base" as const) },
    shape: fc.constant("block" as const),
    height: mm(5, 500),
    on: fc.constantFrom("base" as const, "ground" as const),
    hold: fc.constantFrom(...HOLDS),
  }),
  fc.record({
    ...whatever,
    ...{ id: fc.constant(""), name: fc.constant("Piece"), face: fc.constant("base" as const) },
    shape: fc.constant("branch" as const),
    ...{ thick: mm(2, 90), left: end, right: end, runs: fc.constantFrom("back" as const, "front" as const) },
  }),
);

/** Any wood and stone on the floor and between two ends, wherever it lies. */
export const anyHardscape: fc.Arbitrary<Piece[]> = fc
  .array(piece, { maxLength: 3 })
  .map((list) => list.map((p, i) => ({ ...p, id: `piece-${i}` })));
