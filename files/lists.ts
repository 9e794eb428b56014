import Papa from "papaparse";
import { sawSizeMm } from "../core/cuts/sawSize";
import { hasTolerance } from "../core/ledgers/parts";
import { materialName } from "../core/materials/find";
import type { Plan } from "../core/plan";
import { formatLength, formatNumber } from "../core/units/format";
import { plainMoney } from "../core/units/money";
import { sawToleranceMm } from "../core/workshop/sawTolerance";

const csv = (rows: Record<string, string | number>[]) =>
  `${Papa.unparse(rows, { escapeFormulae: true, newline: "\r\n" })}\r\n`;

/** The cut list: finished sizes in millimetres and in the build's own units, how each came about. */
export function cutListCsv(plan: Plan): string {
  const units = plan.site.brief.units;
  return csv(
    plan.parts.map((p) => ({
      part: p.label,
      kind: p.kind,
      material: materialName(plan.site.book, p.materialId),
      "length mm": sawSizeMm(p.lengthMm),
      "width mm": p.widthMm > 0 ? sawSizeMm(p.widthMm) : "",
      "thickness mm": p.thicknessMm > 0 ? p.thicknessMm : "",
      quantity: p.qty,
      "tolerance mm": hasTolerance(p) ? sawToleranceMm(p.lengthMm) : "",
      length: formatLength(sawSizeMm(p.lengthMm), units),
      width: p.widthMm > 0 ? formatLength(sawSizeMm(p.widthMm), units) : "",
      "length from": p.working.length,
      "width from": p.working.width,
    })),
  );
}

/** The shopping list with likely and safe packs; money in whole currency units, empty while a price is missing. */
export function shoppingCsv(plan: Plan): string {
  const packs = (counts: Plan["buying"]["lines"][number]["likely"]) =>
    counts.map(({ pack, count }) => `${count} x ${pack.name}`).join(" + ");
  const money = (minor: number | null) => (minor === null ? "" : plainMoney(minor, plan.tally.currency));
  return csv(
    plan.buying.lines.map((line) => ({
      item: line.label,
      need: line.need,
      likely: packs(line.likely),
      safe: packs(line.safe),
      "odds likely is enough %": formatNumber(line.odds * 100, 0, "down"),
      [`likely ${plan.tally.currency}`]: money(line.likelyMinor),
      [`safe ${plan.tally.currency}`]: money(line.safeMinor),
      "on hand": line.onHand,
    })),
  );
}
