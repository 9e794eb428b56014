import { statedMm } from "../../design/measure";
import { memory } from "../../figures/figure";
import { formatNumber } from "../../units/format";
import { HOLDS } from "./holds";
import type { LayerKind } from "./kind";
import { layIt } from "./laid";
import { fillId, pour } from "./of";
import type { LayerOf } from "./schema";

/** Sand in bulk, wet, kg/m³; and its voids. From memory. */
const WET_SAND = { value: 1900, low: 1800, high: 2050, basis: memory } as const;
const SAND_VOIDS = { value: 0.35, low: 0.3, high: 0.4, basis: memory } as const;

/** Washed sand: a layer, or a bank of it. */
export const sand: LayerKind<LayerOf<"sand">> = {
  word: "sand",
  of: () => "washed sand",
  voidShare: () => SAND_VOIDS,
  holds: HOLDS.sand,
  kgPerM3: () => WET_SAND.value,
  begin: (id) => ({ id, kind: "sand", zone: null, depth: statedMm(20) }),
  needs: (site, _, { litres }) => [pour(fillId(site, "sand"), `${formatNumber(litres)} L of sand as it lies`, litres)],
  steps: (site, _, lies, heavy) => [
    layIt(
      site,
      {
        uses: [fillId(site, "sand")],
        title: "Lay the sand",
        detail: "Washed two or three times, until the water is clear.",
        toHand: ["washed sand", "spade"],
      },
      lies,
      heavy,
    ),
  ],
};
