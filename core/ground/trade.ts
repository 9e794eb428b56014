import { fact } from "../ledgers/facts";
import { set } from "../ledgers/fix";
import type { Snag, TradeLedger } from "../ledgers/ledger";
import { MASS } from "../ledgers/masses";
import { gatherNeeds } from "../ledgers/needs";
import { METAL_INSIDE, SPLIT_MET, type SplitMet } from "../seal/facts";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { BARRIER } from "./barrier";
import { FILLS } from "./facts";
import { groundFigures } from "./figures";
import { checkGround } from "./limits";
import { fillOf } from "./mass";
import { levelSnags } from "./rules/levels";
import { mixSnags } from "./rules/mix";
import { plantSnags } from "./rules/plants";
import { poolSnags } from "./rules/pool";
import { groundIsPlanned } from "./site";
import { groundSteps } from "./steps";
import { groundNeeds, groundParts } from "./supplies";

const MINERAL_ADDITIVES: SplitMet = { split: "mineralAdditives", because: "there will be substrate in it" };

/** Drain layer, barrier, ground, pool and plants: what they take, in what order, and whether their levels agree. */
function planGround(site: Site): TradeLedger {
  const planned = groundIsPlanned(site);
  const fills = fillOf(site.shell, site.variant);
  const gathered = gatherNeeds(site.book, "ground", planned ? groundNeeds(site) : []);
  return {
    facts: [
      fact(FILLS, fills),
      ...fills.map(({ kg }) => fact(MASS, { when: "filled", kg })),
      ...splitsRaised(site).map((met) => fact(SPLIT_MET, met)),
    ],
    parts: planned ? groundParts(site) : [],
    supplies: gathered.supplies,
    steps: groundSteps(site),
    snags: [...levelSnags(site), ...poolSnags(site), ...mixSnags(site), ...plantSnags(site), ...dishSnags(site)],
    figures: [...(planned ? groundFigures(site) : []), ...gathered.figures],
  };
}

/** The questions of safety that the ground raises. */
const splitsRaised = ({ variant, shell }: Site): SplitMet[] => [
  ...(variant.ground.barrier && BARRIER[variant.ground.barrier.kind].metal ? [METAL_INSIDE] : []),
  ...(shell.levels.groundMm > 0 ? [MINERAL_ADDITIVES] : []),
];

function dishSnags({ variant, at }: Site): Snag[] {
  if (!variant.ground.dish?.wicked) return [];
  return [
    {
      rule: "ground/dish-wicks",
      subject: "dish",
      severity: "mind",
      stage: "ground",
      title: "The dish is sucked dry",
      sentence: "Moss or substrate touches its rim.",
      reason: "It wicks a dish empty in a day and soaks what is round it (common practice, no source).",
      fix: { label: "Stand it clear on a stone", patch: [set(at("/ground/dish/wicked"), false)] },
    },
  ];
}

export const groundTrade: Trade = {
  id: "ground",
  stage: { id: "ground", key: "3", label: "Water & substrate", group: "design" },
  reads: ["ground", "hardscape", "background", "seal", "features", "service", "shell"],
  needs: [],
  gives: [FILLS, MASS, SPLIT_MET],
  check: ({ ground }, checker) => checkGround(ground, checker),
  plan: planGround,
};
