import { constant } from "../../figures/figure";
import { WET_VOIDS } from "../../figures/substrate";
import { formatNumber } from "../../units/format";
import { MIX, SETTLES } from "../mix";
import { HOLDS } from "./holds";
import type { LayerKind } from "./kind";
import { layIt } from "./laid";
import { mixKgPerM3, mixLitres, partsOf } from "./mixed";
import { pour } from "./of";
import type { LayerOf } from "./schema";

const namesOf = ({ parts, own }: LayerOf<"mix">): string[] => [
  ...parts.map((p) => MIX[p.what].name),
  ...own.map((p) => p.name.toLowerCase()),
];

const partWords = (layer: LayerOf<"mix">): string => {
  const names = namesOf(layer);
  const told = layer.unit === "percent" ? " %" : "";
  return [...layer.parts, ...layer.own].map((p, i) => `${p.amount.typed}${told} ${names[i]}`).join(", ");
};

/** What roots stand in, mixed by volume. */
export const mix: LayerKind<LayerOf<"mix">> = {
  word: "mix",
  of: (layer) => namesOf(layer).join(", ") || "nothing mixed yet",
  voidShare: () => WET_VOIDS,
  holds: HOLDS.mix,
  kgPerM3: (layer, book) => mixKgPerM3(partsOf({ book }, layer)),
  begin: (id) => ({ id, kind: "mix", zone: null, depth: null, unit: "parts", parts: [], own: [] }),
  needs: (site, layer, { litres }) => {
    const all = partsOf(site, layer);
    const [likely, low, high] = [SETTLES.value, SETTLES.low!, SETTLES.high!].map((s) => mixLitres(all, litres, s));
    return likely!.map(({ part, litres: l }, i) => ({
      ...pour(
        part.materialId,
        `${formatNumber(litres)} L of substrate as it lies`,
        l,
        [low![i]!.litres, high![i]!.litres],
        [constant("loose substrate settles by", SETTLES, "")],
      ),
      label: part.name,
    }));
  },
  steps: (site, layer, lies, heavy) => {
    const words = partWords(layer);
    return [
      layIt(
        site,
        {
          uses: [...new Set(partsOf(site, layer).flatMap((p) => (p.amount.value > 0 ? [p.materialId] : [])))],
          title: "Lay the substrate",
          detail: `${words ? `Mix ${words} by volume. ` : ""}It settles 10 to 20 %: top it up after a week.`,
          toHand: ["the parts of the mix", "spade"],
        },
        lies,
        heavy,
      ),
    ];
  },
};
