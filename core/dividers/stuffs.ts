import { type Known, memory, practice } from "../figures/figure";
import type { Book, Material } from "../materials/schema";
import type { DividerStuff } from "./names";
import type { Divider, DividerSheet } from "./schema";

/** What a layer of a divider is, and what holds it. */
interface Stuff {
  /** In a sentence: `a pane of glass`. */
  words: string;
  /** Whether water is held back once it is sealed in. */
  tight: boolean;
  /** Whether silicone holds its edge for years. */
  silicone: boolean;
  /** Thickness where nobody said of which material, mm. */
  thickMm: Known;
  /** Bulk density where nobody said, kg/m³. */
  kgPerM3: number;
  /** Which materials of the book it may be. */
  isOf: (m: Material) => boolean;
}

const mm = (value: number, low: number, high: number, basis: Known["basis"] = memory): Known => ({
  ...{ value, low, high, basis },
});

export const STUFFS: Record<DividerStuff, Stuff> = {
  glass: {
    ...{ words: "a pane of glass", tight: true, silicone: true, thickMm: mm(6, 4, 8), kgPerM3: 2500 },
    isOf: (m) => m.class === "glass",
  },
  acrylic: {
    ...{ words: "an acrylic sheet", tight: true, silicone: true, thickMm: mm(5, 3, 8), kgPerM3: 1190 },
    isOf: (m) => m.class === "sheet" && m.plastic === "acrylic",
  },
  // Silicone lets go of polypropylene: it is glued hot, its edge keyed (source: hardscape).
  twinWall: {
    ...{ words: "twin-wall board", tight: false, silicone: false, thickMm: mm(4, 2, 5, practice), kgPerM3: 175 },
    isOf: (m) => m.class === "sheet" && m.plastic === "twinWall",
  },
  mesh: {
    ...{ words: "mesh", tight: false, silicone: true, thickMm: mm(0.5, 0.2, 1), kgPerM3: 400 },
    isOf: (m) => m.class === "mesh",
  },
  foamStone: {
    ...{ words: "foam and stone", tight: false, silicone: false, thickMm: mm(60, 30, 120), kgPerM3: 300 },
    isOf: () => false,
  },
};

/** Materials of a book that a layer may be made of. */
export const materialsFor = (book: Book, of: DividerStuff): Material[] => book.materials.filter(STUFFS[of].isOf);

/** The material of a layer; undefined where nobody said, or the book has it no longer. */
export const sheetMaterial = (book: Book, { of, material }: DividerSheet): Material | undefined =>
  material === null ? undefined : materialsFor(book, of).find((m) => m.id === material);

/** Thickness of one layer, mm: its material's, or a guess. */
export function sheetMm(book: Book, sheet: DividerSheet): number {
  const m = sheetMaterial(book, sheet);
  if (m?.class === "glass" || m?.class === "sheet") return m.thicknessMm;
  if (m?.class === "mesh") return m.wireMm;
  return STUFFS[sheet.of].thickMm.value;
}

/** A divider's thickness, mm: of all its layers. */
export const dividerMm = (book: Book, { layers }: Divider): number =>
  layers.reduce((sum, l) => sum + sheetMm(book, l), 0);

/** Whether it holds water back: one layer of it does. */
export const holdsBack = ({ layers }: Pick<Divider, "layers">): boolean => layers.some((l) => STUFFS[l.of].tight);

/** What it is made of, in words: `mesh twice`. */
export function madeWords({ layers }: Pick<Divider, "layers">): string {
  const counts = new Map<DividerStuff, number>();
  for (const { of } of layers) counts.set(of, (counts.get(of) ?? 0) + 1);
  const times = ["", "", " twice", " three times", " four times"];
  return [...counts].map(([of, n]) => `${STUFFS[of].words}${times[n] ?? ""}`).join(" and ");
}

/** The first material of the book that a layer may be of, for a new one. */
export const firstMaterial = (book: Book, of: DividerStuff): string | null => materialsFor(book, of)[0]?.id ?? null;
