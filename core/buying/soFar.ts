import type { Bought } from "../bench/schema";
import { amountWords } from "../ledgers/amountWords";
import type { PackCount } from "../materials/packs";
import type { Site } from "../shell/site";
import type { BuyLine } from "./buyLine";
import { costOf } from "./costOf";
import { linesOf } from "./lines";
import type { ToBuy } from "./toBuy";

/** Packs still to be bought of those wanted; what lies on the shelf by its amount is counted there. */
const without = (wanted: PackCount[], had: readonly Bought[]): PackCount[] =>
  wanted.map(({ pack, count }) => ({
    pack,
    count: Math.max(
      0,
      count - had.reduce((n, { packs }) => n + (packs.find((p) => p.pack === pack.id)?.count ?? 0), 0),
    ),
  }));

/** A line nothing more is bought of: what it was for is done. */
const done = (line: BuyLine): BuyLine => ({ ...line, likely: [], safe: [], likelyMinor: 0, safeMinor: 0, odds: 1 });

/** A line with what was bought for it, and what is used of it. */
export function withBought(asked: BuyLine, needs: ToBuy, say: Site["say"]): BuyLine {
  const {
    bought: { boughtFor, usedOf },
    usedUp,
  } = needs;
  const line = usedUp.has(asked.materialId) ? done(asked) : asked;
  const had = boughtFor.get(line.id) ?? [];
  const usedAmount = usedOf.get(line.materialId) ?? 0;
  const unit = needs.supplies.find((s) => s.materialId === line.materialId)?.unit;
  const used = usedAmount > 0 && unit ? amountWords({ unit, amount: usedAmount }, say) : null;
  const isOver = (counts: readonly PackCount[]) =>
    (had.length > 0 || usedAmount > 0 || usedUp.has(line.materialId)) && counts.every(({ count }) => count === 0);
  const over = (counts: readonly PackCount[]) => (isOver(counts) ? { over: true as const } : {});
  if (had.length === 0) return { ...line, ...(used && { used }), ...over(line.likely) };
  const bought = had.flatMap(({ packs }) => packs.map(({ name, count }) => `${count} × ${name}`)).join(", ");
  const told = { ...line, bought, ...(used && { used }), ...over(line.likely) };
  if (line.shelf) return told;
  const [likely, safe] = [without(line.likely, had), without(line.safe, had)];
  return {
    ...{ ...told, ...over(likely) },
    likely,
    safe,
    likelyMinor: line.likelyMinor === null ? null : costOf(likely),
    safeMinor: line.safeMinor === null ? null : costOf(safe),
  };
}

/** Whether nothing was bought or used for the build yet. */
export const isUntouched = ({ supplies, whole, bought, usedUp }: ToBuy): boolean =>
  bought.boughtFor.size === 0 &&
  bought.usedOf.size === 0 &&
  usedUp.size === 0 &&
  supplies.every((s, i) => s === whole[i]);

/** The list as it was before anything was bought or used: with what was on the shelf then. */
export function wholeLines(site: Site, needs: ToBuy): BuyLine[] {
  const { tookOf, shelvedOf } = needs.bought;
  const materials = new Set([...needs.stock.onHand.map((s) => s.material), ...tookOf.keys()]);
  const onHand = [...materials].map((material) => {
    const now = needs.stock.onHand.reduce((n, s) => n + (s.material === material ? s.amount : 0), 0);
    const amount = Math.max(0, now + (tookOf.get(material) ?? 0) - (shelvedOf.get(material) ?? 0));
    return { material, amount, note: "" };
  });
  return linesOf(site, needs, needs.whole, { ...needs.stock, onHand });
}
