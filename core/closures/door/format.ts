import * as v from "valibot";
import { bounded } from "../../design/bounded";

const mm = (what: string, low = 0) => bounded(what, low, 20_000, " mm");
const growth = (what: string) => bounded(`${what}.growthPerK`, 0, 1e-3);
const moisture = (what: string) => bounded(`${what}.moisturePerPercent`, 0, 0.1);
const end = (what: string) =>
  v.object({
    tempC: bounded(`${what}.tempC`, -50, 90, " °C"),
    moisturePercent: bounded(`${what}.moisturePercent`, 0, 100, " %"),
  });

const frame = v.object({
  barWidthMm: mm("leaf.frame.barWidthMm", 1),
  join: v.picklist(["butt", "mitre"], "leaf.frame.join must be butt or mitre."),
  material: v.object({
    densityKgPerM3: bounded("leaf.frame.material.densityKgPerM3", 1, 20_000),
    growthPerK: growth("leaf.frame.material"),
    moisturePerPercent: moisture("leaf.frame.material"),
    modulusGPa: bounded("leaf.frame.material.modulusGPa", 0.01, 400),
  }),
});

const infill = v.object({
  kind: v.picklist(["glass", "mesh", "sheet"], "leaf.infill.kind must be glass, mesh or sheet."),
  thicknessMm: mm("leaf.infill.thicknessMm", 0.05),
  /** How far the bars hold it, and what is left clear round it within that; of a framed leaf only. */
  rebateMm: v.optional(mm("leaf.infill.rebateMm"), 0),
  playMm: v.optional(mm("leaf.infill.playMm"), 0),
  densityKgPerM3: bounded("leaf.infill.densityKgPerM3", 1, 20_000),
  growthPerK: v.optional(growth("leaf.infill")),
  moisturePerPercent: v.optional(moisture("leaf.infill")),
  modulusGPa: v.optional(bounded("leaf.infill.modulusGPa", 0.01, 400)),
});

/** Input of `hornwort door`: millimetres. */
export const DoorSchema = v.object({
  opening: v.object({ widthMm: mm("opening.widthMm", 1), heightMm: mm("opening.heightMm", 1) }),
  kind: v.picklist(["hinged", "liftOut", "lid"], "kind must be hinged, liftOut or lid."),
  leaves: v.optional(v.picklist([1, 2], "leaves must be 1 or 2."), 1),
  clearanceMm: v.object({
    hinge: v.optional(mm("clearanceMm.hinge"), 0),
    lock: v.optional(mm("clearanceMm.lock"), 0),
    meet: v.optional(mm("clearanceMm.meet"), 0),
    head: mm("clearanceMm.head"),
    foot: mm("clearanceMm.foot"),
  }),
  leaf: v.object({
    /** Of the bars; a leaf without a frame is as thick as its pane. */
    thicknessMm: v.optional(mm("leaf.thicknessMm", 0.1)),
    frame: v.nullable(frame),
    infill,
  }),
  surround: v.object({ growthPerK: growth("surround"), moisturePerPercent: moisture("surround") }),
  hinges: v.optional(
    v.nullable(
      v.object({
        count: v.pipe(bounded("hinges.count", 2, 12), v.integer("hinges.count must be a whole number.")),
        spacingMm: mm("hinges.spacingMm", 1),
      }),
    ),
    null,
  ),
  /** What holds the edge that opens: one hold each so many millimetres, the last so far from the end. */
  holds: v.object({ everyMm: mm("holds.everyMm", 1), lastFromEndMm: v.optional(mm("holds.lastFromEndMm"), 0) }),
  /** Pegs or blocks keep it in the middle: it cannot slide to one side. */
  centred: v.optional(v.boolean(), false),
  tolerance: v.object({ openingMm: mm("tolerance.openingMm"), leafMm: mm("tolerance.leafMm") }),
  made: end("made"),
  dry: end("dry"),
  wet: end("wet"),
  pushN: v.optional(bounded("pushN", 0, 10_000, " N"), 0),
});
export type DoorInput = v.InferOutput<typeof DoorSchema>;

/** An edge of a leaf that may open. */
export type Edge = keyof DoorInput["clearanceMm"];
export const EDGES = ["hinge", "lock", "meet", "head", "foot"] as const satisfies readonly Edge[];

/** How far an edge stands open, mm. */
export interface EdgeGap {
  /** As designed. */
  nominal: number;
  /** The widest of making, dry and wet, with tolerances as a root of squares, and pushed. */
  likely: number;
  /** The same with tolerances added up. */
  worst: number;
}

/** A bar of a frame, for the whole door. */
export interface DoorBar {
  id: "stile" | "rail";
  lengthMm: number;
  qty: number;
}

export interface DoorResult {
  /** One leaf. */
  leaf: { widthMm: number; heightMm: number; massKg: number };
  bars: DoorBar[];
  /** What a frame holds; null without one. */
  infill: { widthMm: number; heightMm: number } | null;
  /** Pull on the top hinge of one leaf, and how many one leaf wants; 0 where nothing swings. */
  hingePullN: number;
  hingesWanted: number;
  /** What a leaf that swings needs beside its free edge. */
  swingClearMm: number;
  gaps: Partial<Record<Edge, EdgeGap>>;
  stressMPa: number | null;
  bowMm: number | null;
  bindsAt: "dry" | "wet" | "swing" | null;
  why: string;
}
