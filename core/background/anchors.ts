import { type Known, memory } from "../figures/figure";
import { HOLLOW_SHARE, STUFF_DENSITY } from "../hardscape/mass";
import { HOLD, SCREWS } from "../hardscape/statics";
import { GRAVITY } from "../units/constants";
import { ANCHORS, type AnchorId } from "./names";
import type { Piece } from "./schema";

/** Something that holds wood or stone to a wall. */
interface AnchorKind {
  name: string;
  /** Pull it bears for years where it is damp, kPa; undefined where it is not glued. */
  pullKPa?: Known;
  /** Pull one screw bears, N. */
  screwN?: Known;
}

export const ANCHOR: Record<AnchorId, AnchorKind> = {
  foam: { name: "foam alone", pullKPa: { value: 4, low: 2, high: 8, basis: memory } },
  silicone: {
    name: "a bed of silicone",
    pullKPa: {
      value: 7,
      low: 7,
      high: 14,
      // 1 psi for dead loads of structural sealant (source: astm-c1401, from memory).
      basis: memory,
    },
  },
  screwPlate: {
    name: "screws into a plate siliconed behind",
    screwN: HOLD.screwPlate.screwN!,
  },
  floor: { name: "a foot on the base" },
};

/** A branch is round, a slab fills about half of the box round it: from memory. */
const FILLED: Record<Piece["kind"], number> = { branch: Math.PI / 4, slab: 0.5 };
/** What a piece weighs, kg: as weighed, or from its size. */
export function pieceKg({ mass, of, kind, width, height, depth, hollow }: Piece): number {
  if (mass) return mass.value;
  const m3 = (width.value * height.value * depth.value) / 1e9;
  return m3 * FILLED[kind] * STUFF_DENSITY[of].value * (hollow ? HOLLOW_SHARE.value : 1);
}

/** What pulls a piece off its wall. */
export interface Pull {
  kg: number;
  leverMm: number;
  /** Greatest pull at the upper edge of its bed, kPa. */
  edgeKPa: number;
  /** Pull on the upper screws of a plate, N each. */
  screwN: number;
}

/**
 * Pull at the upper edge of a bed from a piece that stands out: its weight's moment over the bed as a beam bends,
 * σ = 6·m·g·a/(b·h²), beside its shear m·g/(b·h). Source: statics of a rectangular section.
 * What reaches from wall to wall rests half its weight on each end, in shear: m·g/(2·b·h).
 * @param piece its middle hangs at half its depth
 * @param span whether its other end rests on the opposite wall
 */
export function pullOf(piece: Piece, span = false): Pull {
  const kg = pieceKg(piece);
  const leverMm = piece.depth.value / 2;
  const [b, h] = [piece.width.value / 1000, piece.height.value / 1000];
  if (span) {
    const atEnd = (kg * GRAVITY) / 2;
    return { kg, leverMm: 0, edgeKPa: atEnd / (b * h) / 1000, screwN: atEnd / SCREWS };
  }
  const force = kg * GRAVITY;
  const moment = (force * leverMm) / 1000;
  const edgeKPa = Math.hypot((6 * moment) / (b * h * h), force / (b * h)) / 1000;
  // The lower edge bears, the two upper screws pull at two thirds of the height.
  const screwN = moment / ((2 / 3) * h) / (SCREWS / 2);
  return { kg, leverMm, edgeKPa, screwN };
}

/** Whether an anchor bears a piece. */
export function bears(anchor: AnchorId, pull: Pull): boolean {
  const { pullKPa, screwN } = ANCHOR[anchor];
  if (pullKPa) return pull.edgeKPa <= pullKPa.value;
  return screwN ? pull.screwN <= screwN.value : true;
}

/** The least anchor that bears a piece. @param built whether it is on something built up, where silicone is not counted */
export const leastAnchor = (pull: Pull, built = false): AnchorId =>
  ANCHORS.find((a) => !(built && a === "silicone") && bears(a, pull))!;
