import { emptyLedger, gather, type TradeLedger } from "../../ledgers/ledger";
import type { Closed } from "../here";
import { closureKind } from "../kinds/index";
import { besideSnags } from "./beside";
import { bulkSnags } from "./bulk";
import { roomFigure, roomTaken } from "./opens";
import { reachOfHand } from "./reach";
import { toOpenSnags } from "./toOpen";
import { underSnags } from "./under";

/** What every door and lid needs about it: room to open, what it carries, what stands under it; what passes, and how far in a hand gets. */
export function planRoom(openings: readonly Closed[]): TradeLedger {
  const [first] = openings;
  if (!first) return emptyLedger();
  const { site } = first.here;
  const reach = reachOfHand(
    site,
    openings.map(({ opening }) => opening),
  );
  return gather([
    ...openings.map(({ closure, opening, here }): TradeLedger => {
      if (!closure) return emptyLedger();
      const leaves = closureKind(closure).leaves(here, closure);
      const taken = roomTaken(leaves, opening);
      return {
        ...emptyLedger(),
        figures: taken ? [roomFigure(here.id("room"), leaves, taken)] : [],
        snags: [...toOpenSnags(here, closure, taken), ...underSnags(here, closure), ...besideSnags(here, leaves)],
      };
    }),
    { ...emptyLedger(), figures: reach.figures, snags: [...reach.snags, ...bulkSnags(openings)] },
  ]);
}
