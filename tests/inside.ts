import { statedMm } from "../core/design/measure";
import type { Divider } from "../core/dividers/schema";
import type { Pool } from "../core/vessels/schema";

/** A pool of 300 × 450 at the right of a tank of 900 × 450, one level with its land. */
export const poolOf = (own: Partial<Pool> = {}): Pool => ({
  ...{ id: "pool", kind: "pool", name: "Pool", face: "base", zone: null, divider: null },
  ...{ u: statedMm(750), v: statedMm(225), width: statedMm(300), length: statedMm(450) },
  ...{ wayOut: "ramp", ramp: statedMm(40) },
  ...own,
});

/** A pane of 6 mm glass from the front to the back, 600 from the left, that keeps one side dry. */
export const dividerOf = (own: Partial<Divider> = {}): Divider => ({
  ...{ id: "d", name: "Pane", origin: "made", height: statedMm(100), watertight: true },
  line: { from: { on: "front", at: statedMm(600) }, to: { on: "back", at: statedMm(600) } },
  layers: [{ id: "layer-1", of: "glass", material: "glass-6" }],
  ...own,
});
