import type { LayerId, SafetySplit } from "../../design/names";
import { type Known, label, memory, practice } from "../../figures/figure";
import type { Cures } from "../../ledgers/cures";
import type { ClothForm } from "../../materials/names";
import type { Applied, Surface } from "../bonds/names";

const known = (value: number, basis: Known["basis"], low?: number, high?: number): Known =>
  low === undefined || high === undefined ? { value, basis } : { value, low, high, basis };
const hours = known;

/** When a layer has set enough for what comes: six different thresholds, hours at 20 °C and half-damp air (source: sealing). */
export interface Dry {
  /** Stays by itself. */
  hold: Known;
  /** May be touched and turned. */
  handle: Known;
  /** Takes the next coat. */
  recoat: Known;
  /** May be cut or carved; null for what is not. */
  carve: Known | null;
  /** May get wet. */
  wet: Known;
  /** Safe for animals. */
  safe: Known;
}

/** The same in minutes, as steps tell it. */
export const curesOf = ({ carve, ...rest }: Dry): Cures => {
  const minutes = ({ value }: Known) => Math.round(value * 60);
  const { hold, handle, recoat, wet, safe } = rest;
  return {
    ...{ hold: minutes(hold), handle: minutes(handle), recoat: minutes(recoat) },
    ...(carve && { carve: minutes(carve) }),
    ...{ wet: minutes(wet), safe: minutes(safe) },
  };
};

/** What a face can be given, from the wall outwards. */
export interface LayerKind {
  name: string;
  /** `work` is done to what is there; the others are put on. */
  kind: "work" | "coat" | "bead" | "body";
  /** What the bonds table calls it. */
  applied?: Applied;
  /** What the next layer meets, once it has set. */
  leaves?: Surface;
  /** What it keeps out by itself. */
  keeps: "standing" | "splash" | "nothing";
  coats: Known;
  /** Square metres a litre covers, one coat; undefined for what is not bought by the litre. */
  m2PerLitre?: Known;
  /** What it takes that is bought as something else than a coat of its own, per square metre and coat. */
  takes?: { class: "sealant"; litresPerM2: Known } | { class: "cloth"; form: ClothForm; m2PerM2: Known };
  /** Of the cured coat, for its mass. */
  densityKgPerM3?: Known;
  dry: Dry;
  /** A question of safety that whoever uses it meets, and how that is told. */
  split?: { split: SafetySplit; because: string };
  /** It carries fibre, and asks whether that is dry. */
  fibre?: true;
  caution?: "solventFumes" | "siliconeFumes" | "dust" | "foam" | "alkaline";
  mind: string;
  /** How it is mended, where it is one of several ways to keep water off. */
  repair?: string;
}

const dry = (hold: Known, handle: Known, recoat: Known, wet: Known, safe: Known, carve: Known | null = null): Dry => ({
  ...{ hold, handle, recoat, carve, wet, safe },
});
const NOTHING = dry(hours(0, practice), hours(0, practice), hours(0, practice), hours(0, practice), hours(0, practice));
const DAY = hours(24, practice);
/** Silicone: a day before water, three days to two weeks before animals (source: sealing; docs/trade-coverage.md, C). */
const SILICONE = dry(hours(0.5, label), hours(3, practice, 2, 24), DAY, DAY, hours(168, practice, 72, 336));
const RUBBER = dry(hours(1, label), DAY, DAY, hours(48, label, 24, 72), hours(168, label, 72, 336));
const PU_GLUE = dry(
  hours(1, label),
  hours(12, practice, 8, 16),
  hours(12, practice, 8, 16),
  DAY,
  hours(72, memory, 24, 168),
);
const SPRAY_GLUE = dry(hours(0.2, practice, 0.17, 0.25), hours(1, memory), hours(1, memory), DAY, hours(72, memory));
const FOAM = dry(hours(0.4, practice, 0.33, 0.5), DAY, DAY, DAY, hours(72, memory, 48, 168), DAY);
const MORTAR = dry(hours(4, label), DAY, hours(30, practice, 24, 36), hours(72, memory), hours(168, memory, 72, 336));
const SILICONE_STAYS = { split: "siliconeGrade", because: "silicone stays inside" } as const;
const one = known(1, practice);
/** Silicone under fibre goes on as a film of 1 to 2 mm: litres on a square metre. */
export const SILICONE_FILM: Known = known(1.5, practice, 1, 2);

/**
 * The layers a face can be given (source: sealing, walls). Yields are labels to be overwritten; hours are trade practice
 * where no label is known.
 */
export const LAYERS = {
  key: {
    ...{ name: "Sand to a key, dust, degrease", kind: "work", keeps: "nothing", coats: one, dry: NOTHING },
    caution: "dust",
    mind: "Dull all over; dry throughout.",
  },
  openings: {
    ...{ name: "Cut the openings", kind: "work", keeps: "nothing", coats: one, dry: NOTHING },
    caution: "dust",
    mind: "Before any coat: raw edges stay exposed, chip and rust.",
  },
  carve: {
    ...{ name: "Take the skin off, carve", kind: "work", leaves: "carvedFoam", keeps: "nothing", coats: one },
    dry: NOTHING,
    caution: "dust",
    mind: "Matt, bubbles visible everywhere.",
  },
  rubberSpray: {
    ...{ name: "Rubberised spray", kind: "coat", applied: "rubberSpray", leaves: "rubber", keeps: "standing" },
    split: { split: "aerosolInside", because: "a face gets rubberised spray" },
    coats: known(4, practice, 3, 6),
    // Four to six cans of 400 mL for a tall cabinet inside, some 2.5 m² four times over.
    m2PerLitre: known(6, practice, 4, 8),
    densityKgPerM3: known(1100, memory),
    dry: RUBBER,
    caution: "solventFumes",
    mind: "Thin coats until no lamp shows through.",
    repair: "another coat over it, no silicone between",
  },
  rubberBrush: {
    ...{ name: "Brush-on rubber", kind: "coat", applied: "rubberBrush", leaves: "rubber", keeps: "standing" },
    coats: known(3, practice, 2, 3),
    m2PerLitre: known(1.25, label, 1, 1.5),
    densityKgPerM3: known(1100, memory),
    dry: RUBBER,
    mind: "Its label must say safe when cured.",
    repair: "another coat over it, no silicone between",
  },
  epoxy: {
    ...{ name: "Epoxy or pond resin", kind: "coat", applied: "epoxy", leaves: "epoxied", keeps: "standing" },
    coats: known(2, practice),
    // 0.3 to 0.5 kg/m² at 1.1 kg/L.
    m2PerLitre: known(2.75, label, 2.2, 3.7),
    densityKgPerM3: known(1150, memory),
    dry: dry(hours(4, label), DAY, hours(6, label, 3, 12), hours(72, label, 24, 120), hours(168, label, 72, 168)),
    caution: "solventFumes",
    mind: "Second coat while the first is tacky; it heats up in bulk.",
    repair: "sand to a key, then another coat",
  },
  varnish: {
    ...{ name: "Water-based varnish", kind: "coat", applied: "varnish", leaves: "varnished", keeps: "splash" },
    coats: known(3, practice, 3, 5),
    m2PerLitre: known(11, label, 10, 12),
    densityKgPerM3: known(1050, memory),
    dry: dry(
      hours(1, label),
      hours(4, label, 2, 4),
      hours(3, practice, 2, 4),
      hours(72, memory),
      hours(168, memory, 72, 336),
    ),
    mind: "Not for standing water alone.",
    repair: "sand, then another coat",
  },
  liner: {
    ...{
      name: "Sheet liner, folded into the corners",
      kind: "body",
      applied: "liner",
      leaves: "liner",
      keeps: "standing",
    },
    coats: one,
    dry: dry(hours(0, practice), hours(2, practice), DAY, DAY, hours(168, practice, 72, 336)),
    // Folds in the corners, and the rim it is fixed by.
    takes: { class: "cloth", form: "liner", m2PerM2: known(1.2, memory, 1.1, 1.4) },
    mind: "Fold, do not cut, the corners; a mat behind it needs a heat-rated sheet.",
  },
  beads: {
    split: SILICONE_STAYS,
    ...{ name: "Silicone beads", kind: "bead", applied: "silicone", leaves: "curedSilicone", keeps: "standing" },
    coats: one,
    dry: SILICONE,
    caution: "siliconeFumes",
    mind: "Coat first, silicone after.",
  },
  siliconeDabs: {
    split: SILICONE_STAYS,
    ...{ name: "Rough silicone dabs", kind: "coat", applied: "silicone", leaves: "roughSilicone", keeps: "nothing" },
    coats: one,
    dry: { ...SILICONE, recoat: hours(72, practice) },
    caution: "siliconeFumes",
    takes: { class: "sealant", litresPerM2: known(0.3, memory, 0.2, 0.5) },
    mind: "Spiky, for foam to grip.",
  },
  foamPond: {
    ...{ name: "Pond-grade foam", kind: "body", applied: "foamPond", leaves: "foamSkin", keeps: "nothing" },
    coats: one,
    dry: FOAM,
    caution: "foam",
    mind: "One lift at a time; the face lies down while it sets.",
  },
  foamBuilding: {
    ...{ name: "Building foam", kind: "body", applied: "foamBuilding", leaves: "foamSkin", keeps: "nothing" },
    coats: one,
    dry: FOAM,
    caution: "foam",
    mind: "One lift at a time; the face lies down while it sets.",
  },
  siliconeFibre: {
    split: SILICONE_STAYS,
    ...{ name: "Silicone and fibre", kind: "coat", applied: "siliconeFibre", leaves: "dryFibre", keeps: "nothing" },
    coats: one,
    dry: SILICONE,
    fibre: true,
    caution: "siliconeFumes",
    takes: { class: "sealant", litresPerM2: SILICONE_FILM },
    mind: "Bone-dry fibre, small areas within the open time.",
  },
  puGlueFibre: {
    ...{ name: "PU glue and fibre", kind: "coat", applied: "puGlueFibre", leaves: "dryFibre", keeps: "nothing" },
    coats: one,
    dry: PU_GLUE,
    fibre: true,
    caution: "solventFumes",
    mind: "It swells: press bubbles back every few minutes.",
  },
  sprayGlueFibre: {
    ...{ name: "Spray glue and fibre", kind: "coat", applied: "sprayGlueFibre", leaves: "dryFibre", keeps: "nothing" },
    coats: one,
    dry: SPRAY_GLUE,
    fibre: true,
    caution: "solventFumes",
    mind: "Sets in 10 to 15 minutes; unproven over years.",
  },
  waterproofer: {
    ...{
      name: "Masonry waterproofer, tinted",
      kind: "coat",
      applied: "waterproofer",
      leaves: "waterproofed",
      keeps: "splash",
    },
    coats: known(2, practice, 2, 4),
    m2PerLitre: known(3, memory, 2, 5),
    densityKgPerM3: known(1500, memory),
    dry: dry(
      hours(2, label),
      hours(12, label, 4, 24),
      hours(12, label, 3, 24),
      hours(36, label, 24, 48),
      hours(168, memory, 72, 336),
    ),
    caution: "alkaline",
    mind: "Thin; a first coat laid thick runs. Soak and rinse until the run-off is near neutral.",
  },
  grout: {
    ...{ name: "Tile mortar or grout", kind: "coat", applied: "grout", leaves: "mortared", keeps: "nothing" },
    coats: known(3, practice),
    dry: MORTAR,
    caution: "alkaline",
    mind: "Thin primer, thick, colour; it dries much lighter than wet.",
  },
} as const satisfies Record<LayerId, LayerKind>;

/** A layer's kind by its id. */
export const layerKind = (id: LayerId): LayerKind => LAYERS[id];

/** What the next layer meets once one is on: beads run along the edges and leave the face as it is. */
export const surfaceAfter = (on: Surface | undefined, kind: LayerKind): Surface | undefined =>
  kind.kind === "bead" ? on : (kind.leaves ?? on);

/** Whether its number of coats is for the builder to say. */
export const takesCoats = ({ kind }: LayerKind): boolean => kind === "coat";
