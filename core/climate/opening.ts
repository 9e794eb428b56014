import { AIR_VISCOSITY, SHARP_CD } from "./flow";
import type { ClimateOpening } from "./format";

/** An opening as the air sees it; several of a kind beside one another count together. */
export interface Opening {
  /** Of all of them together, m², and of one. */
  areaM2: number;
  oneM2: number;
  count: number;
  vertical: boolean;
  /** In the base rather than the top: the air under it is the room's. */
  underneath: boolean;
  lowM: number;
  highM: number;
  /** `still · v² + slow · v = S²`: what pressure S makes of a mean speed v through opening and screens. */
  still: number;
  slow: number;
}

/**
 * Gross area with its screens' losses, each layer's 1.3(1 − f) + (1/f − 1)² + 22/Re, Re of the clear speed (source:
 * idelchik). As the last falls with the speed itself, it is kept apart.
 */
export function openingOf({
  orientation,
  face,
  widthMm,
  heightMm,
  centreHeightMm,
  count,
  mesh,
}: ClimateOpening): Opening {
  const vertical = orientation === "vertical";
  const oneM2 = (widthMm * heightMm) / 1e6;
  const half = vertical ? heightMm / 2 : 0;
  let [still, slow] = [1 / SHARP_CD.value ** 2, 0];
  for (const { apertureMm, wireMm, layers } of mesh ? [mesh].flat() : []) {
    const open = apertureMm.reduce((share, w) => share * (w / (w + wireMm)), 1);
    still += layers * (1.3 * (1 - open) + (1 / open - 1) ** 2);
    slow += (layers * 22 * AIR_VISCOSITY.value * open) / (wireMm / 1000);
  }
  return {
    ...{ areaM2: oneM2 * count, oneM2, count, vertical, underneath: face === "base" },
    ...{ lowM: (centreHeightMm - half) / 1000, highM: (centreHeightMm + half) / 1000 },
    ...{ still, slow },
  };
}

/**
 * Mean gross speed, m/s, for S = √(2|Δp|/ρ) averaged over the opening. The screens' Reynolds number is taken at that
 * very speed, so the loss is a root of a square: nothing is iterated.
 */
export function speedAt({ still, slow }: Pick<Opening, "still" | "slow">, s: number): number {
  if (s <= LEAST_S) return 0;
  return (2 * s * s) / (slow + Math.sqrt(slow * slow + 4 * still * s * s));
}

/** Under this nothing moves that could be told, m/s; squared it would be lost. */
const LEAST_S = 1e-12;

/** Speeds that a pressure would make without loss, averaged over an opening: outward and inward, m/s. */
export interface Push {
  out: number;
  in: number;
}

/** `∫ √|p| dz` of a pressure that goes from one value to another of the same sign over a height of 1. */
const meanRoot = (p: number, q: number): number => {
  const [a, b] = [Math.sqrt(Math.abs(p)), Math.sqrt(Math.abs(q))];
  // (2/3)·(b³ − a³)/(b² − a²), without the nought over nought.
  return a + b === 0 ? 0 : (2 / 3) * ((a * a + a * b + b * b) / (a + b));
};

/**
 * Push through an opening, integrated over its height.
 * @param offsetPa inside over the room at the base, Pa
 * @param perM what that gains with each metre up, Pa/m
 */
export function pushOf(
  { lowM, highM }: Pick<Opening, "lowM" | "highM">,
  offsetPa: number,
  perM: number,
  insideKgPerM3: number,
  roomKgPerM3: number,
): Push {
  const [p, q] = [offsetPa + perM * lowM, offsetPa + perM * highM];
  const [out, inward] = [Math.sqrt(2 / insideKgPerM3), Math.sqrt(2 / roomKgPerM3)];
  if (p >= 0 && q >= 0) return { out: out * meanRoot(p, q), in: 0 };
  if (p <= 0 && q <= 0) return { out: 0, in: inward * meanRoot(p, q) };
  // Where it turns, as a share of the height.
  const turn = p / (p - q);
  const [below, above] = [turn * meanRoot(p, 0), (1 - turn) * meanRoot(0, q)];
  return p > 0 ? { out: out * below, in: inward * above } : { out: out * above, in: inward * below };
}
