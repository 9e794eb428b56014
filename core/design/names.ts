/** The six inner sides of a shell. Names alone, without the schemas: what draws needs no more. */
export const FACES = ["base", "top", "left", "right", "back", "front"] as const;
export type FaceId = (typeof FACES)[number];

/** How one opening for air is cut. */
export const OPENING_SHAPES = ["panel", "slot", "round"] as const;
/** What passes a port. */
export const PORT_USES = ["cable", "probe", "tube", "drain", "nozzle"] as const;
/** What keeps its place on a face free. */
export const KEEP_OUT_USES = ["heatMat", "window", "lamp", "doorSwing"] as const;
