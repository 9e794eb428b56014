import * as v from "valibot";
import { finite, id, MeasureSchema, range, text } from "../design/basics";
import { BODIES } from "./names";

/** Another body to be kept in or out with it: its smallest, what hatches, what it eats, what cleans up after it. */
export const OtherLifeSchema = v.object({
  life: v.picklist(["smallest", "hatchling", "feeder", "crew"]),
  name: v.pipe(text(80), v.nonEmpty("Give it a name.")),
  body: v.picklist(BODIES),
  narrowestRigid: v.nullable(MeasureSchema),
  girth: v.nullable(MeasureSchema),
});
export type OtherLife = v.InferOutput<typeof OtherLifeSchema>;

export const ResidentSchema = v.object({
  id,
  name: v.pipe(text(80), v.nonEmpty("Give the resident a name.")),
  count: v.pipe(finite, v.integer(), v.minValue(1, "At least one."), v.maxValue(10000)),
  body: v.picklist(BODIES),
  /** The smallest hole the hardest, widest part of the smallest stage passes; null while not measured. */
  narrowestRigid: v.nullable(MeasureSchema),
  /** A gap the builder has seen refused beats any factor. */
  refusedGap: v.nullable(MeasureSchema),
  /** Its mass, g, the widest soft measure of its body, and the least gap its head passes; unknown until typed. */
  mass: v.exactOptional(v.nullable(MeasureSchema)),
  girth: v.exactOptional(v.nullable(MeasureSchema)),
  head: v.exactOptional(v.nullable(MeasureSchema)),
  lives: v.exactOptional(v.pipe(v.array(OtherLifeSchema), v.maxLength(8, "At most eight."))),
  strong: v.boolean(),
  dangerous: v.boolean(),
  groundDepth: v.nullable(MeasureSchema),
  /** Inside sizes the whole group needs; height is above the ground. */
  needs: v.object({
    length: v.nullable(MeasureSchema),
    width: v.nullable(MeasureSchema),
    height: v.nullable(MeasureSchema),
  }),
  /** How far up a wall it gets by stretching or jumping. */
  reach: v.nullable(MeasureSchema),
  traits: v.object({
    climbs: v.boolean(),
    toePads: v.boolean(),
    digs: v.boolean(),
    wetSkin: v.boolean(),
    eatsGround: v.boolean(),
    wantsPrivacy: v.boolean(),
    /** It gnaws: foam and rubber do not hold it. */
    chews: v.exactOptional(v.boolean()),
    /** It squeezes what it eats, and pushes harder for its weight. */
    constricts: v.exactOptional(v.boolean()),
    /** It is out at the first gap: two doors are kept in line. */
    bolts: v.exactOptional(v.boolean()),
  }),
  /** What it lives in: warmth and humidity; null while not known. */
  bands: v.object({ tempC: v.nullable(range), rh: v.nullable(range) }),
  /** Ferguson's zone of mean UV; the surface it basks on and the cool end, °C; how high its back is over what it lies on. */
  uvZone: v.exactOptional(v.nullable(v.picklist([1, 2, 3, 4]))),
  basks: v.exactOptional(v.nullable(range)),
  coolEnd: v.exactOptional(v.nullable(range)),
  back: v.exactOptional(v.nullable(MeasureSchema)),
  note: text(500),
});

export type Resident = v.InferOutput<typeof ResidentSchema>;
