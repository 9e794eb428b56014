import type { LayerId } from "../design/names";
import { type Known, label, memory, practice, published } from "../figures/figure";
import type { Book, MaterialOf } from "../materials/schema";
import { layerKind } from "../seal/stack/layers";
import { BACKGROUND_MATERIALS } from "./starterBackground";
import { DOOR_MATERIALS } from "./starterDoors";
import { FIXTURE_MATERIALS } from "./starterFixtures";
import { GAP_MATERIALS } from "./starterGaps";
import { GROUND_MATERIALS } from "./starterGround";
import { INSIDE_MATERIALS } from "./starterInside";

const known = (value: number, basis: Known["basis"], low?: number, high?: number): Known =>
  low === undefined || high === undefined ? { value, basis } : { value, low, high, basis };
const unpriced = (id: string, name: string, content: number) => ({ id, name, content, priceMinor: null });

const pvcFoam = (thicknessMm: number): MaterialOf<"sheet"> => ({
  id: `pvc-foam-${thicknessMm}`,
  class: "sheet",
  name: `PVC foam sheet ${thicknessMm} mm`,
  note: "Softens from about 60 °C: keep it under 50 °C (from memory).",
  plastic: "pvcFoam",
  thicknessMm,
  densityKgPerM3: known(600, label, 500, 700),
  elasticGPa: known(1.1, memory),
  creepFactor: known(2.5, memory, 2, 3),
  growthPerK: known(70e-6, memory, 60e-6, 80e-6),
  grained: false,
  stock: [
    { ...unpriced(`pvc-foam-${thicknessMm}-2440`, "sheet 2440 × 1220", 1), widthMm: 2440, heightMm: 1220 },
    { ...unpriced(`pvc-foam-${thicknessMm}-1220`, "sheet 1220 × 610", 1), widthMm: 1220, heightMm: 610 },
  ],
});

const plywood = (thicknessMm: number): MaterialOf<"sheet"> => ({
  id: `plywood-${thicknessMm}`,
  class: "sheet",
  name: `Birch plywood ${thicknessMm} mm`,
  note: "Swells at raw edges: seal every cut.",
  plastic: "plywood",
  thicknessMm,
  densityKgPerM3: known(600, memory, 550, 700),
  elasticGPa: known(8, memory, 6, 10),
  creepFactor: known(1.8, memory, 1.6, 2),
  growthPerK: known(8e-6, memory),
  grained: true,
  stock: [{ ...unpriced(`plywood-${thicknessMm}-2440`, "sheet 2440 × 1220", 1), widthMm: 2440, heightMm: 1220 }],
});

const glass = (thicknessMm: number): MaterialOf<"glass"> => ({
  id: `glass-${thicknessMm}`,
  class: "glass",
  name: `Float glass ${thicknessMm} mm, edges ground`,
  note: "Ordered cut to size; a glazier decides on toughening.",
  thicknessMm,
  thicknessToleranceMm: known(0.2, published("en-572-2")),
  densityKgPerM3: known(2500, published("en-572-1")),
  growthPerK: known(9e-6, published("en-572-1")),
  perM2: unpriced(`glass-${thicknessMm}-m2`, "square metre, cut and ground", 1),
});

const track = (glassMm: number, pitch: number, groove: number): MaterialOf<"track"> => ({
  id: `track-${glassMm}`,
  class: "track",
  name: `PVC double track for ${glassMm} mm panes`,
  note: "Measure the profile you are sold; a millimetre here decides whether panes lift in.",
  glassMm,
  pitchMm: known(pitch, practice),
  grooveMm: known(groove, practice),
  bottomDepthMm: known(6, practice),
  topDepthMm: known(12, practice),
  webMm: known(2, memory),
  pitchToleranceMm: known(0.2, memory),
  densityKgPerM3: known(1400, memory),
  bar: unpriced(`track-${glassMm}-bar`, "bottom and top bar, 2 m", 2000),
});

const mesh = (
  id: string,
  name: string,
  aperture: [number, number],
  wireMm: number,
  metal: boolean,
  source: Known["basis"],
): MaterialOf<"mesh"> => ({
  id,
  class: "mesh",
  name,
  note: metal ? "Metal mesh under wet substrate rusts through." : "",
  apertureMm: aperture,
  wireMm,
  metal,
  densityKgPerM3: known(metal ? 7900 : 1400, memory),
  basis: source,
  packs: [unpriced(`${id}-half`, "piece 500 × 500", 250_000), unpriced(`${id}-roll`, "roll 1 × 2 m", 2_000_000)],
});

const sealant = (id: string, name: string, mouldInhibitor: boolean): MaterialOf<"sealant"> => ({
  id,
  class: "sealant",
  name,
  note: mouldInhibitor
    ? "Mould inhibitor is poison to small animals."
    : "Weak on PVC and acrylic: it seals the seam, it does not hold the joint.",
  mouldInhibitor,
  densityKgPerM3: known(1030, memory),
  cureMmPerDay: known(2.5, label, 2, 3),
  waste: known(0.25, practice, 0.15, 0.4),
  packs: [unpriced(`${id}-tube`, "tube 310 mL", 310)],
});

const coat = (
  id: string,
  name: string,
  form: LayerId,
  waste: Known,
  packs: MaterialOf<"coat">["packs"],
  note = "",
): MaterialOf<"coat"> => {
  const { m2PerLitre, densityKgPerM3 } = layerKind(form);
  return {
    id,
    class: "coat",
    name,
    note,
    form,
    m2PerLitre: m2PerLitre!,
    waste,
    densityKgPerM3: densityKgPerM3!,
    packs,
  };
};
const overspray = known(0.25, memory, 0.15, 0.4);
/** Ready made, and nothing of its label is known yet. */
const byThePiece = { class: "hardware", sold: "piece", labelFigures: {} } as const;

const inThePot = known(0.1, memory, 0.05, 0.15);

/** The starter book: generic materials without prices, every constant with its basis. The builder overwrites it. */
export const starterBook = (): Book => ({
  materials: [
    pvcFoam(6),
    pvcFoam(8),
    pvcFoam(10),
    pvcFoam(13),
    pvcFoam(19),
    plywood(12),
    plywood(18),
    glass(4),
    glass(6),
    track(4, 7, 5),
    track(6, 9, 7),
    mesh("fly-screen", "Glass-fibre fly screen 18 × 16", [1.13, 1.31], 0.28, false, practice),
    mesh("steel-mesh-no-18", "Stainless mesh No. 18", [1, 1], 0.5, true, published("astm-e11")),
    mesh("steel-mesh-fine", "Stainless mesh No. 35", [0.5, 0.5], 0.3, true, published("astm-e11")),
    mesh("steel-mesh-6", "Stainless mesh 6 mm", [6, 6], 1, true, label),
    sealant("silicone-neutral", "Neutral silicone, 100 %, no additives", false),
    sealant("silicone-sanitary", "Sanitary silicone with mould inhibitor", true),
    coat("rubber-spray", "Rubberised spray sealant", "rubberSpray", overspray, [
      unpriced("rubber-spray-400", "can 400 mL", 400),
    ]),
    coat("rubber-brush", "Brush-on rubber, safe when cured", "rubberBrush", inThePot, [
      unpriced("rubber-brush-1000", "tin 1 L", 1000),
      unpriced("rubber-brush-2500", "tin 2.5 L", 2500),
    ]),
    coat(
      "pond-resin",
      "Pond resin, two parts",
      "epoxy",
      inThePot,
      [unpriced("pond-resin-1000", "kit 1 L", 1000)],
      "Heats up in bulk.",
    ),
    coat("water-varnish", "Water-based varnish", "varnish", inThePot, [
      unpriced("water-varnish-750", "tin 750 mL", 750),
    ]),
    coat("waterproofer", "Masonry waterproofer, grey", "waterproofer", inThePot, [
      unpriced("waterproofer-2500", "tub 2.5 L", 2500),
    ]),
    {
      id: "pvc-cement",
      class: "adhesive",
      name: "PVC cement, gap filling",
      note: "Solvent: melts polystyrene.",
      mlPerMetre: known(12, memory, 8, 20),
      cureMinutes: known(1440, label),
      packs: [unpriced("pvc-cement-tin", "tin 250 mL", 250)],
    },
    {
      id: "acrylic-cement",
      class: "adhesive",
      name: "Acrylic cement, thin, for clear plastics",
      note: "Solvent: welds and crazes. Never on polystyrene foam.",
      mlPerMetre: known(4, memory, 2, 8),
      cureMinutes: known(1440, label),
      packs: [unpriced("acrylic-cement-bottle", "bottle 100 mL", 100)],
    },
    {
      id: "structural-adhesive",
      class: "adhesive",
      name: "Structural hybrid adhesive",
      note: "",
      mlPerMetre: known(20, memory, 15, 30),
      cureMinutes: known(1440, label),
      packs: [unpriced("structural-adhesive-tube", "tube 290 mL", 290)],
    },
    {
      id: "screws",
      ...byThePiece,
      name: "Stainless screws 3.5 × 30",
      note: "Pre-drill: a split edge holds nothing.",
      packs: [unpriced("screws-100", "box of 100", 100)],
    },
    {
      id: "wooden-dowels",
      ...byThePiece,
      name: "Wooden dowels 8 × 16",
      note: "Match the holes of the kit.",
      packs: [unpriced("wooden-dowels-50", "bag of 50", 50)],
    },
    {
      id: "finger-pull",
      ...byThePiece,
      name: "Stick-on finger pull",
      note: "",
      packs: [unpriced("finger-pull-1", "each", 1)],
    },
    {
      id: "wedge-lock",
      ...byThePiece,
      name: "Push-in wedge for sliding panes",
      note: "",
      packs: [unpriced("wedge-lock-1", "each", 1)],
    },
    {
      id: "key-lock",
      ...byThePiece,
      name: "Key lock for sliding panes",
      note: "",
      packs: [unpriced("key-lock-1", "each", 1)],
    },
    {
      id: "lid-clip",
      ...byThePiece,
      name: "Lid clip",
      note: "",
      packs: [unpriced("lid-clip-4", "pack of 4", 4)],
    },
    {
      id: "brush-strip",
      class: "strip",
      name: "Self-adhesive brush strip",
      note: "",
      packs: [unpriced("brush-strip-1m", "length 1 m", 1000)],
    },
    ...structuredClone(DOOR_MATERIALS),
    ...structuredClone(GAP_MATERIALS),
    ...structuredClone(BACKGROUND_MATERIALS),
    ...structuredClone(GROUND_MATERIALS),
    ...structuredClone(INSIDE_MATERIALS),
    ...structuredClone([...FIXTURE_MATERIALS]),
  ],
});
