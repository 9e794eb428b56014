import { type Known, label, memory } from "../figures/figure";
import type { Material, MaterialOf } from "../materials/schema";

const known = (value: number, low: number, high: number, basis: Known["basis"] = memory): Known => ({
  ...{ value, low, high, basis },
});
const pack = (id: string, name: string, content: number) => ({ id, name, content, priceMinor: null });

const sold = (id: string, name: string, packs: MaterialOf<"hardware">["packs"], note = ""): MaterialOf<"hardware"> => ({
  ...{ id, class: "hardware", sold: "piece", name, note, labelFigures: {}, packs },
});
const byTheMetre = (id: string, name: string, metres: number, note = ""): MaterialOf<"hardware"> => ({
  ...{ id, class: "hardware", sold: "metre", name, note, labelFigures: {} },
  packs: [pack(`${id}-${metres}`, `${metres} m`, metres * 1000)],
});
const one = (id: string) => [pack(`${id}-1`, "one", 1)];

const sheet = (
  id: string,
  name: string,
  plastic: MaterialOf<"sheet">["plastic"],
  thicknessMm: number,
  [density, elastic, creep, growth]: readonly [Known, number, number, number],
  note: string,
): MaterialOf<"sheet"> => ({
  ...{ id, class: "sheet", name, note, plastic, thicknessMm, densityKgPerM3: density, grained: false },
  elasticGPa: known(elastic, elastic * 0.8, elastic * 1.2),
  creepFactor: known(creep, creep * 0.8, creep * 1.3),
  growthPerK: known(growth, growth * 0.9, growth * 1.1),
  stock: [{ ...pack(`${id}-1000`, "sheet 1000 × 500", 1), widthMm: 1000, heightMm: 500 }],
});

const ACRYLIC = [known(1190, 1180, 1200), 3.2, 2.1, 70e-6] as const;
const POLYCARBONATE = [known(1200, 1190, 1210), 2.3, 1.6, 65e-6] as const;
const POLYSTYRENE = [known(1050, 1040, 1060), 3.1, 2.2, 70e-6] as const;
const TWIN_WALL = [known(175, 140, 220, label), 0.9, 3, 120e-6] as const;

/** What stands, runs, grows and is tied inside. */
export const INSIDE_MATERIALS: readonly Material[] = [
  sheet("acrylic-3", "Clear acrylic sheet 3 mm", "acrylic", 3, ACRYLIC, "Scratches; no solvent cleaner, no heat."),
  sheet("acrylic-5", "Clear acrylic sheet 5 mm", "acrylic", 5, ACRYLIC, "Scratches; no solvent cleaner, no heat."),
  sheet("acrylic-8", "Clear acrylic sheet 8 mm", "acrylic", 8, ACRYLIC, "Scratches; no solvent cleaner, no heat."),
  sheet(
    "polycarbonate-4",
    "Clear polycarbonate sheet 4 mm",
    "polycarbonate",
    4,
    POLYCARBONATE,
    "Scratches; tough when drilled.",
  ),
  sheet(
    "polystyrene-4",
    "Clear polystyrene sheet 4 mm",
    "ps",
    4,
    POLYSTYRENE,
    "Brittle; crazes under solvent and oil.",
  ),
  {
    ...sheet(
      "twin-wall-4",
      "Twin-wall polypropylene board 4 mm",
      "twinWall",
      4,
      TWIN_WALL,
      "Silicone lets go of it: key it, glue it hot, close its open flutes.",
    ),
    // Cut with a knife along a straight edge.
    kerfMm: known(0.5, 0.2, 1),
  },
  sold("hot-glue-stick", "Hot glue stick", [pack("hot-glue-10", "bag of 10", 10)], "Burns: wait before you press."),
  sold("cable-tie", "Cable tie", [pack("cable-tie-100", "bag of 100", 100)]),
  sold("gel-glue", "Cyanoacrylate gel, 20 g", one("gel-glue"), "Glues skin at once; aired before animals."),
  byTheMetre("corner-profile", "Corner profile for thin sheet", 2, "Match its slot to the sheet."),
  byTheMetre("cable-conduit", "Conduit for cables and hoses", 2),
  sold("bulkhead", "Bulkhead fitting with its seal", one("bulkhead"), "Measure your own: its hole is bored for it."),
  sold("grommet", "Grommet for a cable", one("grommet"), "Shuts round the cable, not round the plug."),
  byTheMetre("pump-hose", "Clear hose for a pump", 3),
  byTheMetre("standpipe-tube", "Tube for a siphon pipe, 32 mm", 1),
  byTheMetre("stainless-wire", "Stainless wire, 1 mm", 5),
  byTheMetre("galvanised-wire", "Galvanised wire, 1 mm", 10, "Sheds zinc where it stays wet."),
  sold("wood-piece", "Branch or root of wood", one("wood-piece"), "Dry, and no resin; prices differ by piece."),
  sold("cork-piece", "Cork bark, a tube or a slab", one("cork-piece")),
  sold("stone-piece", "Stone or slate", one("stone-piece"), "Weigh it before you carry it."),
  sold("plant-in-its-pot", "Plant in its pot", one("plant-in-its-pot"), "Prices differ by plant: this is one for all."),
  sold("crew-culture", "Culture of springtails or woodlice", one("crew-culture")),
  {
    ...{ id: "fill-conditioner", class: "fill", form: "conditioner", name: "Water conditioner" },
    ...{ note: "The dose on its bottle rules.", densityKgPerM3: known(1000, 980, 1050) },
    packs: [pack("conditioner-100", "bottle 100 mL", 100)],
  },
];
