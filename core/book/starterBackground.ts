import { type Known, label, memory, practice } from "../figures/figure";
import type { Material, MaterialOf } from "../materials/schema";

const known = (value: number, basis: Known["basis"], low?: number, high?: number): Known =>
  low === undefined || high === undefined ? { value, basis } : { value, low, high, basis };
const unpriced = (id: string, name: string, content: number) => ({ id, name, content, priceMinor: null });
/** From two cans for a small shell and four for a tall cabinet; the spread is the builders' own. */
const YIELD = (value: number) => known(value, practice, 15, 35);
const DUDS = known(0.05, memory, 0.01, 0.15);

const board = (thicknessMm: number): MaterialOf<"sheet"> => ({
  id: `xps-${thicknessMm}`,
  class: "sheet",
  name: `XPS board ${thicknessMm} mm`,
  note: "Solvents, polyester resin and rubberised spray eat it.",
  plastic: "xps",
  thicknessMm,
  densityKgPerM3: known(35, memory),
  elasticGPa: known(0.015, memory),
  creepFactor: known(3, memory),
  growthPerK: known(70e-6, memory),
  grained: false,
  stock: [{ ...unpriced(`xps-${thicknessMm}-1250`, "board 1250 × 600", 1), widthMm: 1250, heightMm: 600 }],
});

const glue = (
  id: string,
  name: string,
  form: MaterialOf<"coat">["form"],
  [m2PerLitre, low, high]: [number, number, number],
  densityKgPerM3: number,
  pack: MaterialOf<"coat">["packs"][number],
): MaterialOf<"coat"> => ({
  ...{ id, name, form, note: "", class: "coat" },
  m2PerLitre: known(m2PerLitre, memory, low, high),
  waste: known(0.15, memory, 0.05, 0.3),
  densityKgPerM3: known(densityKgPerM3, memory),
  packs: [pack],
});

/** What walls are built and finished with; every figure a starting value, the log and the label replace it. */
export const BACKGROUND_MATERIALS: readonly Material[] = [
  {
    ...{ id: "foam-pond", class: "foam", name: "Pond foam, black", grade: "foamPond" },
    note: "Rises less, denser; straw cans.",
    mlPerGram: YIELD(23),
    duds: DUDS,
    densityKgPerM3: known(40, memory, 30, 45),
    packs: [unpriced("foam-pond-340", "can 340 g", 340)],
  },
  {
    ...{ id: "foam-building", class: "foam", name: "Building foam", grade: "foamBuilding" },
    note: "Rises more; yellows in light where it is left bare.",
    mlPerGram: YIELD(27),
    duds: DUDS,
    densityKgPerM3: known(35, memory, 30, 45),
    packs: [unpriced("foam-building-500", "can 500 g", 500)],
  },
  board(20),
  board(30),
  board(50),
  glue("pu-glue", "PU glue", "puGlueFibre", [3, 2, 4], 1100, unpriced("pu-glue-500", "bottle 500 mL", 500)),
  glue("spray-glue", "Spray glue", "sprayGlueFibre", [4, 3, 6], 1000, unpriced("spray-glue-500", "can 500 mL", 500)),
  // Thin primer, thick, colour: some 5 mm in all over three coats.
  glue(
    "tile-grout",
    "Tile grout, pigmented",
    "grout",
    [0.6, 0.45, 0.8],
    1900,
    unpriced("grout-5kg", "bag, 3 L mixed", 3000),
  ),
  {
    ...{ id: "coir-mat", class: "cloth", name: "Coir mat", form: "coirMat", note: "" },
    packs: [unpriced("coir-mat-1", "mat 500 × 1000", 500_000)],
  },
  {
    ...{ id: "blackout-film", class: "cloth", name: "Blackout film, self-adhesive", form: "film" },
    note: "On the outside of a pane, over foam; soap water under it.",
    packs: [unpriced("film-1", "roll 450 × 2000", 900_000)],
  },
  {
    ...{ id: "bought-panel", class: "piece", name: "Moulded panel, cut to size", note: "" },
    packs: [unpriced("bought-panel-1", "each", 1)],
  },
  {
    ...{ id: "skewers", class: "piece", name: "Wooden skewers", note: "Cut off once the glue holds." },
    packs: [unpriced("skewers-100", "pack of 100", 100)],
  },
  {
    ...{ id: "net-pot", class: "piece", name: "Net pot", note: "Drilled at the bottom before it is foamed in." },
    packs: [unpriced("net-pot-5", "pack of 5", 5)],
  },
  {
    ...{ id: "screw-plate", class: "piece", name: "Plate with screws, for wood", note: "" },
    packs: [unpriced("screw-plate-1", "each", 1)],
  },
  {
    ...{ id: "slip-adhesive", class: "adhesive", name: "Construction adhesive, solvent-free", note: "" },
    mlPerMetre: known(20, memory, 15, 30),
    cureMinutes: known(1440, label),
    packs: [unpriced("slip-adhesive-300", "tube 300 mL", 300)],
  },
];
