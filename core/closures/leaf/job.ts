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
import type { HingesSchema, Leafed } from "./schema";
import { findInfill, type Infill, infillOf } from "./stuff";

/** How a closure's leaves hang in the opening, or in the part of it they close. */
export interface Hanging {
  kind: DoorInput["kind"];
  leaves: 1 | 2;
  /** What they close: its width from hinge to lock, its height along the hinges. */
  opening: { widthMm: number; heightMm: number };
  hinges?: HingesOf;
  centred?: boolean;
}
type HingesOf = import("valibot").InferOutput<typeof HingesSchema>;

/** Hinges sit a sixth of the leaf from each of its ends unless placed. From memory. */
const HINGE_SHARE = 2 / 3;

/** Everything a leaf comes to. */
export interface LeafJob {
  made: Leafed;
  hanging: Hanging;
  input: DoorInput;
  sized: Result<DoorResult>;
  bar: MaterialOf<"bar"> | undefined;
  infill: Infill;
  ends: Record<"made" | "dry" | "wet", AirEnd>;
}

/** What the opening is out of square by, mm, from its diagonals: (d₁² − d₂²)/(4·W) (geometry). */
export function outOfSquareMm({ diagonals }: Pick<Leafed, "diagonals">, widthMm: number): number {
  if (!diagonals) return 0;
  const { rising, falling } = diagonals;
  return Math.abs(rising.value ** 2 - falling.value ** 2) / (4 * widthMm);
}

/** What moves round the opening as it warms: the frame's own strips, or the wall it is in. */
export const surroundOf = ({ shell }: Pick<Site, "shell">, { face }: Pick<Opening, "face">) =>
  face === "front"
    ? (shell.strips.find((s) => s.material.thicknessMm > 0)?.material ?? shell.faces.base.material)
    : shell.faces.left.material;

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
    surround: { growthPerK: surroundOf(site, opening).growthPerK.value, moisturePerPercent: 0 },
    hinges: hinges ? { count: hinges.count, spacingMm: hinges.spacing?.value ?? leafHighMm * HINGE_SHARE } : null,
    holds: { everyMm: holds.every.value, lastFromEndMm: holds.lastFromEnd.value },
    tolerance: {
      openingMm: sawToleranceMm(Math.max(widthMm, heightMm)) + outOfSquareMm(made, widthMm),
      leafMm: leafToleranceMm(infill, bar !== undefined, heightMm),
    },
    ...doorEnds(ends, leaf.moisture?.value),
    pushN: 0,
  };
  return { made, hanging, input, sized: sizeDoor(input), bar, infill, ends };
}

/** What was sized; undefined for what cannot be made. */
export const sizedOf = ({ sized }: LeafJob): DoorResult | undefined => (sized.ok ? sized.value : undefined);
