import { newZone } from "../../core/background/create";
import { newSlidingPair } from "../../core/closures/kinds/slidingPair/create";
import { statedMm } from "../../core/design/measure";
import { newBuild, newSheetVariant } from "../../core/document/create";
import type { Build } from "../../core/document/schema";
import { stackOf } from "../../core/ground/layers/starts";
import { RECIPES } from "../../core/ground/mix";
import { newVessel } from "../../core/vessels/kinds";

import { hang } from "./hang";
import { measured, starter, wall } from "./measures";

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
  variant.closures = [{ ...newSlidingPair(4, { kind: "key", origin: "made" }) }];
  variant.features = [
    {
      id: "low-1",
      name: "Low left",
      face: "left",
      kind: "holes",
      origin: "made",
      meshOrigin: "made",
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
      origin: "made",
      meshOrigin: "made",
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
    layers: stackOf({ mix: RECIPES.find((r) => r.id === "soilSand")!.mix }),
  };
  variant.vessels = [
    {
      ...newVessel("dish", "dish", "Water bowl", 380, 320),
      ...{ of: "glazed", width: measured(210), length: measured(210), wall: measured(8), depth: measured(52) },
      ...{ filled: statedMm(45), rim: statedMm(20), bathes: true },
    },
  ];
  hang(variant, "uvTube", "uv-tube", "UV tube", {
    ...{ side: "inside", off: statedMm(10), u: statedMm(520), v: statedMm(330), mass: statedMm(0.8), ip: 67 },
    ...{ watts: statedMm(24), held: "clips", second: true, hours: { from: "10:00", to: "16:00" } },
    uv: [
      { mm: statedMm(250), uvi: statedMm(0.7) },
      { mm: statedMm(350), uvi: statedMm(0.43) },
    ],
  });
  hang(variant, "spotLamp", "lamp", "Heat lamp", {
    ...{ side: "inside", off: statedMm(15), u: statedMm(1150), v: statedMm(300), held: "bracket", second: true },
    ...{
      watts: statedMm(40),
      ip: 67,
      mass: statedMm(0.7),
      beam: statedMm(40),
      source: statedMm(60),
      clear: statedMm(180),
    },
    ...{ width: statedMm(95), length: statedMm(95), height: statedMm(130), holder: "ceramic", guard: true },
    ...{ shade: true, control: "dimmingThermostat", cutOut: true, hours: { from: "09:00", to: "19:00" } },
  });
  hang(variant, "probe", "warm-probe", "Warm probe", { u: statedMm(1150), v: statedMm(200) });
  hang(variant, "probe", "cool-probe", "Cool probe", { u: statedMm(200), v: statedMm(120) });
  hang(variant, "smokeAlarm", "smoke-alarm", "Smoke alarm", {});
  variant.circuit = { volts: statedMm(230), amps: statedMm(16), others: statedMm(600), guarded: "yes" };
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
