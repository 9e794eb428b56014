import { type Known, label, memory } from "../figures/figure";
import type { Material, MaterialOf } from "../materials/schema";

const known = (value: number, basis: Known["basis"] = memory, low?: number, high?: number): Known =>
  low === undefined || high === undefined ? { value, basis } : { value, low, high, basis };

const each = (id: string) => ({ id: `${id}-1`, name: "each", content: 1, priceMinor: null });
const length = (id: string, metres: number) => ({
  id: `${id}-length`,
  ...{ name: `length ${metres} m`, content: metres * 1000, priceMinor: null },
});

type Stuff = Omit<MaterialOf<"bar">, "id" | "class" | "name" | "note" | "widthMm" | "thicknessMm" | "packs">;

/** Wood swells across its grain by a quarter of a per cent for each per cent of moisture (source: door-rules). */
const PINE: Stuff = {
  stuff: "wood",
  densityKgPerM3: known(500, memory, 420, 600),
  elasticGPa: known(10, memory, 8, 12),
  growthPerK: known(5e-6),
  moisturePerPercent: known(0.0025, memory, 0.002, 0.0035),
};
const OAK: Stuff = {
  ...PINE,
  densityKgPerM3: known(700, memory, 620, 780),
  elasticGPa: known(12, memory, 10, 14),
  moisturePerPercent: known(0.0028, memory, 0.002, 0.0035),
};
const ALUMINIUM: Stuff = {
  stuff: "metal",
  densityKgPerM3: known(2700),
  elasticGPa: known(70),
  growthPerK: known(23e-6),
  moisturePerPercent: null,
};
const PVC: Stuff = {
  stuff: "plastic",
  densityKgPerM3: known(600, label, 500, 700),
  elasticGPa: known(1.1),
  growthPerK: known(70e-6, memory, 60e-6, 80e-6),
  moisturePerPercent: null,
};

const bar = (id: string, name: string, widthMm: number, thicknessMm: number, of: Stuff, note = ""): Material => ({
  ...{ id, class: "bar", name: `${name} ${widthMm} × ${thicknessMm}`, note, widthMm, thicknessMm, ...of },
  packs: [length(id, of.stuff === "metal" ? 2 : 2.4)],
});

const SEAL_IT = "Seal it all round before it is fitted: raw wood moves twice as fast.";

type Figures = MaterialOf<"hardware">["labelFigures"];
const figure = (value: number, unit: string) => ({ ...known(value, label), unit });

/** What a hinge, catch or fitting is, and what its label says it holds. */
const fitting = (id: string, name: string, note: string, labelFigures: Figures = {}): Material => ({
  ...{ id, class: "hardware", sold: "piece", name, note, labelFigures },
  packs: [each(id)],
});
const byTheMetre = (id: string, name: string, note: string, labelFigures: Figures = {}): Material => ({
  ...{ id, class: "hardware", sold: "metre", name, note, labelFigures },
  packs: [length(id, 2)],
});

const TWO_SCREWS: Figures = {
  screws: figure(2, ""),
  "screw diameter": figure(4, "mm"),
  "screw length": figure(24, "mm"),
};

/** Bars, hinges, catches and grooves that doors and lids are made with. */
export const DOOR_MATERIALS: readonly Material[] = [
  bar("pine-bar-30", "Planed pine bar", 30, 18, PINE, SEAL_IT),
  bar("pine-bar-20", "Planed pine bar", 20, 18, PINE, SEAL_IT),
  bar("pine-bar-44", "Planed pine bar", 44, 21, PINE, SEAL_IT),
  bar("oak-bar-30", "Planed oak bar", 30, 18, OAK, SEAL_IT),
  bar("aluminium-bar-20", "Aluminium bar", 20, 10, ALUMINIUM),
  bar("aluminium-bar-30", "Aluminium bar", 30, 15, ALUMINIUM),
  bar("pvc-bar-30", "PVC foam bar", 30, 19, PVC),
  fitting("butt-hinge", "Butt hinge, stainless, 50 mm", "Two screws a side, or bolted through.", TWO_SCREWS),
  fitting("clamp-hinge", "Clamp hinge for a pane", "Holes in the pane only where its maker says so.", TWO_SCREWS),
  fitting("turn-catch", "Turn catch", "Turned by hand; seen from outside whether it is shut.", {
    pull: figure(120, "N"),
  }),
  fitting("snap-catch", "Snap catch", "Pulls the leaf to its seat.", { pull: figure(80, "N") }),
  fitting("magnet-catch", "Magnet catch", "Weaker through paint and over any gap, and falls out with age.", {
    "magnet pull": figure(40, "N"),
  }),
  fitting("setting-block", "Setting block, plastic", "Carries the pane's weight and keeps it off the frame."),
  fitting("corner-piece", "Corner piece for a frame", "Glued and screwed, or pushed into hollow bars."),
  fitting("door-stop", "Stop for a door or lid", "What it lands on, so that it is not pushed through."),
  fitting("lock-label", "Label by a lock", "Who lives there, that it stays locked, and whom to call."),
  fitting("lid-strap", "Strap with a buckle", "Over a lid, round the whole tub."),
  byTheMetre("mesh-batten", "Batten or spline over a mesh's edge", "Ends of wire lie under it."),
  byTheMetre("groove-4", "Groove profile for 4 mm panes", "Measure the one you are sold.", {
    ...{ groove: figure(5, "mm"), depth: figure(8, "mm"), web: figure(2, "mm") },
  }),
  byTheMetre("groove-6", "Groove profile for 6 mm panes", "Measure the one you are sold.", {
    ...{ groove: figure(7, "mm"), depth: figure(10, "mm"), web: figure(2, "mm") },
  }),
];
