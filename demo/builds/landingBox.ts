import { newSlidingPair } from "../../core/closures/kinds/slidingPair/create";
import { statedMm } from "../../core/design/measure";
import { newBuild, newSheetVariant } from "../../core/document/create";
import type { Build } from "../../core/document/schema";

import { hang } from "./hang";
import { starter } from "./measures";

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
  variant.closures = [{ ...newSlidingPair(4, { kind: "wedge", origin: "made" }) }];
  variant.seal.standingWater = statedMm(15);
  variant.features = [
    {
      id: "low-1",
      name: "Rail slot",
      face: "front",
      kind: "mesh",
      origin: "made",
      meshOrigin: "made",
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
      origin: "made",
      meshOrigin: "made",
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
  hang(variant, "smokeAlarm", "smoke-alarm", "Smoke alarm", {});
  const build = newBuild("Landing box", { unit: "mm" }, variant);
  build.brief.residents = [{ ...starter("hissing-roach"), count: 12, name: "Hissing roach nymphs" }];
  return build;
}
