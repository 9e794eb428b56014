import { statedMm } from "../../design/measure";
import { RATES } from "../../workshop/rates";
import { BARRIER, CURL_MM } from "../barrier";
import type { LayerKind } from "./kind";
import { clothId, cutToLand, offTheRoll } from "./of";
import type { LayerOf } from "./schema";

/** What keeps one layer out of another. */
export const barrier: LayerKind<LayerOf<"barrier">> = {
  word: "barrier",
  of: ({ cloth }) => BARRIER[cloth].name,
  kgPerM3: () => 0,
  begin: (id) => ({ id, kind: "barrier", zone: null, cloth: "weedCloth", curl: statedMm(CURL_MM.value) }),
  needs: (site, layer, lies) => offTheRoll(barrier.parts!(site, layer, lies)),
  parts: (site, layer, lies) => {
    const { name, form, layers } = BARRIER[layer.cloth];
    const own = { id: `ground/${layer.id}`, label: `Barrier, ${name}`, materialId: clothId(site, form), qty: layers };
    return cutToLand({ ...own, thicknessMm: 0 }, lies, layer.curl.value);
  },
  steps: (site, layer, lies) => [
    {
      ...{ own: "", uses: [clothId(site, BARRIER[layer.cloth].form)] },
      title: `Lay the barrier, ${BARRIER[layer.cloth].name}`,
      detail: `Curl of ${site.say(layer.curl.value)} up every wall, not trimmed; corners filled first.`,
      handsOnMinutes: Math.max(10, (RATES.barrierPerM2.value / 2) * lies.landM2),
      work: "barrier",
      toHand: ["cloth", "scissors"],
      passSign: "Oversize all round, corners filled.",
    },
  ],
};
