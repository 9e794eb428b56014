import fc from "fast-check";
import { foundClosure } from "../core/closures/kinds/found/schema";
import { newLid } from "../core/closures/kinds/lid/schema";
import { newSlidingPair } from "../core/closures/kinds/slidingPair/create";
import { statedMm } from "../core/design/measure";
import { FACES } from "../core/design/names";
import type { Variant } from "../core/document/schema";
import { FOUND_IDS } from "../core/materials/names";
import { bareSeal } from "../core/seal/schema";
import { bareSecondHand } from "../core/shell/found/schema";
import { starterCabinet } from "../core/shell/kinds/cabinet/starter";
import { CLEAR_PLASTICS, type ClearBoxShell } from "../core/shell/kinds/clearBox/schema";
import type { FrontGlassShell } from "../core/shell/kinds/frontGlass/schema";
import type { PanelKitShell } from "../core/shell/kinds/panelKit/schema";
import type { RoundTubShell } from "../core/shell/kinds/roundTub/schema";
import type { TankShell } from "../core/shell/kinds/tank/schema";
import type { TankOnEndShell } from "../core/shell/kinds/tankOnEnd/schema";
import type { TubShell } from "../core/shell/kinds/tub/schema";
import { fate, maybe, mm } from "./anyMeasure";

const lock = fc.option(
  fc.record({ kind: fc.constantFrom("wedge" as const, "key" as const), origin: fc.constantFrom("made" as const) }),
  { nil: null },
);
const foundLock = fc.option(
  fc.record({
    kind: fc.constantFrom("wedge" as const, "key" as const),
    origin: fc.constantFrom("made" as const, "found" as const, "unknown" as const),
    fate,
  }),
  { nil: null },
);
/** Doors or a lid as found: kept or mended, off for the work or on. */
const foundDoors = fc.record({
  lock: foundLock,
  fate: fc.constantFrom("kept" as const, "mended" as const),
  forWork: fc.constantFrom("undecided" as const, "off" as const, "on" as const),
});
const secondHand = fc.record({
  is: fc.constantFrom("unknown" as const, "new" as const, "used" as const),
  chips: fc.constantFrom("unknown" as const, "none" as const, "edge" as const, "seam" as const),
  beadYears: maybe(mm(0, 30)),
  disinfect: fc.boolean(),
});
const common = { groundDepth: maybe(mm(5, 150)), topLoadKg: mm(0, 20) };
/** A screened top, its mesh kept, patched or replaced. */
const screen = fc
  .record({
    fixed: fc.boolean(),
    aperture: mm(1, 6),
    wire: mm(0.5, 1),
    lip: mm(0, 5),
    fate,
    hole: maybe(mm(2, 60)),
    mesh: fc.constantFrom("fly-screen", "steel-mesh-6"),
  })
  .map((s) => ({
    ...s,
    ...{ width: null, depth: null, patch: null },
    fate: s.fate === "mended" && !s.hole ? ("kept" as const) : s.fate,
  }));
/** A dam and a second floor of bought stuff. */
const boughtDam = maybe(
  fc.record({
    source: fc.record({ of: fc.constant("bought" as const), material: fc.constantFrom("glass-6", "pvc-foam-10") }),
    height: mm(30, 160),
    length: fc.constant(null),
  }),
);
const boughtFloor = maybe(
  fc.record({
    source: fc.record({ of: fc.constant("bought" as const), material: fc.constantFrom("glass-4", "glass-6") }),
  }),
);

const frontGlass: fc.Arbitrary<Partial<Variant>> = fc
  .record({
    size: fc.record({ width: mm(250, 1200), depth: mm(250, 700), height: mm(350, 1200) }),
    glass: mm(3, 6),
    basePane: mm(4, 8),
    recess: mm(0, 30),
    sill: fc.record({ height: mm(60, 160), from: fc.constantFrom("inside" as const, "stand" as const) }),
    strip: fc.record({
      height: maybe(mm(15, 50)),
      openings: fc.constantFrom("holes" as const, "slots" as const),
      bore: mm(1, 4),
      count: fc.nat(60),
    }),
    doors: fc.record({
      leaves: fc.constantFrom(1 as const, 2 as const),
      ...{ hinge: mm(0, 5), meeting: mm(0, 5), head: mm(0, 5), foot: mm(0, 5), corner: maybe(mm(0, 5)) },
      latch: fc.constantFrom("none" as const, "magnet" as const, "turn" as const, "key" as const),
    }),
    top: screen,
    notches: fc.record({ count: fc.nat(4), width: mm(10, 40), shut: mm(0, 8) }),
    background: fc.record({
      is: fc.constantFrom("none" as const, "kept" as const, "tornOut" as const),
      ...{ thickness: mm(10, 60), gap: mm(0, 20) },
    }),
    tempered: fc.constantFrom("unknown" as const, "none" as const, "doors" as const, "base" as const, "all" as const),
    secondHand,
    ...{ dam: boughtDam, floor: boughtFloor, ...common, front: foundDoors, above: maybe(foundDoors) },
    ...{ slides: fc.boolean(), lidded: fc.boolean() },
  })
  .map(({ size, front, above, slides, lidded, dam, floor, groundDepth, topLoadKg, strip, doors, ...found }) => ({
    shell: {
      kind: "frontGlass",
      found: {
        ...{ ...size, ...found },
        strip: { ...strip, length: null, slot: statedMm(15) },
        doors: { ...doors, width: null, height: null },
      },
      ...{ dam, floor, groundDepth, topLoadKg },
    } satisfies FrontGlassShell,
    closures: [
      slides ? newSlidingPair(4) : { ...foundClosure("front"), ...front },
      ...(above ? [lidded ? newLid("top") : { ...foundClosure("top"), ...above }] : []),
    ],
    seal: { ...bareSeal(), seams: "none" },
  }));

const foundTank = fc.record({
  length: mm(200, 1500),
  width: mm(150, 700),
  height: mm(150, 700),
  glass: mm(3, 12),
  rim: maybe(mm(10, 40)),
  tempered: fc.constantFrom("none" as const, "base" as const, "all" as const, "unknown" as const),
  secondHand: fc.constant(bareSecondHand()),
});

const tank: fc.Arbitrary<Partial<Variant>> = fc
  .record({
    ...{ found: foundTank, ...common, gap: mm(0, 8), clips: fc.nat(12), lock, own: screen, secondHand },
    shut: fc.constantFrom("open" as const, "lid" as const, "lid" as const, "own" as const, "insteadOfOwn" as const),
  })
  .map(({ found, groundDepth, topLoadKg, gap, clips, lock: held, own, shut, secondHand: used }) => ({
    shell: {
      ...{ kind: "tank", groundDepth, topLoadKg },
      found: { ...found, secondHand: used },
      lid: { there: shut === "own" || shut === "insteadOfOwn", ...own },
    } satisfies TankShell,
    closures: shut === "open" ? [] : [shut === "own" ? foundClosure("top") : { ...newLid("top", held), gap, clips }],
  }));

const onEnd: fc.Arbitrary<Partial<Variant>> = fc
  .record({
    found: foundTank,
    ...common,
    dam: maybe(mm(10, 150)),
    ventRail: maybe(mm(10, 60)),
    headRail: maybe(mm(10, 100)),
    legs: maybe(mm(10, 80)),
    ...{ damPane: boughtDam, floor: boughtFloor },
    open: fc.boolean(),
    lock,
  })
  .map(({ open, lock: held, ...rest }) => ({
    shell: { kind: "tankOnEnd", frameMaterial: "pvc-foam-10", ...rest } satisfies TankOnEndShell,
    closures: open ? [] : [newSlidingPair(4, held)],
  }));

const shelf = fc.record({
  material: fc.constantFrom("glass" as const, "temperedGlass" as const, "plywood" as const),
  thickness: mm(4, 12),
  width: mm(200, 1000),
  depth: mm(150, 500),
  count: fc.integer({ min: 1, max: 3 }),
  use: fc.constantFrom("keep" as const, "cutUp" as const, "remove" as const),
});
const cabinet: fc.Arbitrary<Partial<Variant>> = fc
  .record({
    width: mm(400, 1400),
    depth: mm(250, 700),
    height: mm(400, 1900),
    materials: fc.array(fc.constantFrom(...FOUND_IDS), { minLength: 6, maxLength: 6 }),
    thickness: mm(3, 22),
    leaves: fc.constantFrom(1 as const, 2 as const),
    opens: fc.constantFrom("swing" as const, "slide" as const),
    below: maybe(mm(20, 100)),
    dam: boughtDam,
    ofShelf: fc.constantFrom("wholeShelf" as const, "cutShelf" as const, null),
    floor: boughtFloor,
    doors: foundDoors,
    slides: fc.boolean(),
    meetingGap: mm(0, 6),
    edgeGap: mm(0, 6),
    frame: mm(0, 40),
    shelves: fc.array(shelf, { maxLength: 3 }),
    holes: fc.record({ count: fc.nat(30), dia: mm(3, 12), plugged: fc.boolean() }),
    legs: maybe(mm(20, 200)),
    tray: maybe(mm(40, 180)),
    ...common,
  })
  .map((r) => {
    const shell = starterCabinet();
    const faces = Object.fromEntries(FACES.map((f, i) => [f, { material: r.materials[i]!, thickness: r.thickness }]));
    shell.found = {
      width: r.width,
      depth: r.depth,
      height: r.height,
      faces: faces as typeof shell.found.faces,
      doors: { leaves: r.leaves, opens: r.opens, meetingGap: r.meetingGap, edgeGap: r.edgeGap },
      frame: r.frame,
      below: { height: r.below, material: "chipboard", thickness: statedMm(16) },
      shelves: r.shelves.map((s, i) => ({ ...s, name: `Shelf ${i + 1}` })),
      holes: r.holes,
      legs: r.legs,
    };
    shell.tray = r.tray && { height: r.tray };
    // Of the first shelf, where there is one for it.
    const source = r.ofShelf && r.shelves.length > 0 ? { of: r.ofShelf, shelf: "Shelf 1" } : r.dam?.source;
    shell.dam = r.dam && source ? { ...r.dam, source } : null;
    shell.floor = r.floor;
    return {
      shell: { ...shell, groundDepth: r.groundDepth, topLoadKg: r.topLoadKg },
      closures: [r.slides ? newSlidingPair(6) : { ...foundClosure("front"), ...r.doors }],
    };
  });

const tub: fc.Arbitrary<Partial<Variant>> = fc
  .record({
    footLength: mm(150, 700),
    footWidth: mm(120, 500),
    lean: mm(0, 80),
    height: mm(100, 500),
    wall: mm(1, 5),
    cornerRadius: mm(0, 50),
    plastic: fc.constantFrom("pp" as const, "pe" as const, "ps" as const),
    clear: fc.boolean(),
    litres: maybe(fc.integer({ min: 5, max: 200 })),
    lidGap: mm(0, 5),
    catches: fc.nat(6),
    holes: fc.record({
      ...{ count: fc.nat(30), bore: mm(2, 12), height: mm(20, 60) },
      where: fc.constantFrom("lid" as const, "walls" as const),
    }),
    ...common,
    lock: foundLock,
    open: fc.boolean(),
  })
  .map(({ lean, litres, groundDepth, topLoadKg, lock: held, open, ...found }) => ({
    shell: {
      kind: "tub",
      found: {
        ...found,
        rimLength: statedMm(found.footLength.value + lean.value),
        rimWidth: statedMm(found.footWidth.value + lean.value),
        claim: litres === null ? null : { typed: `${litres} L`, value: litres * 1000, how: "stated" },
        lidLength: null,
        lidWidth: null,
        note: "",
      },
      groundDepth,
      topLoadKg,
    } satisfies TubShell,
    closures: open ? [] : [{ ...foundClosure("top"), lock: held }],
  }));

const roundTub: fc.Arbitrary<Partial<Variant>> = fc
  .record({
    footDiameter: mm(80, 500),
    lean: mm(0, 60),
    height: mm(60, 400),
    wall: mm(1, 5),
    plastic: fc.constantFrom("pp" as const, "pe" as const, "ps" as const, "acrylic" as const),
    lidGap: mm(0, 4),
    floorDepth: maybe(mm(5, 20)),
    mound: fc.record({ height: maybe(mm(5, 20)), across: mm(20, 80) }),
    riser: maybe(mm(10, 120)),
    ...common,
    lock: foundLock,
  })
  .map(({ footDiameter, lean, height, wall, plastic, lidGap, lock: held, ...rest }) => ({
    shell: {
      kind: "roundTub",
      found: { footDiameter, rimDiameter: statedMm(footDiameter.value + lean.value), height, wall, plastic, lidGap },
      ...rest,
    } satisfies RoundTubShell,
    closures: [{ ...foundClosure("top"), lock: held }],
  }));

const clearBox: fc.Arbitrary<Partial<Variant>> = fc
  .record({
    ...{ width: mm(120, 700), depth: mm(120, 500), height: mm(150, 700), wall: mm(3, 6) },
    plastic: fc.constantFrom(...CLEAR_PLASTICS),
    joints: fc.constantFrom("welded" as const, "siliconed" as const, "folded" as const),
    door: fc.record({
      is: fc.constantFrom(
        "none" as const,
        "hinges" as const,
        "hingesToFit" as const,
        "hingeTape" as const,
        "magnets" as const,
        "grooves" as const,
      ),
      ...{ height: maybe(mm(30, 40)), foot: mm(0, 60), gap: mm(0, 4) },
      magnets: fc.record({
        ...{ count: fc.nat(12), pull: mm(0, 40), apart: mm(0, 4) },
        stop: fc.constantFrom("none" as const, "there" as const, "toFit" as const),
      }),
      catch: fc.constantFrom("none" as const, "clip" as const, "clipToFit" as const, "key" as const),
    }),
    lid: fc.record({
      is: fc.constantFrom("fixed" as const, "slides" as const, "lifts" as const),
      ...{
        thickness: mm(2, 3),
        width: fc.constant(null),
        trimTo: fc.constant(null),
        grooveDepth: mm(1, 2),
        groove: mm(3, 5),
        gap: mm(0, 3),
      },
      home: fc.constantFrom("nothing" as const, "pin" as const, "pinToFit" as const),
    }),
    holes: fc.record({
      ...{ count: fc.nat(30), bore: mm(2, 12), height: mm(60, 100) },
      where: fc.constantFrom("lid" as const, "walls" as const),
    }),
    ...{ holeEdge: maybe(mm(0, 30)), holeApart: maybe(mm(0, 30)) },
    holePatch: fc.constantFrom("none" as const, "there" as const, "toFit" as const),
    ...common,
    lock: foundLock,
  })
  .map(({ groundDepth, topLoadKg, lock: held, ...found }) => {
    // A box that opens nowhere is told, and planned no further.
    const lid =
      found.door.is === "none" && found.lid.is === "fixed" ? { ...found.lid, is: "lifts" as const } : found.lid;
    return {
      shell: {
        kind: "clearBox",
        found: { ...found, lid },
        ...{ dam: null, floor: null, groundDepth, topLoadKg },
      } satisfies ClearBoxShell,
      closures: [{ ...foundClosure("front"), lock: held }, foundClosure("top")],
    };
  });

/** A kit with some of its panels on the list, not all as the box wants them. */
const panelKit: fc.Arbitrary<Partial<Variant>> = fc
  .record({
    ...{ width: mm(300, 1200), depth: mm(250, 600), height: mm(300, 1000), thickness: mm(8, 19) },
    material: fc.constantFrom("pvcFoam" as const, "plywood" as const, "mdf" as const),
    box: fc.constantFrom("topBaseOver" as const, "sidesFull" as const),
    back: fc.constantFrom("overlaid" as const, "inset" as const, "grooved" as const),
    places: fc.subarray(["base", "top", "left", "right", "back", "foot", "head", "doorLeft", "doorRight"] as const),
    door: fc.constantFrom("glass" as const, "acrylic" as const),
    ...{ long: mm(100, 900), short: mm(40, 100), pane: mm(3, 6) },
    groove: maybe(mm(1, 5)),
    holes: fc.record({ count: fc.nat(20), bore: mm(2, 20) }),
    opens: fc.constantFrom("none" as const, "swing" as const, "slide" as const),
    ...{ meetingGap: mm(0, 4), edgeGap: mm(0, 4), spacing: mm(100, 300) },
    ...{ count: fc.nat(60), bought: fc.nat(20), bars: fc.nat(8) },
    school: fc.constantFrom("undecided" as const, "flat" as const, "standing" as const),
    ...{ margin: maybe(mm(0, 30)), diagonal: maybe(mm(500, 900)) },
    ...common,
  })
  .map((r) => ({
    shell: {
      kind: "panelKit",
      found: {
        ...{ width: r.width, depth: r.depth, height: r.height, thickness: r.thickness, material: r.material },
        ...{ box: r.box, back: r.back },
        panels: r.places.map((place) => {
          const door = place === "doorLeft" || place === "doorRight";
          const low = place === "foot" || place === "head";
          return {
            ...{
              id: place.toLowerCase(),
              place,
              material: door ? r.door : r.material,
              thickness: door ? r.pane : r.thickness,
            },
            ...{ length: r.long, width: low ? r.short : r.long, groove: door ? null : r.groove, holes: r.holes },
          };
        }),
        doors: { opens: r.opens, meetingGap: r.meetingGap, edgeGap: r.edgeGap },
        bars: { count: r.bars, kg: statedMm(0.2) },
        fasteners: { kind: "screw", length: statedMm(36), count: r.count, bought: r.bought, spacing: r.spacing },
        diagonals: { rising: r.diagonal, falling: r.diagonal && statedMm(r.diagonal.value + 3) },
      },
      putUp: { school: r.school, margin: r.margin },
      ...{ dam: null, floor: null, groundDepth: r.groundDepth, topLoadKg: r.topLoadKg },
    } satisfies PanelKitShell,
    closures: r.opens === "none" ? [] : [foundClosure("front")],
  }));

/** Any found shell, with what closes it. */
export const anyStart = fc.oneof(frontGlass, tank, onEnd, cabinet, tub, roundTub, clearBox, panelKit);
