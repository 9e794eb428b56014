import { type Known, label, memory, published } from "../figures/figure";
import type { FoundId } from "./names";
import type { MaterialOf } from "./schema";

/** What kind of stuff a face is: decides its hatch, what may be cut into it, and what sticks to it. */
export type Family =
  | "none"
  | "pvcFoam"
  | "plywood"
  | "hdpe"
  | "xps"
  | "twinWall"
  | "timber"
  | "chipboard"
  | "mdf"
  | "glass"
  | "temperedGlass"
  | "acrylic"
  | "polycarbonate"
  | "steel"
  | "galvanised"
  | "pp"
  | "pe"
  | "ps";

/** A face's material at its thickness. */
export interface FaceMaterial {
  id: string;
  name: string;
  family: Family;
  thicknessMm: number;
  densityKgPerM3: Known;
  growthPerK: Known;
}

const k = (value: number, basis: Known["basis"] = memory, low?: number, high?: number): Known =>
  low === undefined || high === undefined ? { value, basis } : { value, low, high, basis };

/** Materials of things found, not bought as sheet; density in kg/m³ and growth per kelvin. */
export const FOUND_MATERIALS = {
  glass: { name: "float glass", family: "glass", density: k(2500, published("en-572-1")), growth: k(9e-6) },
  temperedGlass: {
    name: "tempered glass",
    family: "temperedGlass",
    density: k(2500, published("en-572-1")),
    growth: k(9e-6),
  },
  acrylic: { name: "acrylic", family: "acrylic", density: k(1190), growth: k(70e-6) },
  polycarbonate: { name: "polycarbonate", family: "polycarbonate", density: k(1200), growth: k(65e-6) },
  timber: { name: "solid timber", family: "timber", density: k(600, memory, 450, 750), growth: k(5e-6, memory) },
  plywood: { name: "plywood", family: "plywood", density: k(600, memory, 550, 700), growth: k(8e-6, memory) },
  pvcFoam: { name: "PVC foam sheet", family: "pvcFoam", density: k(550, memory, 450, 700), growth: k(60e-6) },
  chipboard: { name: "chipboard", family: "chipboard", density: k(680), growth: k(10e-6, memory) },
  mdf: { name: "MDF", family: "mdf", density: k(750), growth: k(10e-6, memory) },
  steel: { name: "sheet steel", family: "steel", density: k(7850), growth: k(12e-6) },
  galvanised: { name: "galvanised steel", family: "galvanised", density: k(7850), growth: k(12e-6) },
  pp: { name: "polypropylene", family: "pp", density: k(905), growth: k(120e-6, memory, 100e-6, 150e-6) },
  pe: { name: "polyethylene", family: "pe", density: k(950), growth: k(165e-6, memory, 130e-6, 200e-6) },
  ps: { name: "polystyrene, clear and brittle", family: "ps", density: k(1050, label), growth: k(70e-6, memory) },
} as const satisfies Record<FoundId, { name: string; family: Family; density: Known; growth: Known }>;

/** A found material at a thickness in millimetres. */
export function foundFace(id: FoundId, thicknessMm: number): FaceMaterial {
  const { name, family, density, growth } = FOUND_MATERIALS[id];
  return { id, name, family, thicknessMm, densityKgPerM3: density, growthPerK: growth };
}

/**
 * What a face is made of and how thick: a bought sheet's name says it, what was found needs it said.
 * @param say a length in the build's own units
 */
export const faceName = (material: FaceMaterial, say: (mm: number) => string): string =>
  material.id in FOUND_MATERIALS ? `${material.name} ${say(material.thicknessMm)}` : material.name;

/** A sheet of the book, or glass cut to size, as a face. */
export const sheetFace = (board: MaterialOf<"sheet"> | MaterialOf<"glass">): FaceMaterial => ({
  id: board.id,
  name: board.name,
  family: board.class === "sheet" ? board.plastic : "glass",
  thicknessMm: board.thicknessMm,
  densityKgPerM3: board.densityKgPerM3,
  growthPerK: board.growthPerK,
});

const CLEAR: readonly Family[] = ["glass", "temperedGlass", "acrylic", "polycarbonate", "ps"];
const WOOD: readonly Family[] = ["timber", "plywood", "chipboard", "mdf"];
/** Wood and boards of it: they swell, and hold screws by their fibres. */
export const isWood = (family: Family): boolean => WOOD.includes(family);
const OLEFINS: readonly Family[] = ["pp", "pe", "hdpe", "twinWall"];
/** Polypropylene and polyethylene, in any form: nothing bonds them for good. */
export const isOlefin = (family: Family): boolean => OLEFINS.includes(family);
/** What is seen through like a pane. */
export const isClear = (family: Family): boolean => CLEAR.includes(family);

/** Whether a hole can be cut: tempered glass shatters; plain glass needs a glazier or a diamond saw and care. */
export const DRILLING: Record<Family, "plain" | "brittle" | "glass" | "never"> = {
  none: "plain",
  pvcFoam: "plain",
  plywood: "plain",
  hdpe: "plain",
  xps: "plain",
  twinWall: "plain",
  timber: "plain",
  chipboard: "plain",
  mdf: "plain",
  steel: "plain",
  galvanised: "plain",
  pp: "plain",
  pe: "plain",
  acrylic: "brittle",
  polycarbonate: "plain",
  ps: "brittle",
  glass: "glass",
  temperedGlass: "never",
};

/** Where there is nothing: an open side. */
export const OPEN_SIDE: FaceMaterial = {
  id: "open",
  name: "open",
  family: "none",
  thicknessMm: 0,
  densityKgPerM3: { value: 0, basis: memory },
  growthPerK: { value: 0, basis: memory },
};
