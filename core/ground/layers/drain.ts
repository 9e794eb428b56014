import { statedMm } from "../../design/measure";
import type { Site } from "../../shell/site";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import { DRAINS, SOAK_MINUTES } from "../drain";
import type { DrainBody } from "../names";
import { gridNeeds, gridParts, gridWords } from "./grid";
import type { LayerKind } from "./kind";
import { clothId, cutToLand, fillId, offTheRoll, pour } from "./of";
import type { LayerOf } from "./schema";

/** The material of the book that a drainage layer's body is of: poured, or cut. */
const MATERIAL_OF: Record<DrainBody, (site: Pick<Site, "book">) => string> = {
  clay: (site) => fillId(site, "clay"),
  stones: (site) => fillId(site, "stones"),
  gravel: (site) => fillId(site, "gravel"),
  eggCrate: (site) => clothId(site, "eggCrate"),
  sponge: (site) => clothId(site, "sponge"),
  mat: (site) => clothId(site, "drainMat"),
};
export const drainMaterial = (site: Pick<Site, "book">, body: DrainBody): string => MATERIAL_OF[body](site);

/** What water gathers in, beneath all else. */
export const drain: LayerKind<LayerOf<"drain">> = {
  word: "drainage layer",
  gathers: true,
  of: ({ body }) => DRAINS[body].name,
  voidShare: ({ body }) => DRAINS[body].voidShare,
  kgPerM3: ({ body }) => DRAINS[body].bulkKgPerM3.value,
  begin: (id) => ({ id, kind: "drain", zone: null, body: "clay", depth: statedMm(50) }),
  needs: (site, layer, lies) =>
    DRAINS[layer.body].bought === "fill"
      ? [pour(drainMaterial(site, layer.body), `${site.say(layer.depth.value)} of drainage layer`, lies.litres)]
      : [...offTheRoll(drain.parts!(site, layer, lies)), ...gridNeeds(site, layer, lies)],
  parts: (site, layer, lies) => {
    const { name, bought } = DRAINS[layer.body];
    if (bought === "fill") return [];
    const own = {
      ...{ id: `ground/${layer.id}`, label: name, materialId: drainMaterial(site, layer.body), qty: 1 },
      thicknessMm: layer.depth.value,
    };
    return layer.body === "eggCrate" ? gridParts(site, own, lies) : cutToLand(own, lies, 0);
  },
  steps: (site, layer, lies, heavy) => {
    const { name, mind, bought } = DRAINS[layer.body];
    const uses = [...new Set(drain.needs(site, layer, lies).map((n) => n.materialId))];
    return [
      ...(bought === "fill"
        ? [
            {
              ...{ own: "rinse", outside: true as const, uses, title: `Rinse the ${name}` },
              detail: "Until it runs clear; left to soak for humidity from the first day.",
              handsOnMinutes: 10 + lies.litres,
              waitMinutes: SOAK_MINUTES,
              waitFor: "it to soak",
              toHand: ["sieve", "bucket"],
              passSign: "The water runs clear.",
            },
          ]
        : []),
      {
        ...{ own: "", uses, title: `Lay the drainage layer, ${site.say(layer.depth.value)} of ${name}` },
        detail: `On its final stand. ${layer.body === "eggCrate" ? gridWords(site, lies) : mind}`,
        handsOnMinutes: Math.max(10, (RATES.barrierPerM2.value / 2) * lies.landM2),
        work: "barrier",
        toHand: [name],
        cautions: heavy ? [CAUTION.lift] : [],
        figure: "ground/capacity",
        passSign: "Level; nothing loose from the walls under it.",
      },
    ];
  },
};
