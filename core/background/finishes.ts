import type { LayerId } from "../design/names";
import { type Known, label, memory, practice } from "../figures/figure";
import type { FibreId, FinishId } from "./names";

const k = (value: number, basis: Known["basis"], low?: number, high?: number): Known =>
  low === undefined || high === undefined ? { value, basis } : { value, low, high, basis };

/** What a foot with toe pads makes of a wall. */
export type Grip = "good" | "fair" | "poor";

/** A school of finishing a wall (source: walls; docs/trade-coverage.md, A7). */
export interface FinishKind {
  name: string;
  /** Layers over the carved wall, in order. */
  layers: readonly LayerId[];
  /** How long a wet coat takes what is pressed in; undefined where nothing is. */
  openMinutes?: Known;
  /** Hands on a square metre and coat. */
  minutesPerM2: Known;
  /** Litres of fibre thrown at a square metre; what does not stick is swept up and used again. */
  fibreLPerM2?: Known;
  /** Weight of the finished face, kg/m², fibre in it. */
  kgPerM2: Known;
  /** Grip of a mineral or bare face; fibre grips by its kind. */
  grip?: Grip;
  repair: string;
  /** How its tones shift from wet to dry to varnished. */
  tones: string;
  mind: string;
}

const FIBRE_MINUTES = k(60, memory, 36, 96);

export const FINISH: Record<FinishId, FinishKind> = {
  siliconeFibre: {
    name: "Silicone and dry fibre",
    layers: ["siliconeFibre"],
    openMinutes: k(12, practice, 10, 15),
    minutesPerM2: FIBRE_MINUTES,
    fibreLPerM2: k(5, memory, 3, 8),
    kgPerM2: k(2.2, memory, 1.6, 3),
    repair: "patch by patch: new silicone holds only where the old is cut away",
    tones: "stays as the fibre is; darkens where it is wet",
    mind: "Fibre must be bone dry. Cheapest; a thin film, a small area at a go.",
  },
  puGlueFibre: {
    name: "PU glue and fibre",
    layers: ["puGlueFibre"],
    openMinutes: k(20, label, 15, 30),
    minutesPerM2: FIBRE_MINUTES,
    fibreLPerM2: k(5, memory, 3, 8),
    kgPerM2: k(1.3, memory, 0.9, 1.8),
    repair: "brush more glue on, press fibre in",
    tones: "stays as the fibre is; bare spots show yellow",
    mind: "Takes damp fibre. It swells: press bubbles back every few minutes.",
  },
  sprayGlueFibre: {
    name: "Spray glue and fibre",
    layers: ["sprayGlueFibre"],
    openMinutes: k(12, practice, 10, 15),
    minutesPerM2: k(40, memory, 25, 65),
    fibreLPerM2: k(6, memory, 4, 9),
    kgPerM2: k(1.1, memory, 0.7, 1.6),
    repair: "spray and press again",
    tones: "stays as the fibre is",
    mind: "Carries a thicker coat than silicone; unproven over years.",
  },
  waterproofer: {
    name: "Masonry waterproofer, tinted",
    layers: ["waterproofer"],
    minutesPerM2: k(12, memory, 7, 20),
    kgPerM2: k(1, memory, 0.7, 1.6),
    grip: "good",
    repair: "another thin coat over it",
    tones: "dries greyer than it goes on",
    mind: "Two or more thin coats; thick first coats run.",
  },
  grout: {
    name: "Tile mortar or grout, sealed",
    layers: ["grout", "varnish"],
    minutesPerM2: k(25, memory, 15, 40),
    kgPerM2: k(8, memory, 5, 12),
    grip: "good",
    repair: "chip it off, wet the edge, fill and tint again",
    tones: "dries much lighter than wet; varnish darkens it again",
    mind: "Tape the frames: it grips for good. Primer, thick, colour, then a sealer.",
  },
  bareSkin: {
    name: "Left as foamed",
    layers: [],
    minutesPerM2: k(0, practice),
    kgPerM2: k(0, practice),
    grip: "fair",
    repair: "foam over it",
    tones: "the foam's own; building foam yellows in light",
    mind: "The smooth skin as a lava look; nothing more is glued to it.",
  },
};

/** Fibre by its kind: how it grips under toe pads (source: walls; docs/trade-coverage.md, A28). */
export const FIBRE: Record<FibreId, { name: string; grip: Grip; note: string }> = {
  coir: { name: "coir", grip: "fair", note: "used for pad-footed geckos by some; others see them slip" },
  peat: { name: "peat", grip: "poor", note: "lets toe pads slip" },
  bark: { name: "fine bark", grip: "fair", note: "" },
  treeFern: { name: "tree-fern fibre", grip: "good", note: "holds under toe pads" },
  cork: { name: "cork granules", grip: "good", note: "holds under toe pads" },
};

/** How a finished wall grips. */
export const gripOf = (finish: FinishId, fibre: FibreId): Grip => FINISH[finish].grip ?? FIBRE[fibre].grip;
