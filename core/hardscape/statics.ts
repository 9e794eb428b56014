import { type Known, memory } from "../figures/figure";
import { GRAVITY } from "../units/constants";
import { endsOf, namedEnds } from "./line";
import { weightOf } from "./mass";
import type { Hold } from "./names";
import type { Block, Branch } from "./schema";

/** What a bed bears for years, kPa in shear, and a plate's screw, N. */
export const HOLD: Record<Hold, { words: string; shearKPa?: Known; screwN?: Known }> = {
  loose: { words: "nothing: it lies there" },
  // 1 psi for dead loads of structural sealant (source: astm-c1401, from memory).
  silicone: { words: "a bed of silicone", shearKPa: { value: 7, low: 7, high: 14, basis: memory } },
  foam: { words: "a bed of foam", shearKPa: { value: 5, low: 2, high: 8, basis: memory } },
  screwPlate: { words: "screws into a plate behind", screwN: { value: 120, low: 80, high: 200, basis: memory } },
};
/** Screws of one plate. */
export const SCREWS = 4;

/** What one end of a branch bears. */
export interface EndLoad {
  side: "left" | "right";
  /** Downward, N: half of the weight (statics of a beam on two supports, its middle in the middle). */
  downN: number;
  /** Outward against a wall that only leans, N: weight × run ÷ (2 × rise); 0 where both ends carry it. */
  outN: number;
  /** On its bed, kPa; null where it is not glued. */
  shearKPa: number | null;
  /** On each screw, N; null where there are none. */
  screwN: number | null;
}

/** Reactions at both ends of a branch (statics). */
export function endLoads(branch: Branch): EndLoad[] {
  const weightN = weightOf(branch).kg * GRAVITY;
  const ends = namedEnds(branch);
  const [a, b] = endsOf(branch);
  const runMm = Math.hypot(a[0] - b[0], a[1] - b[1]);
  const riseMm = Math.abs(a[2] - b[2]);
  const isWall = (on: string) => on !== "base" && on !== "ground";
  // One that only leans on its wall is carried by its foot alone.
  const leaning = ends.find(({ end }) => isWall(end.on) && end.hold === "loose");
  const foot = ends.find(({ end }) => !isWall(end.on));
  const leans = leaning !== undefined && foot !== undefined && riseMm > 0;
  return ends.map(({ side, end }): EndLoad => {
    const downN = leans ? (end === foot.end ? weightN : 0) : weightN / 2;
    const { shearKPa, screwN } = HOLD[end.hold];
    const bedM2 = (end.bedWidth.value * end.bedHeight.value) / 1e6;
    return {
      ...{ side, downN, outN: leans ? (weightN * runMm) / (2 * riseMm) : 0 },
      shearKPa: isWall(end.on) && shearKPa ? downN / bedM2 / 1000 : null,
      screwN: isWall(end.on) && screwN ? downN / SCREWS : null,
    };
  });
}

/** How a stone or stump falls. */
export interface Tipping {
  /** It tips once it is leaned by this, degrees: atan(narrowest foot ÷ height). */
  degrees: number;
  /** A push at its top that tips it, N: weight × foot ÷ (2 × height). */
  pushN: number;
}

/** When a block topples about the edge of its foot (statics: its middle of mass half-way up). */
export function tippingOf(block: Block): Tipping {
  const foot = Math.min(block.width.value, block.length.value);
  const high = block.height.value;
  return {
    degrees: (Math.atan2(foot, high) * 180) / Math.PI,
    pushN: (weightOf(block).lowKg * GRAVITY * foot) / (2 * high),
  };
}
