import { PORTS } from "../features/facts";
import { MIST, NO_MIST } from "../fixtures/facts";
import { fact } from "../ledgers/facts";
import type { TradeLedger } from "../ledgers/ledger";
import { MASS } from "../ledgers/masses";
import { gatherNeeds } from "../ledgers/needs";
import { METAL_INSIDE, SPLIT_MET, type SplitMet } from "../seal/facts";
import type { Site } from "../shell/site";
import type { Told, Trade } from "../trade/trade";
import { POOLS, SHARED_LITRES } from "../vessels/facts";
import { BARRIER } from "./barrier";
import { FILLS } from "./facts";
import { groundFigures } from "./figures";
import { checkGround } from "./limits";
import { fillOf } from "./mass";
import { outletNeeds } from "./outlet";
import { ROOTED_WAYS } from "./planting/rooted";
import { plantSnags } from "./planting/snags";
import { plantingNeeds } from "./planting/supplies";
import { poolsHold, sharedWater } from "./pools";
import { layerSnags } from "./rules/layers";
import { levelSnags } from "./rules/levels";
import { mistingSnags } from "./rules/misting";
import { mixSnags } from "./rules/mix";
import { groundIsPlanned } from "./site";
import { groundSteps } from "./steps";
import { groundNeeds, groundParts } from "./supplies";

const MINERAL_ADDITIVES: SplitMet = { split: "mineralAdditives", because: "there will be substrate in it" };
const ZINC_PINS: SplitMet = { split: "zinc", because: "plants are pinned with galvanised wire" };

/** The layers from the base up, and plants: what they take, in what order, and whether their levels agree. */
function planGround(site: Site, { facts }: Told): TradeLedger {
  const planned = groundIsPlanned(site);
  const fills = fillOf(site);
  const { openL, heldL, soakedL } = sharedWater(site);
  const needs = [...outletNeeds(site), ...(planned ? [...groundNeeds(site), ...plantingNeeds(site)] : [])];
  const gathered = gatherNeeds(site.book, "ground", needs);
  return {
    facts: [
      fact(FILLS, fills),
      ...fills.map(({ kg }) => fact(MASS, { when: "filled", kg })),
      ...splitsRaised(site).map((met) => fact(SPLIT_MET, met)),
      ...poolsHold(site).map((pool) => fact(POOLS, pool)),
      fact(SHARED_LITRES, openL + heldL + soakedL),
    ],
    parts: planned ? groundParts(site) : [],
    supplies: gathered.supplies,
    steps: groundSteps(site),
    snags: [
      ...levelSnags(site, facts.one(PORTS) ?? []),
      ...mistingSnags(site, facts.one(MIST) ?? NO_MIST),
      ...layerSnags(site),
      ...mixSnags(site),
      ...plantSnags(site),
    ],
    figures: [...(planned ? groundFigures(site) : []), ...gathered.figures],
  };
}

/** The questions of safety that the ground raises. */
const splitsRaised = ({ variant: { ground }, shell }: Site): SplitMet[] => [
  ...(ground.layers.some((l) => l.kind === "barrier" && BARRIER[l.cloth].metal) ? [METAL_INSIDE] : []),
  ...(shell.levels.groundMm > 0 ? [MINERAL_ADDITIVES] : []),
  ...(ground.plants.some((p) => ROOTED_WAYS[p.by].zinc) ? [ZINC_PINS] : []),
];

export const groundTrade: Trade = {
  id: "ground",
  stage: { id: "ground", key: "3", label: "Water & substrate", group: "design" },
  reads: ["ground", "hardscape", "background", "boxes", "dividers", "vessels", "seal", "shell"],
  needs: [PORTS, MIST],
  gives: [FILLS, MASS, SPLIT_MET, POOLS, SHARED_LITRES],
  check: ({ ground }, checker) => checkGround(ground, checker),
  plan: planGround,
};
