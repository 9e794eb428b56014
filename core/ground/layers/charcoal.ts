import { statedMm } from "../../design/measure";
import { memory } from "../../figures/figure";
import { CAUTION } from "../../workshop/cautions";
import { SOAK_MINUTES } from "../drain";
import type { LayerKind } from "./kind";
import { fillId, pour } from "./of";
import type { LayerOf } from "./schema";

/** Charcoal in bulk, wet, kg/m³. */
export const CHARCOAL = { value: 450, low: 300, high: 600, basis: memory } as const;

/** Crushed, on the barrier. */
export const charcoal: LayerKind<LayerOf<"charcoal">> = {
  word: "charcoal",
  of: () => "charcoal",
  voidShare: () => ({ value: 0.45, low: 0.35, high: 0.55, basis: memory }),
  kgPerM3: () => CHARCOAL.value,
  begin: (id) => ({ id, kind: "charcoal", zone: null, depth: statedMm(10) }),
  needs: (site, layer, { litres }) => [
    pour(fillId(site, "charcoal"), `${site.say(layer.depth.value)} of charcoal`, litres),
  ],
  steps: (site) => [
    {
      ...{ own: "", uses: [fillId(site, "charcoal")], title: "Charcoal" },
      detail: "Wetted before it is smashed, rinsed, spread.",
      handsOnMinutes: 20,
      waitMinutes: SOAK_MINUTES,
      waitFor: "it to soak",
      toHand: ["charcoal", "hammer", "bag", "mask"],
      cautions: [CAUTION.dust],
    },
  ],
};
