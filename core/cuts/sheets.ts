import type { Stock } from "../buying/stock";
import type { Workshop } from "../diary/workshop";
import type { Part } from "../ledgers/ledger";
import { findMaterial } from "../materials/find";
import type { Book, MaterialOf } from "../materials/schema";
import { OWN_PANES } from "../shell/ownPanes";
import type { Reusable } from "../shell/shell";
import type { NestInstance, NestSolution } from "./nest/format";
import type { Nester } from "./nester";
import { sawSizeMm } from "./sawSize";

/** All panels of one sheet material, nested; or what is cut from the panes a shell came with. */
export interface SheetGroup {
  material: { id: string; name: string };
  /** True for panes the shell came with: nothing is bought, and glass is scored, not sawn. */
  own: boolean;
  parts: Part[];
  instance: NestInstance;
  solution: NestSolution;
  /** How many of each pack to buy, by pack id; rack offcuts are not in it. */
  bought: Record<string, number>;
  offcutsUsed: string[];
  /** Sheets to buy. */
  sheets: number;
  /** Share of the used sheets that becomes parts. */
  usedShare: number;
  costMinor: number | null;
}

/** Sheet goods grouped by material, as nesting instances. A sheet without a price is nested by its area. */
export function nestInstanceFor(
  material: MaterialOf<"sheet">,
  parts: Part[],
  stock: Stock,
  workshop: Workshop,
  seed: number,
): NestInstance {
  const priced = material.stock.every((s) => s.priceMinor !== null);
  return {
    format: "panel-nest/1",
    dim: 2,
    id: material.id,
    kerf: workshop.kerfMm,
    trim: workshop.trimMm,
    offcutMinSide: workshop.offcutMinSideMm,
    timeLimitMs: 2000,
    seed,
    stock: [
      ...stock.offcuts
        .filter((o) => o.material === material.id)
        .map((o) => ({ id: o.id, w: o.widthMm, h: o.heightMm, price: 0, count: 1, trim: 0 })),
      ...material.stock.map((s) => ({
        id: s.id,
        w: s.widthMm,
        h: s.heightMm,
        price: priced ? s.priceMinor! / 100 : (s.widthMm * s.heightMm) / 1e6,
        count: null,
      })),
    ],
    parts: parts.map(asPart),
  };
}

/** Nests what is cut from the shell's own panes: scored and snapped, so nothing is lost to a kerf or a trim. */
export function nestOwnPanes(
  parts: Part[],
  reusable: Reusable[],
  workshop: Workshop,
  seed: number,
  nester: Nester,
): SheetGroup[] {
  const group = parts.filter((p) => p.kind === "ownPane");
  if (group.length === 0) return [];
  const instance: NestInstance = {
    format: "panel-nest/1",
    dim: 2,
    id: OWN_PANES,
    kerf: 0,
    trim: 0,
    offcutMinSide: workshop.offcutMinSideMm,
    timeLimitMs: 2000,
    seed,
    stock: reusable.map((r) => ({ id: r.id, w: r.widthMm, h: r.heightMm, price: 0, count: r.count })),
    parts: group.map((p) => asPart(p)),
  };
  const solution = nester(instance);
  const used = solution.sheets.map((s) => instance.stock.find((t) => t.id === s.stock)!);
  const usedMm2 = used.reduce((sum, s) => sum + s.w * s.h, 0);
  const placedMm2 = solution.sheets.flatMap((s) => s.parts).reduce((sum, p) => sum + p.w * p.h, 0);
  return [
    {
      material: { id: OWN_PANES, name: `Own panes: ${reusable.map((r) => r.label).join(", ")}` },
      own: true,
      parts: group,
      instance,
      solution,
      bought: {},
      offcutsUsed: solution.sheets.map((s) => s.stock),
      sheets: 0,
      usedShare: usedMm2 === 0 ? 0 : placedMm2 / usedMm2,
      costMinor: 0,
    },
  ];
}

const asPart = (p: Part): NestInstance["parts"][number] => ({
  id: p.id,
  w: sawSizeMm(p.lengthMm),
  h: sawSizeMm(p.widthMm),
  qty: p.qty,
  rotate: !p.grainLocked,
  label: p.label,
});

/** Nests every sheet material of the parts ledger. */
export function nestSheets(
  parts: Part[],
  book: Book,
  stock: Stock,
  workshop: Workshop,
  seed: number,
  nester: Nester,
): SheetGroup[] {
  const byMaterial = new Map<string, Part[]>();
  for (const part of parts)
    if (part.kind === "panel") byMaterial.set(part.materialId, [...(byMaterial.get(part.materialId) ?? []), part]);
  return [...byMaterial].map(([materialId, group]): SheetGroup => {
    const material = findMaterial(book, materialId, "sheet")!;
    const instance = nestInstanceFor(material, group, stock, workshop, seed);
    const solution = nester(instance);
    const bought: Record<string, number> = {};
    const offcutsUsed: string[] = [];
    let areaMm2 = 0;
    for (const sheet of solution.sheets) {
      const of = instance.stock.find((s) => s.id === sheet.stock)!;
      areaMm2 += of.w * of.h;
      if (of.price === 0 && of.count !== null) offcutsUsed.push(of.id);
      else bought[of.id] = (bought[of.id] ?? 0) + 1;
    }
    const placedMm2 = solution.sheets.flatMap((s) => s.parts).reduce((sum, p) => sum + p.w * p.h, 0);
    const prices = Object.entries(bought).map(([id, n]) => {
      const price = material.stock.find((s) => s.id === id)!.priceMinor;
      return price === null ? null : price * n;
    });
    return {
      material,
      own: false,
      parts: group,
      instance,
      solution,
      bought,
      offcutsUsed,
      sheets: solution.sheets.length - offcutsUsed.length,
      usedShare: areaMm2 === 0 ? 0 : placedMm2 / areaMm2,
      costMinor: prices.reduce<number | null>((sum, p) => (sum === null || p === null ? null : sum + p), 0),
    };
  });
}
