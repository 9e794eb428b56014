import type { FaceMaterial, Family } from "../../materials/face";
import { findMaterial } from "../../materials/find";
import type { MaterialOf } from "../../materials/schema";
import type { Opening } from "../../shell/shell";
import type { Site } from "../../shell/site";
import type { Result } from "../../units/result";
import { sawToleranceMm } from "../../workshop/sawTolerance";
import { sizeDoor } from "../door/door";
import { type AirEnd, climateEnds, doorEnds } from "../door/ends";
import type { DoorInput, DoorResult } from "../door/format";
import { GLASS_CUT } from "../glassCut";
import type { Hinges, Leafed } from "./schema";
import { findInfill, type Infill, infillOf } from "./stuff";
import { surroundOf } from "./surround";

/** What hinges are fixed to. */
export type HingedTo = Pick<FaceMaterial, "name" | "family" | "thicknessMm">;

/** How a closure's leaves hang in the opening, or in the part of it they close. */
export interface Hanging {
  kind: DoorInput["kind"];
  leaves: 1 | 2;
  /** What they close: its width from hinge to lock, its height along the hinges. */
  opening: { widthMm: number; heightMm: number };
  hinges?: Hinges;
  /** What its hinges are fixed to; what stands round the opening, where it is nothing else. */
  on?: HingedTo;
  centred?: boolean;
}

/** Hinges sit a sixth of the leaf from each of its ends unless placed. From memory. */
const HINGE_SHARE = 2 / 3;

/** A window in a leaf, mm. */
export interface LeafWindow {
  infill: Infill;
  widthMm: number;
  heightMm: number;
  lapMm: number;
}

/** The window of a leaf: only sheet has one cut into it. */
function windowOf({ book }: Pick<Site, "book">, { window }: Leafed["leaf"], infill: Infill): LeafWindow | null {
  const of = window && infill.class === "sheet" ? findInfill(book, window.infill) : undefined;
  return window && of
    ? { infill: of, widthMm: window.width.value, heightMm: window.height.value, lapMm: window.lap.value }
    : null;
}

/** Everything a leaf comes to. */
export interface LeafJob {
  made: Leafed;
  hanging: Hanging;
  input: DoorInput;
  sized: Result<DoorResult>;
  bar: MaterialOf<"bar"> | undefined;
  infill: Infill;
  /** A window in a leaf of sheet, with what closes it; null without one. */
  window: LeafWindow | null;
  hangsOn: HingedTo;
  ends: Record<"made" | "dry" | "wet", AirEnd>;
}

/** What the opening is out of square by, mm, from its diagonals: (d₁² − d₂²)/(4·W) (geometry). */
export function outOfSquareMm({ diagonals }: Pick<Leafed, "diagonals">, widthMm: number): number {
  if (!diagonals) return 0;
  const { rising, falling } = diagonals;
  return Math.abs(rising.value ** 2 - falling.value ** 2) / (4 * widthMm);
}

/** The frame's glued corners are as square as the saw cut them. */
const leafToleranceMm = (infill: Infill, framed: boolean, heightMm: number): number =>
  !framed && infill.class === "glass" ? GLASS_CUT.value : sawToleranceMm(heightMm);

/**
 * Sizes the leaves of a closure at both ends of the climate.
 * The design must have passed `checkDesign` with the same book.
 */
export function measureLeaf(site: Site, opening: Opening, made: Leafed, hanging: Hanging): LeafJob {
  const { leaf, clearance, holds } = made;
  const bar = leaf.frame ? findMaterial(site.book, leaf.frame.bar, "bar") : undefined;
  const infill = findInfill(site.book, leaf.infill)!;
  const ends = climateEnds(site);
  const { widthMm, heightMm } = hanging.opening;
  const own = infillOf(infill, leaf, bar);
  const leafHighMm = Math.max(1, heightMm - clearance.head.value - clearance.foot.value);
  const { hinges } = hanging;
  const surround = surroundOf(site, opening);
  const input: DoorInput = {
    opening: { widthMm, heightMm },
    ...{ kind: hanging.kind, leaves: hanging.leaves, centred: hanging.centred ?? false },
    clearanceMm: {
      ...{ hinge: clearance.hinge.value, lock: clearance.lock.value, meet: clearance.meet.value },
      ...{ head: clearance.head.value, foot: clearance.foot.value },
    },
    leaf: {
      ...(bar && { thicknessMm: bar.thicknessMm }),
      frame:
        leaf.frame && bar
          ? {
              barWidthMm: bar.widthMm,
              join: leaf.frame.join,
              material: {
                densityKgPerM3: bar.densityKgPerM3.value,
                growthPerK: bar.growthPerK.value,
                moisturePerPercent: bar.moisturePerPercent?.value ?? 0,
                modulusGPa: bar.elasticGPa.value,
              },
            }
          : null,
      infill: own,
    },
    surround: { growthPerK: surround.growthPerK.value, moisturePerPercent: 0 },
    hinges: hinges ? { count: hinges.count, spacingMm: hinges.spacing?.value ?? leafHighMm * HINGE_SHARE } : null,
    holds: { everyMm: holds.every.value, lastFromEndMm: holds.lastFromEnd.value },
    tolerance: {
      openingMm: sawToleranceMm(Math.max(widthMm, heightMm)) + outOfSquareMm(made, widthMm),
      leafMm: leafToleranceMm(infill, bar !== undefined, heightMm),
    },
    ...doorEnds(ends, leaf.moisture?.value),
    pushN: 0,
  };
  return {
    ...{ made, hanging, input, sized: sizeDoor(input), bar, infill, ends },
    window: windowOf(site, leaf, infill),
    hangsOn: hanging.on ?? surround,
  };
}

const BAR_FAMILY: Record<MaterialOf<"bar">["stuff"], Family> = { wood: "timber", plastic: "pvcFoam", metal: "steel" };

/** A leaf as what another hangs on: its bars, or the pane or sheet that it is. */
export const asHingedTo = ({ bar, infill }: Pick<LeafJob, "bar" | "infill">): HingedTo => {
  if (bar) return { name: bar.name, family: BAR_FAMILY[bar.stuff], thicknessMm: bar.thicknessMm };
  const family = infill.class === "sheet" ? infill.plastic : infill.class === "glass" ? "glass" : "none";
  return { name: infill.name, family, thicknessMm: infill.class === "mesh" ? 0 : infill.thicknessMm };
};

/** What was sized; undefined for what cannot be made. */
export const sizedOf = ({ sized }: LeafJob): DoorResult | undefined => (sized.ok ? sized.value : undefined);
