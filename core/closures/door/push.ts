import type { DoorInput, Edge } from "./format";
import type { Leaf } from "./leaf";
import { paneMoves } from "./movement";

/** A strip of a pane carries a push over no more of its span than this, and no more than half the leaf. From memory. */
const STRIP_SHARE = 0.4;

/** An edge that bends: its modulus, N/mm², width and thickness, mm. */
interface Bar {
  modulusNPerMm2: number;
  widthMm: number;
  thicknessMm: number;
}

/** What bends of an edge of so long a span, where the leaf is so wide across it. */
function barOf({ leaf: { frame, infill } }: DoorInput, { thicknessMm }: Leaf, spanMm: number, acrossMm: number): Bar {
  if (frame) return { modulusNPerMm2: frame.material.modulusGPa * 1000, widthMm: frame.barWidthMm, thicknessMm };
  return {
    modulusNPerMm2: paneMoves(infill).modulusGPa * 1000,
    widthMm: Math.min(STRIP_SHARE * spanMm, acrossMm / 2),
    thicknessMm,
  };
}

const stiffness = ({ modulusNPerMm2, widthMm, thicknessMm }: Bar) => (modulusNPerMm2 * widthMm * thicknessMm ** 3) / 12;

/** A push in the middle between two holds, mm: F·a³/(48·E·I). */
const between = (pushN: number, spanMm: number, bar: Bar) => (pushN * spanMm ** 3) / (48 * stiffness(bar));

/** A push at the end beyond the last hold, mm: F·c²·(c + a)/(3·E·I). */
const beyond = (pushN: number, overMm: number, spanMm: number, bar: Bar) =>
  (pushN * overMm ** 2 * (overMm + spanMm)) / (3 * stiffness(bar));

/**
 * How far the free edge of a pane held at both its ends opens for each newton in its middle, mm; a bound, as of leaves.
 * @param spanMm between what holds it
 * @param acrossMm the pane across that edge
 */
export function paneEdgeMmPerN(
  { thicknessMm, modulusGPa }: { thicknessMm: number; modulusGPa: number },
  spanMm: number,
  acrossMm: number,
): number {
  const widthMm = Math.min(STRIP_SHARE * spanMm, acrossMm / 2);
  return between(1, spanMm, { modulusNPerMm2: modulusGPa * 1000, widthMm, thicknessMm });
}

/**
 * How far each edge opens under a push, mm; a bound, for the bow is out of the leaf's plane (source: door-rules; beams by
 * statics).
 */
export function pushedMm(input: DoorInput, leaf: Leaf): Record<Edge, number> {
  const { kind, pushN, holds } = input;
  const { widthMm, heightMm } = leaf;
  const held = (edgeMm: number, acrossMm: number) => {
    const spanMm = Math.min(holds.everyMm, edgeMm);
    const bar = barOf(input, leaf, spanMm, acrossMm);
    return Math.max(between(pushN, spanMm, bar), beyond(pushN, holds.lastFromEndMm, spanMm, bar));
  };
  const side = held(heightMm, widthMm);
  const ends =
    kind === "hinged" ? between(pushN, widthMm, barOf(input, leaf, widthMm, heightMm)) : held(widthMm, heightMm);
  return { hinge: 0, lock: side, meet: side, head: ends, foot: ends };
}

/** Stress of a pane without a frame under the push, MPa: 6·F·a/(4·b·t²). Null for a framed leaf. */
export function pushStressMPa(input: DoorInput, leaf: Leaf): number | null {
  if (input.leaf.frame) return null;
  const spanMm = Math.min(input.holds.everyMm, leaf.heightMm);
  const { widthMm, thicknessMm } = barOf(input, leaf, spanMm, leaf.widthMm);
  return (6 * input.pushN * spanMm) / (4 * widthMm * thicknessMm ** 2);
}
