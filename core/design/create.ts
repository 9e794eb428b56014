import { BARE_BACKGROUND } from "../background/schema";
import { bareGround } from "../ground/schema";
import { kindOf } from "../shell/kinds";
import { starterSheet } from "../shell/kinds/sheet/starter";
import { BARE_SEAL } from "./bareSeal";
import { statedMm } from "./measure";
import { type Brief, BUILD_VERSION, type Build, type Measure, type SheetVariant, type Variant } from "./schema";

/** Starting values for a shell of one kind; everything in it is the builder's to change. */
export const newVariant = (kind: Variant["shell"]["kind"]): Variant => ({
  id: "a",
  name: "Variant A",
  faces: {},
  features: [],
  oddParts: [],
  slips: [],
  closure: { kind: "open" },
  seal: {
    sealant: "silicone-neutral",
    leg: statedMm(6),
    seams: "all",
    standingWater: null,
    airingDays: statedMm(7),
    ...structuredClone(BARE_SEAL),
  },
  background: structuredClone(BARE_BACKGROUND),
  ground: bareGround(),
  service: [],
  notes: {},
  ...kindOf({ kind }).starter(),
});

/** One sheet box of the given size. */
export function newSheetVariant(
  size: { width: Measure; depth: Measure; height: Measure },
  material: string,
): SheetVariant {
  const shell = starterSheet();
  return { ...newVariant("sheet"), shell: { ...shell, material, size: { ...shell.size, ...size } } };
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
      oldHome: null,
      sizeSchool: "undecided",
      sizeReason: "",
      note: "",
    },
    variants: [variant],
    chosen: variant.id,
    waivers: [],
  };
}

/** The starting values of a sliding pair on the starter tracks (source: rates-and-materials). */
export const newSlidingPair = (glassMm: 4 | 6 = 4): Extract<Variant["closure"], { kind: "slidingPair" }> => ({
  kind: "slidingPair",
  track: `track-${glassMm}`,
  glass: `glass-${glassMm}`,
  overlap: statedMm(25),
  sideAllowance: statedMm(2),
  brushStrip: false,
  lock: "none",
});
