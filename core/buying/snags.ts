import type { Part, Snag, Supply } from "../ledgers/ledger";
import { packsOf } from "../materials/find";
import type { Site } from "../shell/site";
import { formatMoney } from "../units/money";
import type { BuyLine } from "./buyLine";
import { barGroups } from "./lines";

/** Packs of which nobody has read off how much is in them. */
export function contentSnags(site: Site, supplies: Supply[]): Snag[] {
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

export function budgetSnags(site: Site, safeMinor: number): Snag[] {
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

export function priceSnags(lines: BuyLine[]): Snag[] {
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

export function barSnags(site: Site, parts: Part[]): Snag[] {
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
