import type { FoundClosure } from "../../core/closures/kinds/found/schema";
import { statedMm } from "../../core/design/measure";
import { newBuild, newVariant } from "../../core/document/create";
import type { Build } from "../../core/document/schema";
import { stackOf } from "../../core/ground/layers/starts";
import { RECIPES } from "../../core/ground/mix";
import { newBlock, newBranch } from "../../core/hardscape/create";
import type { Branch } from "../../core/hardscape/schema";
import type { FrontGlassShell } from "../../core/shell/kinds/frontGlass/schema";
import { hang } from "./hang";
import { measured, starter } from "./measures";

export const BRAMBLE_TOWER = "Bramble tower";

/** A branch from pane to pane, for what climbs: 472 inside, its play left at both ends. */
function bramble(): Branch {
  const branch = newBranch("bramble", 472, 210, 480);
  const bed = { bedWidth: statedMm(30), bedHeight: statedMm(30) };
  return {
    ...branch,
    ...{ name: "Bramble branch", thick: measured(25), length: statedMm(25) },
    ...{ left: { ...branch.left, ...bed }, right: { ...branch.right, ...bed, height: statedMm(480) } },
  };
}

/** A tall second-hand front-opening glass for stick insects, whose water test runs. */
export function brambleTower(): Build {
  const variant = newVariant("frontGlass");
  const shell = variant.shell as FrontGlassShell;
  shell.found = {
    ...shell.found,
    ...{ width: measured(480, "48 cm"), depth: measured(440, "44 cm"), height: measured(900, "90 cm") },
    ...{ glass: measured(4), basePane: measured(6), recess: measured(12) },
    sill: { height: measured(118), from: "stand" },
    strip: {
      ...{ height: measured(32), length: measured(400), openings: "holes" },
      ...{ bore: measured(2.5), slot: statedMm(20), count: 260 },
    },
    doors: {
      ...{ leaves: 2, width: null, height: null, corner: null, latch: "turn" },
      ...{ hinge: measured(1.2), meeting: measured(2.8), head: measured(1.4), foot: measured(2) },
    },
    top: {
      ...shell.found.top,
      ...{ width: measured(430), depth: measured(390), aperture: measured(1.2), wire: measured(0.3) },
      lip: measured(0.8),
    },
    notches: { count: 2, width: measured(18), shut: measured(2.5) },
    background: { is: "kept", thickness: measured(30), gap: measured(6) },
    tempered: "doors",
    secondHand: { is: "used", chips: "none", beadYears: { typed: "4", value: 4, how: "stated" }, disinfect: true },
  };
  shell.groundDepth = statedMm(85);
  variant.closures = variant.closures.map(
    (c) => ({ ...c, ...(c.opening === "front" && { forWork: "off" }) }) as FoundClosure,
  );
  variant.cures = [
    { id: "doors-meet-stop", way: "doors-meet", kind: "stop", origin: "made", mesh: null },
    { id: "strip-mesh", way: "strip", kind: "mesh", origin: "made", mesh: "steel-mesh-no-18" },
  ];
  variant.ground = {
    ...variant.ground,
    layers: stackOf({
      drain: { body: "clay", mm: 40 },
      barrier: { cloth: "weedCloth", curlMm: 30 },
      mix: RECIPES.find((r) => r.id === "coirBarkMoss")!.mix,
      leavesMm: 20,
    }),
    misting: { typed: "120", value: 120, how: "measured" },
    outlet: "standpipe",
  };
  variant.hardscape = [
    {
      ...newBlock("stump", "cork", 150, 150),
      ...{ name: "Cork stump", width: measured(110), length: measured(90), height: measured(230) },
    },
    bramble(),
  ];
  hang(variant, "plantLight", "plant-light", "Plant light", {
    ...{ width: statedMm(380), length: statedMm(35), watts: statedMm(12), mass: statedMm(0.45), held: "rests" },
    ...{ v: statedMm(330), hours: { from: "08:00", to: "20:00" } },
  });
  hang(variant, "gauge", "climate-gauge", "Climate gauge", { v: statedMm(600) });
  const build = newBuild(BRAMBLE_TOWER, { unit: "mm" }, variant);
  build.brief.residents = [{ ...starter("stick-insect"), count: 12, narrowestRigid: measured(3) }];
  build.brief.room = { tempC: { low: 17, high: 24 }, rh: { low: 35, high: 60 } };
  build.brief.note = "From the back of a shop. Brambles in a jar, twelve nymphs from the school.";
  return build;
}
