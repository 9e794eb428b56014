import { airTrade } from "../air/trade";
import { backgroundTrade } from "../background/trade";
import { bareShellTrade } from "../bareShell/trade";
import { boxesTrade } from "../boxes/trade";
import { closuresTrade } from "../closures/trade";
import { curesTrade } from "../cures/trade";
import { dayTrade } from "../day/trade";
import { dividersTrade } from "../dividers/trade";
import { featuresTrade } from "../features/trade";
import { fixtureTellsTrade } from "../fixtures/tells";
import { fixturesTrade } from "../fixtures/trade";
import { gapsTrade } from "../gaps/trade";
import { groundTrade } from "../ground/trade";
import { hardscapeTrade } from "../hardscape/trade";
import { oddTrade } from "../odd/trade";
import { panesTrade } from "../panes/trade";
import { placementTrade } from "../placement/trade";
import { putUpTrade } from "../putUp/trade";
import { residentsTrade } from "../residents/trade";
import { waterTestTrade } from "../seal/test/trade";
import { sealTrade } from "../seal/trade";
import { serviceTrade } from "../service/trade";
import { slipsTrade } from "../slips/trade";
import { standTrade } from "../stand/trade";
import { standingTrade } from "../standing/trade";
import { streamsTrade } from "../streams/trade";
import type { Trade } from "../trade/trade";
import { vesselsTrade } from "../vessels/trade";

/** Every trade, in the order its ledger is read. Beside its folder and its schemas, a trade is one line here. */
export const TRADES: readonly Trade[] = [
  residentsTrade,
  standingTrade,
  bareShellTrade,
  putUpTrade,
  closuresTrade,
  gapsTrade,
  curesTrade,
  featuresTrade,
  airTrade,
  sealTrade,
  waterTestTrade,
  panesTrade,
  placementTrade,
  backgroundTrade,
  groundTrade,
  hardscapeTrade,
  dividersTrade,
  boxesTrade,
  vesselsTrade,
  streamsTrade,
  serviceTrade,
  fixtureTellsTrade,
  fixturesTrade,
  dayTrade,
  oddTrade,
  slipsTrade,
  standTrade,
];
