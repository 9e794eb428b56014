import { list, type Plain } from "./plain";

/** Nothing inside, as version 5 wrote it: an upgrade stays as it was, whatever later versions begin with. */
const inside5 = (): Plain => ({
  background: { walls: [], zones: [], swatches: [] },
  ground: {
    ...{ front: null, drain: null, barrier: null, charcoal: null, litter: null, misting: null, lost: null },
    mix: { unit: "parts", parts: [] },
    outlet: "none",
    ...{ pool: null, dish: null, plants: [] },
    quarantineDays: { typed: "30", value: 30, how: "stated" },
    roots: "strip",
    wild: "bought",
    crew: "before",
    settleWeeks: { typed: "0", value: 0, how: "stated" },
  },
  service: [],
});

/** Version 5: walls have backgrounds, the ground its layers, and a keep-out reaches into the room. */
export const to5 = (build: Plain): Plain => ({
  ...build,
  version: 5,
  variants: list(build.variants).map((variant) => ({
    ...variant,
    features: list(variant.features).map((f) => (f.kind === "keepOut" ? { ...f, deep: null } : f)),
    ...inside5(),
  })),
});
