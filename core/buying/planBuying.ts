import type { BoughtAndUsed } from "../bench/bought";
import type { Bought } from "../bench/schema";
import { fillBars } from "../cuts/bars/fillBars";
import { sawSizeMm } from "../cuts/sawSize";
import type { SheetGroup } from "../cuts/sheets";
import { emptyLedger, type Part, type Snag, type Step, type Supply, type TradeLedger } from "../ledgers/ledger";
import { findMaterial, packsOf } from "../materials/find";
import { cheapestPacks, type PackCount } from "../materials/packs";
import type { Site } from "../shell/site";
import type { Stock } from "../stock/schema";
import { formatNumber } from "../units/format";
import { formatMoney, majorUnits } from "../units/money";
import type { BuyLine } from "./buyLine";
import { oldCans } from "./oldCans";
import { slipLines } from "./slipLines";
import { oddsEnough, safeNeed } from "./spread";

export interface BuyLedger extends TradeLedger {
  lines: BuyLine[];
  /** What was paid for what is bought already. */
  spentMinor: number;
  /** What the whole build costs beside what was on hand, bought and used or not. */
  wholeLikelyMinor: number;
  wholeSafeMinor: number;
  likelyMinor: number;
  safeMinor: number;
  unpriced: number;
}

const costOf = (counts: PackCount[]): number | null =>
  counts.reduce<number | null>(
    (sum, { pack, count }) => (sum === null || pack.priceMinor === null ? null : sum + pack.priceMinor * count),
    0,
  );

/** What the shopping list is made of. */
interface ToBuy {
  parts: Part[];
  /** What steps that are still to be done need, and what all of them do. */
  supplies: Supply[];
  whole: Supply[];
  groups: SheetGroup[];
  stock: Stock;
  now: string;
  bought: BoughtAndUsed;
  /** Materials that nothing still to be done uses. */
  usedUp: ReadonlySet<string>;
}

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
function withBought(
  asked: BuyLine,
  { bought: { boughtFor, usedOf }, usedUp }: ToBuy,
  words: (n: number) => string | null,
): BuyLine {
  const line = usedUp.has(asked.materialId) ? done(asked) : asked;
  const had = boughtFor.get(line.id) ?? [];
  const usedAmount = usedOf.get(line.materialId) ?? 0;
  const used = usedAmount > 0 ? words(usedAmount) : null;
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

/** Every line of the list, for these supplies and this shelf. */
const linesOf = (site: Site, { groups, parts }: ToBuy, supplies: readonly Supply[], stock: Stock): BuyLine[] => [
  ...groups.filter((g) => !g.own).map((g) => sheetLine(site, g)),
  ...glassLines(site, parts),
  ...barLines(site, parts),
  ...slipLines(site),
  ...mergedSupplies(supplies).map((s) => supplyLine(site, s, stock)),
];

/** Whether nothing was bought or used for the build yet. */
const isUntouched = ({ supplies, whole, bought, usedUp }: ToBuy): boolean =>
  bought.boughtFor.size === 0 &&
  bought.usedOf.size === 0 &&
  usedUp.size === 0 &&
  supplies.every((s, i) => s === whole[i]);

/** The list as it was before anything was bought or used: with what was on the shelf then. */
function wholeLines(site: Site, needs: ToBuy): BuyLine[] {
  const { tookOf, shelvedOf } = needs.bought;
  const materials = new Set([...needs.stock.onHand.map((s) => s.material), ...tookOf.keys()]);
  const onHand = [...materials].map((material) => {
    const now = needs.stock.onHand.reduce((n, s) => n + (s.material === material ? s.amount : 0), 0);
    const amount = Math.max(0, now + (tookOf.get(material) ?? 0) - (shelvedOf.get(material) ?? 0));
    return { material, amount, note: "" };
  });
  return linesOf(site, needs, needs.whole, { ...needs.stock, onHand });
}

/** The whole shopping list from the gathered ledgers. */
export function planBuying(site: Site, needs: ToBuy): BuyLedger {
  const { currency } = site.workshop;
  const lines = linesOf(site, needs, needs.supplies, needs.stock).map((line) =>
    withBought(line, needs, amountWords(site, needs.supplies, line)),
  );
  const sumOf = (list: readonly BuyLine[], key: "likelyMinor" | "safeMinor") =>
    list.reduce((n, l) => n + (l[key] ?? 0), 0);
  const [likelyMinor, safeMinor] = [sumOf(lines, "likelyMinor"), sumOf(lines, "safeMinor")];
  const whole = isUntouched(needs) ? lines : wholeLines(site, needs);
  const [wholeLikelyMinor, wholeSafeMinor] = [sumOf(whole, "likelyMinor"), sumOf(whole, "safeMinor")];
  const unpriced = lines.filter((l) => l.likelyMinor === null).length;
  return {
    ...emptyLedger(),
    lines,
    spentMinor: needs.bought.spentMinor,
    ...{ wholeLikelyMinor, wholeSafeMinor },
    likelyMinor,
    safeMinor,
    unpriced,
    steps: [fetchStep(lines)],
    snags: [
      ...budgetSnags(site, wholeSafeMinor),
      ...priceSnags(lines),
      ...contentSnags(site, needs.supplies),
      ...barSnags(site, needs.parts),
      ...oldCans(site, needs.supplies, needs.stock, needs.now),
    ],
    figures: [
      {
        id: "buying/cost",
        label: "Cost, likely",
        value: majorUnits(wholeLikelyMinor, currency),
        high: majorUnits(wholeSafeMinor, currency),
        unit: currency,
        formula: "Σ whole packs × price; safe is enough nine times in ten (lognormal, stated ranges as 5–95 %)",
        inputs: [
          ...whole.map((l) => ({ name: l.label, value: majorUnits(l.likelyMinor ?? 0, currency), unit: currency })),
          ...(whole === lines
            ? []
            : [
                { name: "of it still to buy", value: majorUnits(likelyMinor, currency), unit: currency },
                { name: "spent, by your log", value: majorUnits(needs.bought.spentMinor, currency), unit: currency },
              ]),
        ],
      },
    ],
  };
}

/** How an amount of a line's material is told; null for what has no amount. */
const amountWords = (site: Site, supplies: readonly Supply[], line: BuyLine) => {
  const unit = supplies.find((s) => s.materialId === line.materialId)?.unit;
  return (n: number) => (unit ? UNIT_WORDS[unit](n, site.say) : null);
};

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
function barGroups(site: Site, parts: Part[]) {
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

const UNIT_WORDS: Record<Supply["unit"], (amount: number, say: Site["say"]) => string> = {
  mL: (n) => (n >= 10_000 ? `${formatNumber(n / 1000)} L` : `${formatNumber(n, 0)} mL`),
  mm: (n, say) => say(n),
  mm2: (n) => `${formatNumber(n / 1e6, 2)} m²`,
  g: (n) => `${formatNumber(n, 0)} g`,
  piece: (n) => formatNumber(n, 0),
};

function supplyLine(site: Site, supply: Supply, stock: Stock): BuyLine {
  const material = site.book.materials.find((m) => m.id === supply.materialId);
  const packs = material ? packsOf(material) : [];
  const onHand = stock.onHand.filter((s) => s.material === supply.materialId).reduce((n, s) => n + s.amount, 0);
  const likely = cheapestPacks(packs, supply.likely - onHand);
  const safe = cheapestPacks(packs, safeNeed(supply) - onHand);
  const amount = likely.reduce((n, { pack, count }) => n + pack.content * count, onHand);
  const words = (amount: number) => UNIT_WORDS[supply.unit](amount, site.say);
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

function fetchStep(lines: BuyLine[]): Step {
  return {
    id: "buying/fetch",
    title: "Buy and fetch",
    detail: `${lines.length} lines on the list; the glass is ordered later, when the opening is measured.`,
    stage: "buying",
    handsOnMinutes: 90,
    waitMinutes: 0,
    after: [{ reached: "surveyed", because: "what is bought must fit what was measured" }],
    reaches: ["fetched"],
    splittable: false,
    toHand: ["shopping list"],
    cautions: [],
  };
}

/** Packs of which nobody has read off how much is in them. */
function contentSnags(site: Site, supplies: Supply[]): Snag[] {
  const ids = [...new Set(supplies.map((s) => s.materialId))];
  return ids.flatMap((id): Snag[] => {
    const material = site.book.materials.find((m) => m.id === id);
    const unread = material ? packsOf(material).filter((p) => p.content <= 0) : [];
    if (!material || unread.length === 0) return [];
    return [
      {
        rule: "buying/unknown-content",
        subject: id,
        severity: "mind",
        stage: "buying",
        title: "A pack of unknown size",
        sentence: `${material.name}: how much is in ${unread.map((p) => p.name).join(" and ")} is not known, so it is not counted.`,
        reason: "Read it off the pack and put it into the book; a number of packs without their content says nothing.",
      },
    ];
  });
}

function budgetSnags(site: Site, safeMinor: number): Snag[] {
  const { budgetMinor } = site.brief;
  if (budgetMinor === null || safeMinor <= budgetMinor) return [];
  const { currency } = site.workshop;
  return [
    {
      rule: "buying/over-budget",
      subject: "budget",
      severity: "mind",
      stage: "buying",
      title: "Over the budget",
      sentence: `${formatMoney(safeMinor, currency)} to be safe; ${formatMoney(budgetMinor, currency)} was set.`,
      reason: "Counted in whole packs at the book's prices.",
      figure: "buying/cost",
    },
  ];
}

function priceSnags(lines: BuyLine[]): Snag[] {
  const missing = lines.filter((l) => l.likelyMinor === null);
  if (missing.length === 0) return [];
  return [
    {
      rule: "buying/no-price",
      subject: "prices",
      severity: "note",
      stage: "buying",
      title: `${missing.length} ${missing.length === 1 ? "price is" : "prices are"} missing`,
      sentence: `The cost leaves out: ${missing.map((l) => l.label).join(", ")}.`,
      reason:
        "Type prices into the list on Buying; they are kept in your book. Those of slips and tiles are typed with them, on Cuts.",
    },
  ];
}

function barSnags(site: Site, parts: Part[]): Snag[] {
  return barGroups(site, parts).flatMap(({ material, pack, tooLong }): Snag[] =>
    tooLong.length === 0
      ? []
      : [
          {
            rule: "buying/track-is-joined",
            subject: material.id,
            severity: "mind",
            stage: "front",
            title: "The track must be joined",
            sentence: `${site.say(tooLong[0]!)} of track from bars of ${site.say(pack.content)}.`,
            reason: "Butt the bars away from where the panes meet, and file the joint flush: panes catch on it.",
          },
        ],
  );
}
