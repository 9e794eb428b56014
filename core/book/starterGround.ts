import { type Known, label, memory } from "../figures/figure";
import type { ClothForm, FillForm } from "../materials/names";
import type { Material, MaterialOf } from "../materials/schema";

const known = (value: number, low: number, high: number, basis: Known["basis"] = memory): Known => ({
  ...{ value, low, high, basis },
});
const pack = (id: string, name: string, content: number) => ({ id, name, content, priceMinor: null });
const litres = (n: number) => n * 1000;

const fill = (
  form: FillForm,
  name: string,
  density: [number, number, number],
  packs: MaterialOf<"fill">["packs"],
  note = "",
): MaterialOf<"fill"> => ({
  ...{ id: `fill-${form.toLowerCase()}`, class: "fill", name, note, form, packs },
  densityKgPerM3: known(...density),
});
const cloth = (form: ClothForm, name: string, packs: MaterialOf<"cloth">["packs"], note = ""): MaterialOf<"cloth"> => ({
  ...{ id: `cloth-${form.toLowerCase()}`, class: "cloth", name, note, form, packs },
});
const m2 = (n: number) => n * 1e6;

/** What ground is made of; densities as bought, from memory unless the label says. */
export const GROUND_MATERIALS: readonly Material[] = [
  {
    ...fill(
      "clay",
      "Expanded clay, 8–16 mm",
      [400, 350, 450],
      [pack("clay-10", "bag 10 L", litres(10)), pack("clay-50", "bag 50 L", litres(50))],
    ),
    densityKgPerM3: known(400, 350, 450, label),
  },
  fill("stones", "Lava rock", [900, 750, 1100], [pack("stones-10", "bag 10 L", litres(10))]),
  fill("gravel", "Gravel, 4–8 mm, washed", [1500, 1400, 1700], [pack("gravel-10", "bag 10 L", litres(10))]),
  fill("bagged", "Ready-made mix, bagged", [500, 350, 700], [pack("bagged-10", "bag 10 L", litres(10))]),
  fill(
    "charcoal",
    "Charcoal, no lighter in it",
    [250, 200, 350],
    [pack("charcoal-2", "bag 2 L", litres(2))],
    "Wet it before it is smashed: dust.",
  ),
  {
    ...fill(
      "coir",
      "Coir, pressed brick",
      [150, 100, 250],
      [pack("coir-650", "brick 650 g, swells to 8.5 L", litres(8.5))],
      "650 g swell to 8 or 9 L (label).",
    ),
    densityKgPerM3: known(150, 100, 250, label),
  },
  fill("bark", "Pine bark, fine", [300, 250, 400], [pack("bark-10", "bag 10 L", litres(10))]),
  fill("moss", "Sphagnum moss", [60, 40, 100], [pack("moss-5", "bag, 5 L fluffed", litres(5))]),
  fill("treeFern", "Tree-fern fibre", [180, 120, 250], [pack("treefern-4", "bag 4 L", litres(4))]),
  fill("leafMould", "Leaf mould", [400, 300, 600], [pack("leafmould-10", "bag 10 L", litres(10))]),
  fill("soil", "Plain soil, unfertilised", [900, 700, 1200], [pack("soil-20", "bag 20 L", litres(20))]),
  fill(
    "sand",
    "Washed sand",
    [1550, 1450, 1700],
    [pack("sand-15", "bag 15 L", litres(15))],
    "Rinse two or three times, until clear.",
  ),
  fill("clayEarth", "Clayey earth, dug or bought", [1300, 1100, 1500], [pack("clayearth-10", "bag 10 L", litres(10))]),
  fill("perlite", "Perlite", [110, 90, 140], [pack("perlite-10", "bag 10 L", litres(10))]),
  fill("litter", "Dry leaves", [60, 30, 100], [pack("litter-5", "bag 5 L", litres(5))]),
  fill("peat", "Peat fibre", [150, 100, 250], [pack("peat-10", "bag 10 L", litres(10))]),
  fill(
    "gypsum",
    "Gypsum cement, mixed",
    [1700, 1500, 1900],
    [pack("gypsum-3", "bag 5 kg, 3 L mixed", litres(3))],
    "Sets in the pot: mix what is poured at once.",
  ),
  fill("cork", "Cork granules", [120, 90, 180], [pack("cork-5", "bag 5 L", litres(5))]),
  cloth("weedCloth", "Weed cloth", [pack("weedcloth-1", "roll 1 × 2 m", m2(2))]),
  cloth("fibreScreen", "Glass-fibre screen for barriers", [pack("screen-1", "roll 1 × 2 m", m2(2))]),
  cloth(
    "filterPad",
    "Filter pad, 20 mm",
    [pack("pad-1", "strip 250 × 1000", m2(0.25))],
    "Strips that sum to the width; trimmings wedged along uneven walls.",
  ),
  cloth("fleece", "Thin fleece", [pack("fleece-1", "roll 1 × 2 m", m2(2))], "Collapses where it is always wet."),
  cloth("metalMesh", "Wire mesh", [pack("wire-1", "roll 0.5 × 2 m", m2(1))], "Rusts through under wet substrate."),
  cloth(
    "eggCrate",
    "Egg-crate grid",
    [pack("eggcrate-1", "panel 600 × 1200", m2(0.72))],
    "Cut on whole cells of 15 mm, joined by ties.",
  ),
  cloth("drainMat", "Drainage mat, 10 mm", [pack("drainmat-1", "cut from the roll, 1 m²", m2(1))]),
  cloth(
    "liner",
    "Pond liner, rubber",
    [pack("liner-1", "cut from the roll, 1 m²", m2(1))],
    "Fold the corners, never cut them.",
  ),
  {
    ...cloth(
      "liner",
      "Pond liner, rated for warmth",
      [pack("liner-warm-1", "cut from the roll, 1 m²", m2(1))],
      "Its label says how warm it may lie.",
    ),
    id: "cloth-liner-warm",
    ratedC: { value: 80, basis: label },
  },
  cloth("sponge", "Recycled foam, 50 mm", [pack("sponge-1", "piece 500 × 500", m2(0.25))]),
];
