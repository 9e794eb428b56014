import { statedMm } from "../../core/design/measure";
import { newBuild, newVariant } from "../../core/document/create";
import type { Build } from "../../core/document/schema";
import { stackOf } from "../../core/ground/layers/starts";
import type { ClearBoxShell } from "../../core/shell/kinds/clearBox/schema";
import { hang } from "./hang";
import { measured, starter } from "./measures";

/** A clear box for stick insect nymphs, lived in: its lid still wants a pin, and it stands at the wrong end of its shelf. */
export function sillBox(): Build {
  const variant = newVariant("clearBox");
  variant.name = "As it stands";
  const shell = variant.shell as ClearBoxShell;
  const { found } = shell;
  Object.assign(found, { width: measured(344), depth: measured(226), height: measured(388), wall: measured(4) });
  Object.assign(found.door, { foot: measured(72), gap: measured(0.8) });
  found.door.magnets = { count: 6, pull: statedMm(8), apart: measured(0.4), stop: "there" };
  Object.assign(found.lid, {
    grooveDepth: measured(2),
    groove: measured(3.4),
    thickness: measured(3),
    gap: measured(0.5),
  });
  found.holes = { count: 14, bore: measured(2), where: "walls", height: measured(330) };
  Object.assign(found, { holeEdge: measured(9), holeApart: measured(6) });
  shell.groundDepth = statedMm(35);
  variant.ground = { ...variant.ground, layers: stackOf({}) };
  variant.stand = {
    ...{ length: measured(1180), depth: measured(260), thickness: measured(15), board: "plywood" },
    brackets: { count: 2, fromEnd: measured(120), carries: statedMm(25) },
    others: [
      { id: "box-1", name: "Roach tub", width: measured(410), kg: measured(11) },
      { id: "box-2", name: "Ant reserve", width: measured(240), kg: measured(3) },
    ],
    place: 0,
  };
  hang(variant, "gauge", "climate-gauge", "Climate gauge", { v: statedMm(200) });
  const build = newBuild("Sill box", { unit: "mm" }, variant);
  build.brief.residents = [{ ...starter("stick-insect"), count: 20, name: "Stick insect nymphs" }];
  return build;
}
