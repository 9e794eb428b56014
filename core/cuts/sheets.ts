import type { Part } from "../ledgers/ledger";
import { findMaterial } from "../materials/find";
import { OWN_PANES } from "../materials/ownPanes";
import type { Book, MaterialOf } from "../materials/schema";
import type { Reusable } from "../shell/shell";
import type { Stock } from "../stock/schema";
import { under } from "../units/tolerance";
import type { Workshop } from "../workshop/schema";
import { worthOf } from "./nest/compare";
import type { NestInstance, NestSolution, PlacedPart } from "./nest/format";
import type { Nester } from "./nester";
import type { BenchSheet } from "./record/bench";
import { pieceId, type SawSheet, sheetNow, sheetToCome } from "./record/sawSheet";
import { type Standing, standingOf } from "./record/standing";
import { sawSizeMm } from "./sawSize";

/** All panels of one sheet material, nested; or what is cut from the panes a shell came with. */
export interface SheetGroup {
  material: { id: string; name: string };
  /** True for panes the shell came with: nothing is bought, and glass is scored, not sawn. */
  own: boolean;
  parts: Part[];
  /** What was asked of the nesting: parts that nothing at the saw gives yet, and pieces free at the saw as stock. */
  instance: NestInstance;
  solution: NestSolution;
  /** Every sheet, at the saw or still to come, in the order of their numbers. */
  layout: SawSheet[];
  /** Cut right, and no longer asked for. */
  unwanted: PlacedPart[];
  /** How many of each pack to buy, by pack id; rack offcuts are not in it. */
  bought: Record<string, number>;
  offcutsUsed: string[];
  /** Sheets to buy. */
  sheets: number;
  /** The least that any nesting of the rest costs with what is at the saw already, and in how many sheets. */
  least: { cost: number; sheets: number };
  /** What the sheets cost in the instance's own terms: their price, or their area while a price is missing. */
  cost: number;
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
    kerf: material.kerfMm?.value ?? workshop.kerfMm,
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
  const layout = solution.sheets.map((sheet, i) =>
    sheetToCome(`${OWN_PANES}/${i + 1}`, OWN_PANES, instance, sheet, () => false),
  );
  return [
    {
      material: { id: OWN_PANES, name: `Own panes: ${reusable.map((r) => r.label).join(", ")}` },
      own: true,
      parts: group,
      instance,
      solution,
      layout,
      unwanted: [],
      bought: {},
      offcutsUsed: solution.sheets.map((s) => s.stock),
      sheets: 0,
      least: { cost: 0, sheets: 0 },
      cost: 0,
      usedShare: usedShareOf(layout),
      costMinor: 0,
    },
  ];
}

/** Share of the sheets' area that becomes parts. */
function usedShareOf(layout: SawSheet[]): number {
  const areaMm2 = layout.reduce((sum, { stock }) => sum + stock.w * stock.h, 0);
  const placedMm2 = layout.flatMap((s) => s.parts).reduce((sum, p) => sum + p.w * p.h, 0);
  return areaMm2 === 0 ? 0 : placedMm2 / areaMm2;
}

const asPart = (p: Part): NestInstance["parts"][number] => ({
  id: p.id,
  w: sawSizeMm(p.lengthMm),
  h: sawSizeMm(p.widthMm),
  qty: p.qty,
  rotate: !p.grainLocked,
  label: p.label,
});

/** The smallest side of a piece at the saw that is still nested in, mm: narrower strips are waste on any saw. */
const PIECE_MIN_MM = 10;

/** Nests every sheet material of the parts ledger, round what is at the saw already. */
export function nestSheets(
  parts: Part[],
  book: Book,
  stock: Stock,
  workshop: Workshop,
  seed: number,
  nester: Nester,
  atSaw: readonly BenchSheet[] = [],
): SheetGroup[] {
  const byMaterial = new Map<string, Part[]>();
  for (const { material } of atSaw) if (findMaterial(book, material, "sheet")) byMaterial.set(material, []);
  for (const part of parts)
    if (part.kind === "panel") byMaterial.set(part.materialId, [...(byMaterial.get(part.materialId) ?? []), part]);
  return [...byMaterial].map(([materialId, group]) => {
    const material = findMaterial(book, materialId, "sheet")!;
    const mine = atSaw.filter((s) => s.material === materialId);
    const all = nestInstanceFor(material, group, stock, workshop, seed);
    const { standings, rest } = standingOf(mine, all.parts);
    const laidFromRack = new Set(standings.flatMap(({ sheet: s }) => (s.stock.rack ? [s.stock.id] : [])));
    const among = (which: Standing[]): NestInstance => ({
      ...all,
      parts: rest,
      stock: [
        ...which.flatMap(({ sheet, free }) =>
          free.flatMap((p, i) =>
            Math.min(p.w, p.h) < PIECE_MIN_MM
              ? []
              : [{ id: pieceId(sheet.id, i), w: p.w, h: p.h, price: 0, count: 1, trim: 0 }],
          ),
        ),
        ...all.stock.filter((s) => !laidFromRack.has(s.id)),
      ],
    });
    const answer = (instance: NestInstance) => {
      const solution = nester(instance);
      return { instance, solution, worth: worthOf(instance, solution) };
    };
    const apart = answer(mine.length === 0 ? all : among(standings.filter((s) => !s.underWay)));
    const needsMore = apart.worth.cost > 0 || apart.worth.unplaced > 0;
    const together = needsMore && standings.some((s) => s.underWay) ? answer(among(standings)) : apart;
    const saves = together.worth.unplaced - apart.worth.unplaced || together.worth.cost - apart.worth.cost;
    const { instance, solution } = under(saves, 0) ? together : apart;
    // What is proved least has to hold with the offcuts of sheets under way too.
    const proved = { ...solution, bound: together.solution.bound };
    return groupOf(material, group, instance, proved, standings, workshop.offcutMinSideMm);
  });
}

/** A nested material as the screens and lists take it. */
function groupOf(
  material: MaterialOf<"sheet">,
  parts: Part[],
  instance: NestInstance,
  solution: NestSolution,
  standings: Standing[],
  minSideMm: number,
): SheetGroup {
  const filled = new Map(solution.sheets.map((sheet) => [sheet.stock, sheet]));
  const laid = standings.map((s) => sheetNow(s, filled, minSideMm));
  const pieces = new Set(standings.flatMap(({ sheet, free }) => free.map((_, i) => pieceId(sheet.id, i))));
  const packs = new Set(material.stock.map((s) => s.id));
  const taken = new Set(laid.map((s) => s.id));
  let n = 0;
  const freeName = (): string => {
    do n++;
    while (taken.has(`${material.id}/${n}`));
    return `${material.id}/${n}`;
  };
  const toCome = solution.sheets
    .filter((sheet) => !pieces.has(sheet.stock))
    .map((sheet) => sheetToCome(freeName(), material.id, instance, sheet, (id) => !packs.has(id)));
  // A sheet keeps its number once it is at the saw.
  const numberOf = (sheet: SawSheet) => Number(sheet.id.slice(material.id.length + 1));
  const layout = [...laid, ...toCome].sort((a, b) => numberOf(a) - numberOf(b));
  const bought: Record<string, number> = {};
  for (const { stock } of layout) if (!stock.rack) bought[stock.id] = (bought[stock.id] ?? 0) + 1;
  const prices = Object.entries(bought).map(([id, count]) => {
    const price = material.stock.find((s) => s.id === id)?.priceMinor ?? null;
    return price === null ? null : price * count;
  });
  const costOf = (sheets: SawSheet[]) => sheets.reduce((sum, { stock }) => sum + stock.price, 0);
  return {
    material,
    own: false,
    parts,
    instance,
    solution,
    layout,
    unwanted: standings.flatMap((s) => s.unwanted),
    bought,
    offcutsUsed: layout.flatMap(({ stock }) => (stock.rack ? [stock.id] : [])),
    sheets: layout.filter(({ stock }) => !stock.rack).length,
    least: { cost: costOf(laid) + solution.bound.cost, sheets: laid.length + solution.bound.sheets },
    cost: costOf(layout),
    usedShare: usedShareOf(layout),
    costMinor: prices.reduce<number | null>((sum, p) => (sum === null || p === null ? null : sum + p), 0),
  };
}
