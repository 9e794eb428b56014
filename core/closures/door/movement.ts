import type { DoorInput, Edge } from "./format";
import type { Leaf } from "./leaf";

/** Warmth and moisture of the wood at one end of the climate. */
export type End = DoorInput["made"];

/** Glass moves by warmth alone (source: en-572-1). */
export const GLASS = { growthPerK: 9e-6, moisturePerPercent: 0, modulusGPa: 70 };

/** What a leaf without a frame moves by; glass needs nothing said. */
export const paneMoves = ({ kind, ...own }: DoorInput["leaf"]["infill"]) => ({
  growthPerK: own.growthPerK ?? (kind === "glass" ? GLASS.growthPerK : 0),
  moisturePerPercent: own.moisturePerPercent ?? GLASS.moisturePerPercent,
  modulusGPa: own.modulusGPa ?? GLASS.modulusGPa,
});

/** The change of warmth and of moisture from making to an end. */
const from = (made: End, { tempC, moisturePercent }: End) => ({
  kelvin: tempC - made.tempC,
  percent: moisturePercent - made.moisturePercent,
});

/** What a leaf's sides grow by from making to an end, mm (source: door-rules). */
function leafGrowth({ leaf: { frame, infill }, made }: DoorInput, { widthMm, heightMm }: Leaf, end: End) {
  const { kelvin, percent } = from(made, end);
  if (!frame) {
    const { growthPerK, moisturePerPercent } = paneMoves(infill);
    const share = growthPerK * kelvin + moisturePerPercent * percent;
    return { widthMm: widthMm * share, heightMm: heightMm * share };
  }
  const { barWidthMm, join, material } = frame;
  const swell = barWidthMm * material.moisturePerPercent * percent;
  return {
    // Two stiles across the grain.
    widthMm: widthMm * material.growthPerK * kelvin + 2 * swell,
    // Stiles run whole along the grain; of a butted rail half its swelling goes outward, of a mitred one all.
    heightMm: heightMm * material.growthPerK * kelvin + (join === "mitre" ? 2 : 1) * swell,
  };
}

/** Every edge's clearance at an end of the climate, mm (source: door-rules). */
export function clearancesAt(input: DoorInput, leaf: Leaf, end: End): Record<Edge, number> {
  const { kind, leaves, opening, clearanceMm, surround, made } = input;
  const { kelvin, percent } = from(made, end);
  const share = surround.growthPerK * kelvin + surround.moisturePerPercent * percent;
  const grown = leafGrowth(input, leaf, end);
  const wide = opening.widthMm * share - (kind === "hinged" ? leaves : 1) * grown.widthMm;
  const high = opening.heightMm * share - grown.heightMm;
  const { hinge, lock, meet, head, foot } = clearanceMm;
  return {
    hinge,
    lock: lock + (kind === "hinged" ? wide : wide / 2),
    meet: meet + wide,
    // A lift-out panel stands on its foot.
    head: head + (kind === "liftOut" ? high : high / 2),
    foot: foot + (kind === "liftOut" ? 0 : high / 2),
  };
}

/**
 * How far a leaf without a frame bows where one side only is warm or wet, mm: the greater of the two ends
 * (source: door-rules). Null for a framed leaf.
 */
export function bowMm(input: DoorInput, { heightMm, thicknessMm }: Leaf): number | null {
  if (input.leaf.frame) return null;
  const { growthPerK, moisturePerPercent } = paneMoves(input.leaf.infill);
  const bows = [input.dry, input.wet].map((end) => {
    const { kelvin, percent } = from(input.made, end);
    return Math.abs(((growthPerK * kelvin + moisturePerPercent * percent) * heightMm ** 2) / (8 * thicknessMm));
  });
  return Math.max(...bows);
}
