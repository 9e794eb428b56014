import { statedMm } from "../../design/measure";
import { HOLDS } from "./holds";
import type { LayerKind } from "./kind";
import { fillId, pour } from "./of";
import type { LayerOf } from "./schema";

/** Moss laid on the substrate, alive or soaked. */
export const moss: LayerKind<LayerOf<"moss">> = {
  word: "moss",
  of: () => "moss",
  holds: HOLDS.moss,
  kgPerM3: () => 0,
  begin: (id) => ({ id, kind: "moss", zone: null, depth: statedMm(20) }),
  needs: (site, { depth }, { litres }) => [pour(fillId(site, "moss"), `${site.say(depth.value)} of moss`, litres)],
  steps: (site, { depth }) => [
    {
      ...{ own: "", uses: [fillId(site, "moss")], title: "Lay the moss" },
      detail: `${site.say(depth.value)} of it, soaked and pressed out. It wicks: keep it off the rim of every dish.`,
      handsOnMinutes: 10,
      toHand: ["moss"],
      passSign: "No strand hangs into a dish.",
    },
  ],
};
