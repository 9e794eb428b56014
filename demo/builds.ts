import { newBuild, newSheetVariant, newSlidingPair } from "../core/design/create";
import { statedMm } from "../core/design/measure";
import type { Build } from "../core/design/schema";
import { STARTER_RESIDENTS } from "../core/residents/starters";

const starter = (id: string) => structuredClone(STARTER_RESIDENTS.find((r) => r.id === id)!);
const measured = (mm: number) => ({ ...statedMm(mm), how: "measured" as const });

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
      width: statedMm(300),
      height: statedMm(80),
      mesh: "fly-screen",
      lap: statedMm(20),
      u: statedMm(300),
      v: statedMm(520),
    },
  ];
  const build = newBuild("Flat-pack 1500", { unit: "mm" }, variant);
  build.brief.residents = [
    {
      ...starter("rosy-boa"),
      count: 2,
      narrowestRigid: measured(14),
      note: "A pair; measured over the skull of the smaller.",
    },
  ];
  build.brief.budgetMinor = 30000;
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

export const demoBuilds = (): Build[] => [landingBox(), flatPack()];
