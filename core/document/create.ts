import type { Measure } from "../design/basics";
import { kindOf } from "../shell/kinds/index";
import { starterSheet } from "../shell/kinds/sheet/starter";
import { bareParts } from "../trades/schema";
import { type Brief, BUILD_VERSION, type Build, type SheetVariant, type Variant } from "./schema";

/** Starting values for a shell of one kind; everything in it is the builder's to change. */
export const newVariant = (kind: Variant["shell"]["kind"]): Variant => ({
  id: "a",
  name: "Variant A",
  faces: {},
  ...bareParts(),
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
