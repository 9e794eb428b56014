import { newZone } from "../../core/background/create";
import { newBox } from "../../core/boxes/create";
import { foundClosure } from "../../core/closures/kinds/found/schema";
import { statedMm } from "../../core/design/measure";
import { newBuild, newVariant } from "../../core/document/create";
import type { Build } from "../../core/document/schema";
import { stackOf } from "../../core/ground/layers/starts";
import { RECIPES } from "../../core/ground/mix";
import { starterCabinet } from "../../core/shell/kinds/cabinet/starter";
import { newStream } from "../../core/streams/create";
import { demoBook } from "../tern-street";

import { hang } from "./hang";
import { measured, starter, wall } from "./measures";

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
    doors: { leaves: 2, opens: "swing", meetingGap: measured(3.4), edgeGap: measured(2) },
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
  variant.closures = [{ ...foundClosure("front"), lock: { kind: "wedge", origin: "made" }, forWork: "on" }];
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
    { split: "siliconeGrade", school: "pure", reason: "The tube’s label says 100 % silicone, nothing added." },
    { split: "mineralAdditives", school: "none", reason: "Frogs drink through their skin." },
    { split: "whichWater", school: "conditioner", reason: "The tap here carries chloramine." },
  ];
  variant.features = [
    {
      id: "low-1",
      name: "Low left",
      face: "left",
      kind: "holes",
      origin: "made",
      meshOrigin: "made",
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
      origin: "made",
      meshOrigin: "made",
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
      origin: "made",
      meshOrigin: "made",
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
      origin: "made",
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
      origin: "made",
      tube: null,
      use: "drain",
      bore: statedMm(20),
      gap: statedMm(0),
      u: statedMm(1000),
      v: statedMm(430),
    },
  ];
  variant.dividers = [
    {
      ...{ id: "pool-pane", name: "Pool pane", origin: "made", height: statedMm(85), watertight: true },
      ...{ layers: [{ id: "layer-1", of: "glass", material: "glass-6" }] },
      line: { from: { on: "front", at: statedMm(608) }, to: { on: "back", at: statedMm(608) } },
    },
  ];
  variant.vessels = [
    {
      ...{ id: "pool", kind: "pool", name: "Pool", face: "base", zone: "pool-pane:b", divider: null },
      ...{ u: statedMm(838), v: statedMm(254), width: statedMm(460), length: statedMm(508) },
      ...{ wayOut: "ramp", ramp: statedMm(35) },
    },
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
    layers: stackOf({
      drain: { body: "clay", mm: 40 },
      barrier: { cloth: "weedCloth", curlMm: 30 },
      mix: RECIPES.find((r) => r.id === "barkFern")!.mix,
      leavesMm: 20,
    }),
    misting: { typed: "350", value: 350, how: "measured" },
    outlet: "bulkhead",
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
        ...{ where: "ground", live: true, toxic: false, by: "planted", got: "bought" },
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
        ...{ where: "planter-1", live: true, toxic: false, by: "planted", got: "bought" },
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
        ...{ where: "planter-2", live: true, toxic: false, by: "planted", got: "bought" },
      },
    ],
    settleWeeks: statedMm(5),
  };
  variant.boxes = [
    {
      ...newBox("pump-box", demoBook(), 1033, 481),
      ...{ name: "Pump box", height: statedMm(150), hose: statedMm(14) },
    },
  ];
  variant.streams = [
    {
      ...newStream("trickle", "Trickle down the back", "pump"),
      ...{ tubeBore: measured(10), tubeLength: measured(620), lift: statedMm(240), lip: statedMm(120) },
      ...{ intake: measured(12), needs: measured(30) },
    },
  ];
  variant.service = [
    {
      ...{ id: "filter", name: "Sponge filter", kind: "filter", width: measured(40), height: measured(45), way: "box" },
      ...{ wayWidth: statedMm(90), wayHeight: statedMm(110), plug: null, port: null },
    },
  ];
  hang(variant, "waterPump", "pump", "Pool pump", {
    ...{ u: statedMm(1033), v: statedMm(481), width: measured(52), length: measured(52), height: measured(64) },
    ...{ flow: { typed: "300", value: 300, how: "measured" }, head: measured(600), watts: statedMm(5), ip: 68 },
    ...{ mass: statedMm(0.35), plug: measured(18), port: "pump-cable", held: "rests" },
    way: { by: "box", width: statedMm(90), height: statedMm(110) },
  });
  for (const [id, name, u] of [
    ["nozzle-left", "Left nozzle", 150],
    ["nozzle-right", "Right nozzle", 930],
  ] as const)
    hang(variant, "mistNozzle", id, name, {
      ...{ u: statedMm(u), v: statedMm(120), cone: statedMm(70), flow: statedMm(80), mass: statedMm(0.05) },
    });
  hang(variant, "timer", "mist-timer", "Mist timer", { u: statedMm(900), v: statedMm(80) });
  hang(variant, "gauge", "climate-gauge", "Climate gauge", { face: "left", u: statedMm(270), v: statedMm(400) });
  const build = newBuild(HABERDASHER, { unit: "mm" }, variant);
  build.brief.residents = [{ ...starter("mossy-frog"), count: 4, narrowestRigid: measured(9) }];
  build.brief.note = "Was a haberdasher's show cabinet. A pool of 14 litres at the right, moss and cork at the back.";
  return build;
}
