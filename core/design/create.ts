import { statedMm } from "./measure";
import { type Brief, BUILD_VERSION, type Build, type Measure, type SheetShell, type Variant } from "./schema";

/** Handbook starting values for one sheet box of the given size; everything in it is the builder's to change. */
export function newSheetVariant(size: { width: Measure; depth: Measure; height: Measure }, material: string): Variant {
  const shell: SheetShell = {
    kind: "sheet",
    size: { given: "inside", depthTo: "frontEdge", ...size },
    material,
    joints: {
      box: "topBaseOver",
      back: "overlaid",
      rabbetDepth: statedMm(5),
      fixing: "cementAndScrews",
      screwSpacing: statedMm(175),
    },
    front: { dam: null, ventRail: null, headRail: null, stile: null },
    topLoadKg: statedMm(0),
    groundDepth: null,
  };
  return {
    id: "a",
    name: "Variant A",
    shell,
    faces: {},
    features: [],
    closure: { kind: "open" },
    seal: {
      sealant: "silicone-neutral",
      leg: statedMm(6),
      seams: "all",
      standingWater: null,
      airingDays: statedMm(7),
    },
    notes: {},
  };
}

/** A new build of one variant. */
export function newBuild(name: string, units: Brief["units"], variant: Variant): Build {
  return {
    version: BUILD_VERSION,
    name,
    brief: {
      residents: [],
      room: { tempC: { low: 18, high: 26 }, rh: { low: 35, high: 65 } },
      units,
      budgetMinor: null,
      childrenAtHome: false,
      note: "",
    },
    variants: [variant],
    chosen: variant.id,
    waivers: [],
  };
}

/** The starting values of a sliding pair on the handbook's tracks (HANDBOOK §11). */
export const newSlidingPair = (glassMm: 4 | 6 = 4): Extract<Variant["closure"], { kind: "slidingPair" }> => ({
  kind: "slidingPair",
  track: `track-${glassMm}`,
  glass: `glass-${glassMm}`,
  overlap: statedMm(25),
  sideAllowance: statedMm(2),
  brushStrip: false,
  lock: "none",
});
