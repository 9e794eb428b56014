import { statedMm } from "../../core/design/measure";
import { newBuild, newVariant } from "../../core/document/create";
import type { Build } from "../../core/document/schema";
import type { RoundTubShell } from "../../core/shell/kinds/roundTub/schema";

import { hang } from "./hang";
import { measured, starter } from "./measures";

/** A round tub with a poured floor and a tube to the next box, for carpenter ants. */
export const ANT_YARD = "Ant yard";

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
      origin: "made",
      meshOrigin: "made",
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
      origin: "made",
      use: "tube",
      bore: measured(16),
      gap: statedMm(0.2),
      tube: { bore: measured(12), rise: statedMm(60), run: statedMm(220), bendRadius: statedMm(60) },
      u: statedMm(98),
      v: statedMm(52),
    },
  ];
  hang(variant, "heatCable", "heat-cable", "Heat cable", {
    ...{ width: statedMm(120), length: statedMm(40), watts: statedMm(7), mass: statedMm(0.1), cutOut: true },
  });
  hang(variant, "smokeAlarm", "smoke-alarm", "Smoke alarm", {});
  const build = newBuild(ANT_YARD, { unit: "mm" }, variant);
  build.brief.residents = [{ ...starter("carpenter-ant"), count: 400, narrowestRigid: measured(1.6) }];
  return build;
}
