import { statedMm } from "../design/measure";
import { type Known, memory } from "../figures/figure";
import type { VesselKindId, VesselStuff } from "./names";
import type { Vessel } from "./schema";

const share = (value: number, low: number, high: number): Known => ({ value, low, high, basis: memory });

/** What a kind of vessel is called, and the share of the box inside it that it holds: they narrow to their foot. */
export const VESSELS: Record<
  VesselKindId,
  { words: string; holds: Known; begins: { acrossMm: number; deepMm: number } }
> = {
  dish: { words: "dish", holds: share(0.8, 0.65, 1), begins: { acrossMm: 120, deepMm: 30 } },
  pail: { words: "pail", holds: share(0.85, 0.75, 1), begins: { acrossMm: 180, deepMm: 150 } },
  tub: { words: "sunk tub", holds: share(0.9, 0.8, 1), begins: { acrossMm: 250, deepMm: 100 } },
};

/** What a vessel is of. */
export const VESSEL_OF: Record<VesselStuff, { words: string; kgPerM3: number; zinc?: true; rusts?: true }> = {
  plastic: { words: "plastic", kgPerM3: 950 },
  glazed: { words: "glazed ware", kgPerM3: 2200 },
  glass: { words: "glass", kgPerM3: 2500 },
  steel: { words: "stainless steel", kgPerM3: 7900 },
  galvanised: { words: "galvanised steel", kgPerM3: 7850, zinc: true },
  stone: { words: "stone or cement", kgPerM3: 2300 },
};

/** A new vessel in a place of the floor. */
export function newVessel(id: string, kind: VesselKindId, name: string, uMm: number, vMm: number): Vessel {
  const { acrossMm, deepMm } = VESSELS[kind].begins;
  return {
    ...{
      id,
      kind,
      name,
      face: "base",
      u: statedMm(uMm),
      v: statedMm(vMm),
      width: statedMm(acrossMm),
      length: statedMm(acrossMm),
    },
    ...{
      wayOut: kind === "dish" ? "none" : "stones",
      ramp: statedMm(40),
      round: true,
      wall: statedMm(4),
      depth: statedMm(deepMm),
    },
    ...{ filled: statedMm(deepMm - 10), of: "plastic", coats: null, rim: statedMm(kind === "dish" ? deepMm + 4 : 10) },
    ...{ touches: false, bathes: false, drunk: null, awayDays: statedMm(3) },
  };
}
