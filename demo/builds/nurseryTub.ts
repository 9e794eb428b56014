import { statedMm } from "../../core/design/measure";
import { newBuild, newVariant } from "../../core/document/create";
import type { Build } from "../../core/document/schema";
import { stackOf } from "../../core/ground/layers/starts";
import { RECIPES } from "../../core/ground/mix";
import type { TubShell } from "../../core/shell/kinds/tub/schema";

import { newVessel } from "../../core/vessels/kinds";
import { hang } from "./hang";
import { measured, starter } from "./measures";

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
      origin: "made",
      meshOrigin: "made",
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
      origin: "made",
      meshOrigin: "made",
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
    layers: stackOf({
      drain: { body: "clay", mm: 20 },
      barrier: { cloth: "twoScreens", curlMm: 25 },
      mix: RECIPES.find((r) => r.id === "coirBarkMoss")!.mix,
      leavesMm: 30,
    }),
    misting: { typed: "40", value: 40, how: "measured" },
    outlet: "standpipe",
    wild: "boiled",
  };
  variant.vessels = [
    {
      ...newVessel("dish", "dish", "Shallow dish", 420, 110),
      ...{ of: "glazed", width: measured(120), length: measured(120), depth: measured(24), filled: statedMm(18) },
      ...{ rim: statedMm(42), bathes: true },
    },
  ];
  hang(variant, "gauge", "climate-gauge", "Climate gauge", { v: statedMm(250) });
  hang(variant, "probe", "probe", "Probe", { u: statedMm(120), v: statedMm(150) });
  const build = newBuild("Nursery tub", { unit: "mm" }, variant);
  build.brief.oldHome = { width: measured(300), depth: measured(200), height: measured(180) };
  build.brief.residents = [{ ...starter("fire-salamander"), count: 6, narrowestRigid: measured(6) }];
  build.brief.room = { tempC: { low: 14, high: 20 }, rh: { low: 40, high: 70 } };
  return build;
}
