/** What holds water in the room and can be lifted out, or is sunk in the substrate; `core/vessels/kinds.ts` says what each is. */
export const VESSEL_KINDS = ["dish", "pail", "tub"] as const;
export type VesselKindId = (typeof VESSEL_KINDS)[number];

/** What a vessel is made of. */
export const VESSEL_STUFFS = ["plastic", "glazed", "glass", "steel", "galvanised", "stone"] as const;
export type VesselStuff = (typeof VESSEL_STUFFS)[number];

/** How what falls in gets out. */
export const WAYS_OUT = ["none", "ramp", "stones"] as const;
