/** The six inner sides of a shell. Names alone, without the schemas: what draws needs no more. */
export const FACES = ["base", "top", "left", "right", "back", "front"] as const;
export type FaceId = (typeof FACES)[number];

/** How one opening for air is cut. */
export const OPENING_SHAPES = ["panel", "slot", "round"] as const;
/** What passes a port. */
export const PORT_USES = ["cable", "probe", "tube", "drain", "nozzle"] as const;
/** What keeps its place on a face free. */
export const KEEP_OUT_USES = ["window", "doorSwing"] as const;

/** What a face can be given, from the wall outwards; `core/seal/stack/layers.ts` says what each is. */
export const LAYER_IDS = [
  "key",
  "openings",
  "carve",
  "rubberSpray",
  "rubberBrush",
  "epoxy",
  "varnish",
  "liner",
  "beads",
  "siliconeDabs",
  "foamPond",
  "foamBuilding",
  "siliconeFibre",
  "puGlueFibre",
  "sprayGlueFibre",
  "waterproofer",
  "grout",
] as const;
export type LayerId = (typeof LAYER_IDS)[number];

/** Splits between careful builders on which safety hangs: the builder decides, and the reason is kept. */
export const SAFETY_SPLITS = [
  "aerosolInside",
  "siliconeGrade",
  "metalInTheWet",
  "zinc",
  "mineralAdditives",
  "whichWater",
] as const;
export type SafetySplit = (typeof SAFETY_SPLITS)[number];
