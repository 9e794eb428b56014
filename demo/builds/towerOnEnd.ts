import { newZone } from "../../core/background/create";
import { newSlidingPair } from "../../core/closures/kinds/slidingPair/create";
import { statedMm } from "../../core/design/measure";
import { newBuild, newVariant } from "../../core/document/create";
import type { Build } from "../../core/document/schema";
import { stackOf } from "../../core/ground/layers/starts";
import { RECIPES } from "../../core/ground/mix";
import { bareSecondHand } from "../../core/shell/found/schema";
import type { TankOnEndShell } from "../../core/shell/kinds/tankOnEnd/schema";

import { hang } from "./hang";
import { inches, starter, wall } from "./measures";

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
    secondHand: { ...bareSecondHand(), is: "new" },
  };
  shell.dam = { ...inches('4"'), how: "stated" };
  shell.ventRail = { ...inches('1 1/2"'), how: "stated" };
  shell.headRail = { ...inches('3"'), how: "stated" };
  shell.legs = { ...inches('1 1/4"'), how: "stated" };
  shell.groundDepth = { ...inches('2 1/2"'), how: "stated" };
  variant.closures = [{ ...newSlidingPair(4, { kind: "wedge", origin: "made" }), brushStrip: true }];
  variant.seal.seams = "base";
  variant.features = [
    {
      id: "rail-slot",
      name: "Rail slot",
      face: "front",
      kind: "mesh",
      origin: "made",
      meshOrigin: "made",
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
      origin: "made",
      meshOrigin: "made",
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
    layers: stackOf({ mix: RECIPES.find((r) => r.id === "forest")!.mix }),
    plants: [
      {
        ...{ id: "grass", name: "Tufted grass", count: 3, pot: { ...inches('3"'), how: "measured" } },
        ...{ height: { ...inches('10"'), how: "guessed" }, spread: { ...inches('5"'), how: "guessed" } },
        ...{ where: "ground", live: true, toxic: false, by: "planted", got: "bought" },
      },
    ],
    settleWeeks: statedMm(3),
  };
  const stated = (text: string) => ({ ...inches(text), how: "stated" as const });
  hang(variant, "uvTube", "uv-tube", "UV tube", {
    ...{ side: "inside", off: stated('3/8"'), u: stated('6"'), v: stated('8 1/2"'), held: "clips", second: true },
    ...{ width: stated('9 7/8"'), length: stated('1 1/2"'), height: stated('1 3/4"'), ip: 67 },
    ...{ watts: statedMm(8), mass: statedMm(0.3), hours: { from: "10:00", to: "16:00" } },
    uv: [
      { mm: stated('8"'), uvi: statedMm(1.1) },
      { mm: stated('12"'), uvi: statedMm(0.6) },
    ],
  });
  hang(variant, "spotLamp", "basking-lamp", "Basking lamp", {
    ...{ side: "outside", off: stated('1 1/4"'), u: stated('6"'), v: stated('4"'), held: "bracket", second: true },
    ...{ width: stated('3 3/4"'), length: stated('3 3/4"'), height: stated('5"') },
    ...{ watts: statedMm(35), mass: statedMm(0.6), beam: statedMm(30), source: stated('2"'), clear: stated('6"') },
    ...{ holder: "ceramic", cutOut: true, hours: { from: "08:00", to: "18:00" } },
  });
  hang(variant, "probe", "probe", "Warm probe", { u: stated('9"'), v: stated('20"') });
  hang(variant, "smokeAlarm", "smoke-alarm", "Smoke alarm", {});
  variant.circuit = { volts: statedMm(120), amps: statedMm(15), others: statedMm(300), guarded: "yes" };
  const build = newBuild("Tower on end", { unit: "in", denominator: 16 }, variant);
  build.brief.sizeSchool = "stepUp";
  build.brief.sizeReason = "three hatchlings; the long tank beside it is theirs in a year";
  build.brief.residents = [{ ...starter("grass-lizard"), count: 3, narrowestRigid: { ...inches('3/16"') } }];
  return build;
}
