import fc from "fast-check";
import { newWall, newZone } from "../core/background/create";
import { ANCHORS, BUILD_UPS, FIBRES, FINISHES, WALLS, ZONE_KINDS } from "../core/background/names";
import type { Background, Zone } from "../core/background/schema";
import type { ServiceBox } from "../core/boxes/schema";
import { statedMm } from "../core/design/measure";
import { DIVIDER_STUFFS, EDGES } from "../core/dividers/names";
import type { Divider } from "../core/dividers/schema";
import type { Variant } from "../core/document/schema";
import type { Layer } from "../core/ground/layers/schema";
import { BARRIERS, DRAIN_BODIES, OUTLETS, ROOTED } from "../core/ground/names";
import { bareGround, type Ground } from "../core/ground/schema";
import { ENDS_ON, HOLDS, STUFFS } from "../core/hardscape/names";
import type { Piece } from "../core/hardscape/schema";
import { MIX_PARTS } from "../core/materials/names";
import { SERVICE_WAYS } from "../core/service/names";
import type { Stream } from "../core/streams/schema";
import { VESSEL_KINDS, VESSEL_STUFFS } from "../core/vessels/names";
import type { AnyVessel } from "../core/vessels/schema";
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

const zoned = fc.constantFrom(null, null, null, "d0:a", "d0:b");
const recipe = fc.record({
  unit: fc.constantFrom("parts" as const, "percent" as const),
  what: fc.shuffledSubarray([...MIX_PARTS], { maxLength: 3 }),
  amounts: fc.array(plain(0, 60), { minLength: 3, maxLength: 3 }),
  mine: fc.array(
    fc.record({
      name: fc.constantFrom("Crushed shell", "Rotted oak"),
      amount: plain(0, 60),
      wetKgPerM3: fc.option(plain(50, 2000), { nil: null }),
      swells: fc.option(plain(1, 10), { nil: null }),
    }),
    { maxLength: 2 },
  ),
});
const depthOrTop = fc.option(mm(2, 80), { nil: null });
const layer: fc.Arbitrary<Layer> = fc
  .oneof(
    fc.record({
      kind: fc.constant("drain" as const),
      body: fc.constantFrom(...DRAIN_BODIES),
      depth: mm(5, 120),
      zone: zoned,
    }),
    fc.record({
      kind: fc.constant("barrier" as const),
      cloth: fc.constantFrom(...BARRIERS),
      curl: mm(0, 60),
      zone: zoned,
    }),
    fc.record({ kind: fc.constant("charcoal" as const), depth: mm(2, 20), zone: zoned }),
    fc.record({ own: recipe, depth: depthOrTop, zone: zoned }).map(({ own, ...rest }) => ({
      ...{ kind: "mix" as const, ...rest, unit: own.unit },
      parts: own.what.map((what, i) => ({ what, amount: own.amounts[i]! })),
      own: own.mine.map((p, i) => ({ ...p, id: `mine-${i}` })),
    })),
    fc.record({ kind: fc.constant("bagged" as const), depth: depthOrTop, bag: plain(1, 40), zone: zoned }).map((l) => ({
      ...l,
      name: "Bagged mix",
    })),
    fc.record({ kind: fc.constant("sand" as const), depth: depthOrTop, zone: zoned }),
    fc.record({ kind: fc.constantFrom("moss" as const, "leaves" as const), depth: mm(5, 60), zone: zoned }),
  )
  .map((l) => ({ ...l, id: "" }));

/** Any ground; layers may lie on one side of the divider `d0`. */
export const anyGround: fc.Arbitrary<Ground> = fc
  .record({
    front: maybe(mm(5, 150)),
    layers: fc.array(layer, { maxLength: 6 }).map((list) => list.map((l, i): Layer => ({ ...l, id: `layer-${i}` }))),
    misting: maybe(plain(0, 800)),
    lost: maybe(plain(0, 100)),
    outlet: fc.constantFrom(...OUTLETS),
    plants: fc.array(
      fc.record({
        pot: mm(40, 150),
        height: mm(50, 900),
        spread: mm(50, 900),
        where: fc.constantFrom("ground", "z0", "z1", "back", "piece-0"),
        by: fc.constantFrom(...ROOTED),
        got: fc.constantFrom("bought" as const, "found" as const),
        live: fc.boolean(),
      }),
      { maxLength: 2 },
    ),
    weeks: plain(0, 8),
    crew: fc.constantFrom("before" as const, "after" as const, "none" as const),
  })
  .map(({ plants, weeks, ...rest }) => ({
    ...bareGround(),
    ...rest,
    plants: plants.map((p, i) => ({ ...p, id: `p${i}`, name: `Plant ${i}`, count: 1 + i, toxic: i === 1 })),
    settleWeeks: weeks,
  }));

const lineEnd = fc.record({ on: fc.constantFrom(...EDGES), at: mm(-20, 1600) });

/** Any dividers, the first called `d0`: with a line that parts the floor, misses a wall, or none. */
export const anyDividers: fc.Arbitrary<Divider[]> = fc
  .array(
    fc.record({
      line: maybe(fc.record({ from: lineEnd, to: lineEnd })),
      layers: fc.array(
        fc.record({
          of: fc.constantFrom(...DIVIDER_STUFFS),
          material: fc.constantFrom(null, "glass-6", "fly-screen", "gone"),
        }),
        { minLength: 1, maxLength: 2 },
      ),
      height: mm(20, 700),
      watertight: fc.boolean(),
      origin: fc.constantFrom("made" as const, "made" as const, "found" as const),
    }),
    { maxLength: 2 },
  )
  .map((list) =>
    list.map((d, i) => ({
      ...{ ...d, id: `d${i}`, name: `Divider ${i}` },
      layers: d.layers.map((l, n) => ({ ...l, id: `layer-${n}` })),
    })),
  );

const whereabouts = {
  face: fc.constant("base" as const),
  u: mm(0, 900),
  v: mm(0, 600),
  width: mm(60, 500),
  length: mm(60, 400),
  wayOut: fc.constantFrom("none" as const, "ramp" as const, "stones" as const),
  ramp: plain(10, 80),
};
const vessel: fc.Arbitrary<AnyVessel> = fc.oneof(
  fc
    .record({
      ...whereabouts,
      zone: fc.constantFrom(null, null, "d0:a", "d0:b"),
      divider: fc.constantFrom(null, "d0"),
    })
    .map((p) => ({ ...p, id: "", kind: "pool" as const, name: "Pool" })),
  fc
    .record({
      ...whereabouts,
      kind: fc.constantFrom(...VESSEL_KINDS),
      round: fc.boolean(),
      wall: mm(1, 20),
      depth: mm(10, 200),
      filled: mm(0, 220),
      of: fc.constantFrom(...VESSEL_STUFFS),
      coats: maybe(plain(0, 3)),
      rim: mm(-50, 100),
      touches: fc.boolean(),
      bathes: fc.boolean(),
      drunk: maybe(plain(0, 500)),
      awayDays: plain(0, 20),
    })
    .map((x) => ({ ...x, id: "", name: "Vessel" })),
);

/** Any pools, dishes, pails and tubs; a pool may take one side of the divider `d0`. */
export const anyVessels: fc.Arbitrary<AnyVessel[]> = fc
  .array(vessel, { maxLength: 3 })
  .map((list) => list.map((x, i): AnyVessel => ({ ...x, id: `vessel-${i}` })));

/** Any box for what must be reached, wherever it stands. */
export const anyBoxes: fc.Arbitrary<ServiceBox[]> = fc.array(
  fc
    .record({
      ...{ u: mm(0, 900), v: mm(0, 600), width: mm(30, 300), length: mm(30, 300), height: maybe(mm(30, 900)) },
      of: fc.constantFrom("twinWall" as const, "acrylic" as const, "glass" as const),
      material: fc.constantFrom(null, "twin-wall-4", "glass-6"),
      held: fc.constantFrom("hotGlue" as const, "silicone" as const),
      foot: maybe(fc.record({ mesh: fc.constantFrom("fly-screen", "gone"), height: mm(5, 80) })),
      hose: maybe(mm(5, 40)),
      cover: fc.constantFrom("lifts" as const, "glued" as const, "none" as const),
      origin: fc.constantFrom("made" as const, "found" as const),
    })
    .map((b) => ({ ...b, id: "box", name: "Box", face: "base" as const })),
  { maxLength: 1 },
);

/** Any water that is pumped to a lip. */
export const anyStreams: fc.Arbitrary<Stream[]> = fc.array(
  fc
    .record({
      pump: fc.constantFrom(null, "fixture-0"),
      ...{ tubeBore: mm(4, 30), tubeLength: mm(50, 3000), lift: mm(0, 1500), lip: mm(10, 600) },
      ...{ intake: mm(0, 100), needs: mm(0, 100), transit: maybe(plain(0, 3000)), awayDays: plain(0, 20) },
    })
    .map((s) => ({ ...s, id: "stream", name: "Stream" })),
  { maxLength: 1 },
);

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
    .map((s) => ({ ...s, id: "filter", name: "Filter", kind: "filter" as const })),
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
  got: fc.constantFrom("bought" as const, "found" as const),
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
