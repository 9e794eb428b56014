import * as v from "valibot";
import { finite, id, MeasureSchema, range, text } from "../design/basics";
import { FACES, type FaceId } from "../design/names";
import { ResidentSchema } from "../residents/schema";
import { ShellSchema } from "../shell/kinds/schema";
import type { SheetShell } from "../shell/kinds/sheet/schema";
import { partSchemas } from "../trades/schema";

/** The version of the Build document this program writes. Older ones are upgraded by `readBuild`. */
export const BUILD_VERSION = 9;

export const BriefSchema = v.object({
  residents: v.array(ResidentSchema),
  room: v.object({
    tempC: range,
    rh: range,
    /** How its air moves, m/s; unknown until typed. */
    draught: v.exactOptional(v.nullable(MeasureSchema)),
    /** Its own door shuts without a gap, and is shut before the shell is opened. */
    shuts: v.exactOptional(v.boolean()),
  }),
  units: v.variant("unit", [
    v.object({ unit: v.literal("mm") }),
    v.object({ unit: v.literal("in"), denominator: v.picklist([16, 32]) }),
  ]),
  budgetMinor: v.nullable(v.pipe(finite, v.integer(), v.minValue(0))),
  childrenAtHome: v.boolean(),
  /** Where the animals live now, inside; null when this is their first home. */
  oldHome: v.nullable(v.object({ width: MeasureSchema, depth: MeasureSchema, height: MeasureSchema })),
  /** Two schools for size: a community's minimum, or stepping up as the animal copes; the choice is recorded. */
  sizeSchool: v.picklist(["undecided", "minimum", "stepUp"]),
  sizeReason: text(500),
  note: text(4000),
});

/** What it does not know it refuses: it may be a part that a newer Hornwort wrote, and would be lost by the next save. */
const variantEntries = {
  id,
  name: v.pipe(text(80), v.nonEmpty("Give the variant a name.")),
  shell: ShellSchema,
  /** What differs from the shell's own sheet, face by face. */
  faces: v.partial(
    v.object(
      Object.fromEntries(FACES.map((f) => [f, v.object({ material: id })])) as Record<
        FaceId,
        v.ObjectSchema<{ material: typeof id }, undefined>
      >,
    ),
  ),
  ...partSchemas,
  notes: v.record(v.string(), text(4000)),
};
export const VariantSchema = v.strictObject(
  variantEntries,
  "This Hornwort does not know it; open the build with the one that wrote it.",
);
export type Variant = v.InferOutput<typeof VariantSchema>;
/** A variant whose shell is a sheet box. */
export type SheetVariant = Variant & { shell: SheetShell };

export const WaiverSchema = v.object({
  rule: text(80),
  subject: text(120),
  reason: v.pipe(text(500), v.trim(), v.nonEmpty("Say why you go on anyway.")),
});

export const BuildSchema = v.object({
  version: v.literal(BUILD_VERSION),
  name: v.pipe(text(120), v.trim(), v.nonEmpty("Give the build a name.")),
  brief: BriefSchema,
  variants: v.pipe(v.array(VariantSchema), v.minLength(1, "A build needs at least one variant.")),
  chosen: id,
  waivers: v.array(WaiverSchema),
});
/** What the fabricator decided: the one input every ledger is computed from, beside book, stock and workshop. */
export type Build = v.InferOutput<typeof BuildSchema>;
export type Brief = Build["brief"];
