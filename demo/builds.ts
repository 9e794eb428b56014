import { newWall, newZone } from "../core/background/create";
import type { Wall } from "../core/background/schema";
import { newBuild, newSheetVariant, newSlidingPair, newVariant } from "../core/design/create";
import { statedMm } from "../core/design/measure";
import type { Build, Measure } from "../core/design/schema";
import { RECIPES } from "../core/ground/mix";
import { STARTER_RESIDENTS } from "../core/residents/starters";
import { starterCabinet } from "../core/shell/kinds/cabinet/starter";
import type { RoundTubShell } from "../core/shell/kinds/roundTub/schema";
import type { TankOnEndShell } from "../core/shell/kinds/tankOnEnd/schema";
import type { TubShell } from "../core/shell/kinds/tub/schema";
import { parseLength } from "../core/units/length";

const starter = (id: string) => structuredClone(STARTER_RESIDENTS.find((r) => r.id === id)!);
const wall = (face: Wall["face"], own: Partial<Wall> = {}): Wall => ({ ...newWall(face), ...own });
const measured = (mm: number, typed?: string) => ({ ...statedMm(mm, typed), how: "measured" as const });
/** A measure as it was read off a tape in inches. */
const inches = (typed: string): Measure => {
  const read = parseLength(typed, "in");
  if (!read.ok) throw new Error(read.message);
  return { typed, value: read.value, how: "measured" };
};

/** PVC foam sheet 10 mm for a pair of rosy boas. */
export function flatPack(): Build {
  const variant = newSheetVariant(
    { width: statedMm(1500), depth: statedMm(600), height: statedMm(600) },
    "pvc-foam-10",
  );
  variant.shell.front.dam = statedMm(100);
  variant.shell.front.headRail = statedMm(60);
  variant.shell.groundDepth = statedMm(60);
  variant.shell.topLoadKg = statedMm(3);
  variant.closure = { ...newSlidingPair(4), lock: "key" };
  variant.features = [
    {
      id: "low-1",
      name: "Low left",
      face: "left",
      kind: "holes",
      pattern: "staggered",
      holeDia: statedMm(6),
      pitch: statedMm(12),
      columns: 20,
      rows: 3,
      mesh: null,
      u: statedMm(300),
      v: statedMm(150),
    },
    {
      id: "high-1",
      name: "High right",
      face: "right",
      kind: "mesh",
      shape: "panel",
      width: statedMm(300),
      height: statedMm(80),
      mesh: "fly-screen",
      lap: statedMm(20),
      u: statedMm(300),
      v: statedMm(520),
    },
  ];
  // Made on the bench while the panels of the shell are still being cut.
  variant.background.walls = (["back", "left", "right"] as const).map((face) =>
    wall(face, {
      buildUp: "panels",
      foam: "foamBuilding",
      depth: statedMm(40),
      relief: statedMm(20),
      finish: "grout",
      carveBy: "wireBrush",
    }),
  );
  variant.features.push({
    ...{ id: "lamp", name: "Heat lamp", face: "top", kind: "keepOut", use: "lamp" },
    ...{ width: statedMm(220), height: statedMm(220), deep: statedMm(220), u: statedMm(1150), v: statedMm(300) },
  });
  variant.background.zones = [
    {
      ...newZone("ledge", "ledge-1", { face: "back", u: 420, v: 300 }),
      ...{ name: "Basking ledge", width: statedMm(520), height: statedMm(70), depth: statedMm(160) },
    },
    {
      ...newZone("slab", "slate", { face: "back", u: 1000, v: 150 }),
      ...{
        name: "Slate",
        of: "stone",
        anchor: "floor",
        width: statedMm(300),
        height: statedMm(300),
        depth: statedMm(40),
      },
      ...{ mass: measured(4.6, "4.6") },
    } as ReturnType<typeof newZone>,
  ];
  variant.ground = {
    ...variant.ground,
    mix: RECIPES.find((r) => r.id === "soilSand")!.mix,
    dish: { volume: { typed: "1 L", value: 1000, how: "measured" }, wicked: false },
  };
  const build = newBuild("Flat-pack 1500", { unit: "mm" }, variant);
  build.brief.residents = [
    {
      ...starter("rosy-boa"),
      count: 2,
      narrowestRigid: measured(14),
      note: "A pair; measured over the skull of the smaller.",
    },
  ];
  build.brief.budgetMinor = 40000;
  build.brief.note = "Against the long wall of the back room. Doors must not bind in summer.";
  return build;
}

/** A small, damp box of 6 mm sheet; its meeting gap and its vents still want work. */
export function landingBox(): Build {
  const variant = newSheetVariant(
    { width: statedMm(560, "56 cm"), depth: statedMm(380, "38cm"), height: statedMm(400, "40 cm") },
    "pvc-foam-6",
  );
  variant.name = "Inset back";
  variant.shell.joints.back = "inset";
  variant.shell.front = {
    dam: statedMm(60),
    ventRail: statedMm(40),
    headRail: statedMm(40),
    stile: statedMm(25),
  };
  variant.shell.groundDepth = statedMm(40);
  variant.closure = { ...newSlidingPair(4), lock: "wedge" };
  variant.seal.standingWater = statedMm(15);
  variant.features = [
    {
      id: "low-1",
      name: "Rail slot",
      face: "front",
      kind: "mesh",
      shape: "panel",
      width: statedMm(400),
      height: statedMm(10),
      mesh: "steel-mesh-no-18",
      lap: statedMm(12),
      u: statedMm(280),
      v: statedMm(80),
    },
    {
      id: "high-1",
      name: "High back",
      face: "back",
      kind: "holes",
      pattern: "square",
      holeDia: statedMm(8),
      pitch: statedMm(14),
      columns: 12,
      rows: 2,
      mesh: "fly-screen",
      u: statedMm(280),
      v: statedMm(350),
    },
  ];
  const build = newBuild("Landing box", { unit: "mm" }, variant);
  build.brief.residents = [{ ...starter("hissing-roach"), count: 12, name: "Hissing roach nymphs" }];
  return build;
}

/** The name of the cabinet. */
export const HABERDASHER = "Haberdasher's cabinet";

/** A timber cabinet with glass doors for mossy frogs; two of its shelves become the tray. */
export function haberdasher(): Build {
  const variant = newVariant("cabinet");
  const shell = starterCabinet();
  const timber = (mm: number) => ({ material: "timber" as const, thickness: measured(mm) });
  shell.found = {
    ...shell.found,
    width: measured(1120),
    depth: measured(560),
    height: measured(760),
    faces: {
      base: { material: "chipboard", thickness: measured(16) },
      top: { material: "chipboard", thickness: measured(16) },
      left: timber(16),
      right: timber(16),
      back: { material: "plywood", thickness: measured(12) },
      front: { material: "glass", thickness: measured(4) },
    },
    doors: { leaves: 2, meetingGap: measured(3.4), edgeGap: measured(2) },
    frame: measured(30),
    shelves: [
      {
        name: "Wide glass shelf",
        material: "glass",
        thickness: measured(6),
        width: measured(1080),
        depth: measured(520),
        count: 2,
        use: "cutUp",
      },
      {
        name: "Narrow glass shelf",
        material: "glass",
        thickness: measured(6),
        width: measured(1080),
        depth: measured(180),
        count: 1,
        use: "keep",
      },
    ],
    holes: { count: 24, dia: measured(5), plugged: true },
    legs: measured(120),
  };
  shell.tray = { height: statedMm(115) };
  shell.groundDepth = statedMm(105);
  variant.shell = shell;
  variant.closure = { kind: "found", lock: "wedge" };
  variant.seal.standingWater = statedMm(60);
  variant.seal.seams = "base";
  variant.seal.stacks = (["left", "right", "back"] as const).map((face) => ({
    face,
    layers: [
      { id: "key-1", layer: "key", coats: null, damp: false },
      { id: "varnish-1", layer: "varnish", coats: null, damp: false },
    ],
  }));
  variant.seal.decisions = [
    { row: "A9", school: "pure", reason: "The tube’s label says 100 % silicone, nothing added." },
    { row: "A20", school: "none", reason: "Frogs drink through their skin." },
    { row: "A26", school: "conditioner", reason: "The tap here carries chloramine." },
  ];
  variant.features = [
    {
      id: "low-1",
      name: "Low left",
      face: "left",
      kind: "holes",
      pattern: "staggered",
      holeDia: statedMm(12),
      pitch: statedMm(26),
      columns: 11,
      rows: 1,
      mesh: "fly-screen",
      u: statedMm(270),
      v: statedMm(180),
    },
    {
      id: "top-1",
      name: "Top mesh left",
      face: "top",
      kind: "mesh",
      shape: "panel",
      width: statedMm(320),
      height: statedMm(300),
      mesh: "fly-screen",
      lap: statedMm(20),
      u: statedMm(300),
      v: statedMm(270),
    },
    {
      id: "top-2",
      name: "Top mesh right",
      face: "top",
      kind: "mesh",
      shape: "panel",
      width: statedMm(320),
      height: statedMm(300),
      mesh: "fly-screen",
      lap: statedMm(20),
      u: statedMm(780),
      v: statedMm(270),
    },
    {
      id: "pump-cable",
      name: "Pump cable",
      face: "back",
      kind: "port",
      tube: null,
      use: "cable",
      bore: statedMm(20),
      gap: statedMm(1),
      u: statedMm(980),
      v: statedMm(150),
    },
    {
      id: "drain",
      name: "Drain",
      face: "base",
      kind: "port",
      tube: null,
      use: "drain",
      bore: statedMm(20),
      gap: statedMm(0),
      u: statedMm(1000),
      v: statedMm(430),
    },
    {
      id: "heat-mat",
      name: "Heat mat",
      face: "right",
      kind: "keepOut",
      use: "heatMat",
      deep: null,
      width: statedMm(280),
      height: statedMm(240),
      u: statedMm(300),
      v: statedMm(300),
    },
  ];
  variant.seal.dividers = [
    { id: "pool-pane", name: "Pool pane", made: "glass", height: statedMm(85), watertight: true },
  ];
  variant.background = {
    walls: [
      wall("back", { depth: statedMm(30), relief: statedMm(20), finish: "grout", up: true }),
      wall("left", { depth: statedMm(25), relief: statedMm(15), finish: "puGlueFibre", fibre: "cork" }),
      wall("right", { depth: statedMm(20), relief: statedMm(10), finish: "siliconeFibre", apply: "sparing" }),
    ],
    zones: [
      {
        ...newZone("ledge", "ledge-1", { face: "back", u: 430, v: 380 }),
        ...{ name: "Long ledge", width: statedMm(620), height: statedMm(60), depth: statedMm(120) },
      },
      { ...newZone("slab", "cork-b", { face: "back", u: 800, v: 570 }), name: "Cork slab B" },
      { ...newZone("planter", "planter-1", { face: "back", u: 240, v: 520 }), name: "Planter 75, left" },
      {
        ...newZone("planter", "planter-2", { face: "back", u: 470, v: 590 }),
        name: "Planter 75, right",
        drilled: false,
      } as ReturnType<typeof newZone>,
      {
        ...newZone("branch", "branch-1", { face: "left", u: 380, v: 420 }),
        ...{ name: "Beech branch", mass: measured(0.65, "0.65"), depth: statedMm(320), anchor: "screwPlate" },
      } as ReturnType<typeof newZone>,
    ],
    swatches: [
      { id: "moss-green", name: "Moss green, second mix", wet: "#4c5a35", dry: "#8a9270", varnished: "#616b45" },
      { id: "bark-brown", name: "Bark brown", wet: "#3f2f22", dry: "#7b6752", varnished: "#553f2d" },
    ],
  };
  variant.ground = {
    ...variant.ground,
    front: statedMm(95),
    drain: { body: "clay", depth: statedMm(40) },
    barrier: { kind: "weedCloth", curl: statedMm(30) },
    mix: RECIPES.find((r) => r.id === "barkFern")!.mix,
    litter: statedMm(20),
    misting: { typed: "350", value: 350, how: "measured" },
    outlet: "bulkhead",
    pool: {
      ...{ u: statedMm(829), v: statedMm(254), width: statedMm(460), length: statedMm(508) },
      ...{ divider: "pool-pane", wayOut: "ramp", ramp: statedMm(35) },
    },
    plants: [
      {
        ...{
          id: "fern",
          name: "Small fern",
          count: 3,
          pot: statedMm(90),
          height: statedMm(250),
          spread: statedMm(200),
        },
        ...{ where: "ground", live: true, toxic: false },
      },
      {
        ...{
          id: "creeper",
          name: "Wall creeper",
          count: 1,
          pot: statedMm(70),
          height: statedMm(120),
          spread: statedMm(300),
        },
        ...{ where: "planter-1", live: true, toxic: false },
      },
      {
        ...{
          id: "bromeliad",
          name: "Small bromeliad",
          count: 1,
          pot: statedMm(60),
          height: statedMm(150),
          spread: statedMm(160),
        },
        ...{ where: "planter-2", live: true, toxic: false },
      },
    ],
    settleWeeks: statedMm(5),
  };
  variant.service = [
    {
      ...{ id: "pump", name: "Pool pump", kind: "pump", width: measured(52), height: measured(64), way: "box" },
      ...{ wayWidth: statedMm(90), wayHeight: statedMm(110), plug: measured(18), port: "pump-cable" },
    },
    {
      ...{ id: "mat", name: "Heat mat", kind: "mat", width: statedMm(280), height: statedMm(2), way: "outside" },
      ...{ wayWidth: statedMm(300), wayHeight: statedMm(10), plug: null, port: null },
    },
  ];
  const build = newBuild(HABERDASHER, { unit: "mm" }, variant);
  build.brief.residents = [{ ...starter("mossy-frog"), count: 4, narrowestRigid: measured(9) }];
  build.brief.note = "Was a haberdasher's show cabinet. A pool of 14 litres at the right, moss and cork at the back.";
  return build;
}

/** A small long tank stood on one end for grass lizards, surveyed in inches. */
export function towerOnEnd(): Build {
  const variant = newVariant("tankOnEnd");
  const shell = variant.shell as TankOnEndShell;
  shell.found = {
    length: inches('30"'),
    width: inches('12"'),
    height: inches('12"'),
    glass: inches('3/16"'),
    rim: null,
    tempered: "none",
  };
  shell.dam = { ...inches('4"'), how: "stated" };
  shell.ventRail = { ...inches('1 1/2"'), how: "stated" };
  shell.headRail = { ...inches('3"'), how: "stated" };
  shell.legs = { ...inches('1 1/4"'), how: "stated" };
  shell.groundDepth = { ...inches('2 1/2"'), how: "stated" };
  variant.closure = { ...newSlidingPair(4), lock: "wedge", brushStrip: true };
  variant.seal.seams = "base";
  variant.features = [
    {
      id: "rail-slot",
      name: "Rail slot",
      face: "front",
      kind: "mesh",
      shape: "panel",
      width: { ...inches('8"'), how: "stated" },
      height: { ...inches('1/4"'), how: "stated" },
      mesh: "steel-mesh-no-18",
      lap: { ...inches('1/2"'), how: "stated" },
      u: { ...inches('5 13/16"'), how: "stated" },
      v: { ...inches('4 3/4"'), how: "stated" },
    },
    {
      id: "head-mesh",
      name: "Head mesh",
      face: "front",
      kind: "mesh",
      shape: "panel",
      width: { ...inches('8"'), how: "stated" },
      height: { ...inches('1 1/2"'), how: "stated" },
      mesh: "steel-mesh-no-18",
      lap: { ...inches('1/2"'), how: "stated" },
      u: { ...inches('5 13/16"'), how: "stated" },
      v: { ...inches('28 1/8"'), how: "stated" },
    },
  ];
  variant.background.walls = [
    wall("back", {
      ...{ buildUp: "coirMat", depth: { ...inches('3/4"'), how: "stated" }, finish: "bareSkin" },
    }),
  ];
  variant.background.zones = [
    {
      ...newZone("branch", "branch-1", { face: "back", u: 140, v: 420 }),
      ...{
        name: "Cork branch",
        of: "cork",
        anchor: "screwPlate",
        depth: { ...inches('7"'), how: "stated" },
        hollow: true,
        plugged: true,
      },
      ...{ width: { ...inches('2 1/2"'), how: "measured" }, height: { ...inches('2 1/2"'), how: "measured" } },
    } as ReturnType<typeof newZone>,
  ];
  variant.ground = {
    ...variant.ground,
    mix: RECIPES.find((r) => r.id === "forest")!.mix,
    plants: [
      {
        ...{ id: "grass", name: "Tufted grass", count: 3, pot: { ...inches('3"'), how: "measured" } },
        ...{ height: { ...inches('10"'), how: "guessed" }, spread: { ...inches('5"'), how: "guessed" } },
        ...{ where: "ground", live: true, toxic: false },
      },
    ],
    settleWeeks: statedMm(3),
  };
  const build = newBuild("Tower on end", { unit: "in", denominator: 16 }, variant);
  build.brief.sizeSchool = "stepUp";
  build.brief.sizeReason = "three hatchlings; the long tank beside it is theirs in a year";
  build.brief.residents = [{ ...starter("grass-lizard"), count: 3, narrowestRigid: { ...inches('3/16"') } }];
  return build;
}

/** A latching tub sold by a label nobody can explain, for fire salamander juveniles. */
export function nurseryTub(): Build {
  const variant = newVariant("tub");
  const shell = variant.shell as TubShell;
  shell.found = {
    ...shell.found,
    rimLength: measured(556),
    rimWidth: measured(384),
    footLength: measured(486),
    footWidth: measured(318),
    height: measured(352),
    cornerRadius: measured(45),
    claim: { typed: "64 L", value: 64_000, how: "stated" },
    lidLength: measured(590),
    lidWidth: measured(420),
    lidGap: measured(1),
    catches: 4,
  };
  shell.groundDepth = statedMm(90);
  variant.features = [
    {
      id: "low-1",
      name: "Low left",
      face: "left",
      kind: "holes",
      pattern: "staggered",
      holeDia: statedMm(3),
      pitch: statedMm(8),
      columns: 16,
      rows: 3,
      mesh: "steel-mesh-no-18",
      u: statedMm(192),
      v: statedMm(140),
    },
    {
      id: "high-1",
      name: "High right",
      face: "right",
      kind: "holes",
      pattern: "staggered",
      holeDia: statedMm(3),
      pitch: statedMm(8),
      columns: 20,
      rows: 4,
      mesh: "steel-mesh-no-18",
      u: statedMm(192),
      v: statedMm(290),
    },
  ];
  variant.ground = {
    ...variant.ground,
    drain: { body: "clay", depth: statedMm(20) },
    barrier: { kind: "twoScreens", curl: statedMm(25) },
    mix: RECIPES.find((r) => r.id === "coirBarkMoss")!.mix,
    litter: statedMm(30),
    misting: { typed: "40", value: 40, how: "measured" },
    outlet: "standpipe",
    dish: { volume: { typed: "200 mL", value: 200, how: "measured" }, wicked: false },
    wild: "boiled",
  };
  const build = newBuild("Nursery tub", { unit: "mm" }, variant);
  build.brief.oldHome = { width: measured(300), depth: measured(200), height: measured(180) };
  build.brief.residents = [{ ...starter("fire-salamander"), count: 6, narrowestRigid: measured(6) }];
  build.brief.room = { tempC: { low: 14, high: 20 }, rh: { low: 40, high: 70 } };
  return build;
}

/** A round tub with a poured floor and a tube to the next box, for carpenter ants. */
export function antYard(): Build {
  const variant = newVariant("roundTub");
  const shell = variant.shell as RoundTubShell;
  shell.found = {
    rimDiameter: measured(250),
    footDiameter: measured(232),
    height: measured(140),
    wall: measured(2),
    plastic: "pp",
    lidGap: measured(0.4),
  };
  shell.floorDepth = statedMm(18);
  variant.features = [
    {
      id: "lid-mesh",
      name: "Lid mesh",
      face: "top",
      kind: "mesh",
      shape: "panel",
      width: statedMm(110),
      height: statedMm(110),
      mesh: "steel-mesh-fine",
      lap: statedMm(12),
      u: statedMm(125),
      v: statedMm(125),
    },
    {
      id: "tube-1",
      name: "Tube to the nest",
      face: "right",
      kind: "port",
      use: "tube",
      bore: measured(16),
      gap: statedMm(0.2),
      tube: { bore: measured(12), rise: statedMm(60), run: statedMm(220), bendRadius: statedMm(60) },
      u: statedMm(98),
      v: statedMm(52),
    },
  ];
  const build = newBuild("Ant yard", { unit: "mm" }, variant);
  build.brief.residents = [{ ...starter("carpenter-ant"), count: 400, narrowestRigid: measured(1.6) }];
  return build;
}

/** The list shows the last made first. */
export const demoBuilds = (): Build[] => [
  antYard(),
  nurseryTub(),
  landingBox(),
  towerOnEnd(),
  flatPack(),
  haberdasher(),
];
