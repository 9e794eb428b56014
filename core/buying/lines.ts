import { fillBars } from "../cuts/bars/fillBars";
import { sawSizeMm } from "../cuts/sawSize";
import type { SheetGroup } from "../cuts/sheets";
import { amountWords } from "../ledgers/amountWords";
import type { Part, Supply } from "../ledgers/ledger";
import { findMaterial, packsOf } from "../materials/find";
import { cheapestPacks } from "../materials/packs";
import type { Site } from "../shell/site";
import type { Stock } from "../stock/schema";
import type { BuyLine } from "./buyLine";
import { costOf } from "./costOf";
import { slipLines } from "./slipLines";
import { oddsEnough, safeNeed } from "./spread";
import type { ToBuy } from "./toBuy";

/** Every line of the list, for these supplies and this shelf. */
export const linesOf = (site: Site, { groups, parts }: ToBuy, supplies: readonly Supply[], stock: Stock): BuyLine[] => [
  ...groups.filter((g) => !g.own).map((g) => sheetLine(site, g)),
  ...glassLines(site, parts),
  ...barLines(site, parts),
  ...slipLines(site),
  ...mergedSupplies(supplies).map((s) => supplyLine(site, s, stock)),
];

function sheetLine(site: Site, group: SheetGroup): BuyLine {
  const stock = findMaterial(site.book, group.material.id, "sheet")!.stock;
  const counts = Object.entries(group.bought).map(([id, count]) => ({
    pack: stock.find((s) => s.id === id)!,
    count,
  }));
  const cost = costOf(counts);
  return {
    id: `buying/${group.material.id}`,
    label: group.material.name,
    materialId: group.material.id,
    need: `${group.parts.reduce((n, p) => n + p.qty, 0)} parts`,
    likely: counts,
    safe: counts,
    likelyMinor: cost,
    safeMinor: cost,
    odds: 1,
    onHand: group.offcutsUsed.length > 0 ? `${group.offcutsUsed.length} from the rack` : "",
    shelf: false,
    figure: `cuts/${group.material.id}/sheets`,
  };
}

function glassLines(site: Site, parts: Part[]): BuyLine[] {
  return parts
    .filter((p) => p.kind === "pane")
    .map((part): BuyLine => {
      const glass = findMaterial(site.book, part.materialId, "glass")!;
      const areaM2 = (part.lengthMm * part.widthMm * part.qty) / 1e6;
      const cost = glass.perM2.priceMinor === null ? null : Math.round(glass.perM2.priceMinor * areaM2);
      const counts = [{ pack: { ...glass.perM2, name: "cut to size", priceMinor: cost }, count: part.qty }];
      return {
        id: `buying/${part.id}`,
        label: `${part.label}: ${glass.name}`,
        materialId: glass.id,
        need: `${site.say(sawSizeMm(part.lengthMm))} × ${site.say(sawSizeMm(part.widthMm))}`,
        likely: counts,
        safe: counts,
        likelyMinor: cost,
        safeMinor: cost,
        odds: 1,
        onHand: "",
        shelf: false,
        ...(part.figure && { figure: part.figure }),
      };
    });
}

/** Bars of one material: what each pack of them gives, and what is longer than any. */
export function barGroups(site: Site, parts: Part[]) {
  const bars = parts.filter((p) => p.kind === "bar");
  return [...new Set(bars.map((p) => p.materialId))].flatMap((id) => {
    const material = site.book.materials.find((m) => m.id === id);
    const [pack] = material ? packsOf(material) : [];
    if (!material || !pack) return [];
    const own = bars.filter((p) => p.materialId === id && !p.comesWith);
    const paired = bars.filter((p) => p.materialId === id && p.comesWith).length > 0;
    return [
      {
        ...{ material, pack, own, paired },
        ...fillBars(
          own.flatMap((p) => Array<number>(p.qty).fill(p.lengthMm + (p.endsMm ?? 0))),
          pack.content,
          site.workshop.kerfMm,
        ),
      },
    ];
  });
}

function barLines(site: Site, parts: Part[]): BuyLine[] {
  return barGroups(site, parts).map(({ material, pack, own, paired, bars, tooLong }): BuyLine => {
    // A run longer than a bar is butted from whole bars.
    const count = bars.length + tooLong.reduce((n, mm) => n + Math.ceil(mm / pack.content), 0);
    const counts = [{ pack, count }];
    const cost = costOf(counts);
    return {
      id: `buying/${material.id}`,
      label: material.name,
      materialId: material.id,
      need: own
        .map(
          (p) =>
            `${p.qty > 1 ? `${p.qty} × ` : ""}${site.say(sawSizeMm(p.lengthMm))}${paired ? ", bottom and top" : ""}`,
        )
        .join(", "),
      likely: counts,
      safe: counts,
      likelyMinor: cost,
      safeMinor: cost,
      odds: 1,
      onHand: "",
      shelf: false,
    };
  });
}

/** Supplies of one material as one: packs are rounded up, and what is on hand is used, once. */
export function mergedSupplies(supplies: readonly Supply[]): Supply[] {
  const merged = new Map<string, Supply>();
  for (const supply of supplies) {
    const before = merged.get(supply.materialId);
    merged.set(
      supply.materialId,
      before
        ? {
            ...before,
            likely: before.likely + supply.likely,
            low: before.low + supply.low,
            high: before.high + supply.high,
            why: `${before.why}; ${supply.why}`,
          }
        : supply,
    );
  }
  return [...merged.values()];
}

function supplyLine(site: Site, supply: Supply, stock: Stock): BuyLine {
  const material = site.book.materials.find((m) => m.id === supply.materialId);
  const packs = material ? packsOf(material) : [];
  const onHand = stock.onHand.filter((s) => s.material === supply.materialId).reduce((n, s) => n + s.amount, 0);
  const likely = cheapestPacks(packs, supply.likely - onHand);
  const safe = cheapestPacks(packs, safeNeed(supply) - onHand);
  const amount = likely.reduce((n, { pack, count }) => n + pack.content * count, onHand);
  const words = (amount: number) => amountWords({ unit: supply.unit, amount }, site.say);
  return {
    id: `buying/${supply.id}`,
    label: supply.label,
    materialId: supply.materialId,
    need:
      supply.likely === 0
        ? `done: ${supply.why}`
        : `${words(supply.likely)}${supply.high > supply.low ? `, ${words(supply.low)} to ${words(supply.high)}` : ""}: ${supply.why}`,
    likely,
    safe,
    // Nothing to reckon packs by is no price of nought.
    likelyMinor: packs.some((p) => p.content > 0) ? costOf(likely) : null,
    safeMinor: packs.some((p) => p.content > 0) ? costOf(safe) : null,
    odds: oddsEnough(supply, amount),
    onHand: onHand > 0 ? words(onHand) : "",
    shelf: true,
    ...(supply.figure && { figure: supply.figure }),
  };
}
