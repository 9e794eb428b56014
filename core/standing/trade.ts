import { HUNG } from "../closures/facts";
import { shellStage } from "../features/stages";
import { FILLS } from "../ground/facts";
import { emptyLedger } from "../ledgers/ledger";
import type { Trade } from "../trade/trade";
import { standingSnags } from "./snags";
import { standingFigures } from "./standing";

/** How it stands: what it weighs, whether it tips, what the floor bears. */
export const standingTrade: Trade = {
  id: "standing",
  stage: shellStage,
  reads: [],
  needs: [HUNG, FILLS],
  gives: [],
  plan(site, { facts }) {
    const figures = standingFigures(site, facts.one(HUNG), facts.one(FILLS) ?? []);
    return { ...emptyLedger(), figures, snags: standingSnags(site, figures) };
  },
};
