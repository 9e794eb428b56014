import { AUDIT } from "../escape/facts";
import { airStage } from "../features/stages";
import { fact } from "../ledgers/facts";
import { emptyLedger } from "../ledgers/ledger";
import type { Trade } from "../trade/trade";
import { airFigures } from "./figures";
import { OVER_TOP, overTopOf } from "./overTop";
import { AIRWAYS, airwaysOf } from "./paths";
import { airSnags } from "./snags";

/** Vents and gaps: free area, and a first look at the flow. How vents are cut and meshed is the features' own. */
export const airTrade: Trade = {
  id: "air",
  stage: airStage,
  reads: ["features", "closures"],
  needs: [AUDIT],
  gives: [OVER_TOP, AIRWAYS],
  plan(site, { facts }) {
    const airways = airwaysOf(site, facts.one(AUDIT)?.ways ?? []);
    return {
      ...emptyLedger(),
      snags: airSnags(site, airways),
      figures: airFigures(site, airways),
      facts: [fact(OVER_TOP, overTopOf(site, airways)), fact(AIRWAYS, airways)],
    };
  },
};
