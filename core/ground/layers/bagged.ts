import { WET_GROUND, WET_VOIDS } from "../../figures/substrate";
import { formatNumber } from "../../units/format";
import { SETTLES } from "../mix";
import { HOLDS } from "./holds";
import type { LayerKind } from "./kind";
import { layIt } from "./laid";
import { pour } from "./of";
import type { LayerOf } from "./schema";

/** The material of the book that a bag of ready-made mix is. */
const BAGGED = "fill-bagged";

/** A ready-made mix, out of the bag. */
export const bagged: LayerKind<LayerOf<"bagged">> = {
  word: "bagged mix",
  of: ({ name }) => name,
  voidShare: () => WET_VOIDS,
  holds: HOLDS.mix,
  kgPerM3: () => WET_GROUND.value,
  begin: (id) => ({
    ...{ id, kind: "bagged", zone: null, depth: null, name: "Bagged mix" },
    bag: { typed: "10 L", value: 10, how: "stated" },
  }),
  needs: (_, layer, { litres }) => {
    const loose = (share: number) => litres / (1 - share);
    return [
      pour(BAGGED, `${formatNumber(litres)} L of ${layer.name.toLowerCase()} as it lies`, loose(SETTLES.value), [
        loose(SETTLES.low!),
        loose(SETTLES.high!),
      ]),
    ];
  },
  steps: (site, layer, lies, heavy) => {
    const bags = lies.litres / (1 - SETTLES.value) / layer.bag.value;
    return [
      layIt(
        site,
        {
          uses: [BAGGED],
          title: `Lay the substrate, ${layer.name.toLowerCase()}`,
          detail: `${formatNumber(bags, 1, "up")} bags of ${formatNumber(layer.bag.value)} L. It settles 10 to 20 %: top it up after a week.`,
          toHand: ["bags", "spade"],
        },
        lies,
        heavy,
      ),
    ];
  },
};
