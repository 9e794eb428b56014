import { statedMm } from "../../design/measure";
import { HOLDS } from "./holds";
import type { LayerKind } from "./kind";
import { fillId, pour } from "./of";
import type { LayerOf } from "./schema";

const WILD = {
  bought: "Leaves and wood as bought.",
  boiled: "Leaves boiled 15 min; wood scalded.",
  asFound: "Leaves and wood as found: dried two weeks and watched for pests first.",
} as const;

/** Leaf litter on top. */
export const leaves: LayerKind<LayerOf<"leaves">> = {
  word: "leaf litter",
  of: () => "dry leaves",
  holds: HOLDS.leaves,
  kgPerM3: () => 0,
  begin: (id) => ({ id, kind: "leaves", zone: null, depth: statedMm(20) }),
  // Found leaves are free: the step says what is done to them first.
  needs: (site, { depth }, { litres }) =>
    site.variant.ground.wild === "bought"
      ? [pour(fillId(site, "litter"), `${site.say(depth.value)} of leaves`, litres)]
      : [],
  steps: (site, { depth }) => [
    {
      ...{ own: "", uses: [fillId(site, "litter")], title: "Strew the leaves" },
      detail: `${site.say(depth.value)} of leaves. ${WILD[site.variant.ground.wild]}`,
      handsOnMinutes: 10,
      toHand: [site.variant.ground.wild === "bought" ? "leaves" : "the leaves you found"],
    },
  ],
};
