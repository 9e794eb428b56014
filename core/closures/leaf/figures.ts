import { constant, type Figure, type FigureInput, from } from "../../figures/figure";
import { capital } from "../../units/capital";
import type { DoorResult } from "../door/format";
import { EDGES } from "../door/format";
import type { Here } from "../kind";
import { hingeRule } from "./hanging";
import type { LeafJob } from "./job";
import type { LeafWords } from "./words";

const mm = (name: string, value: number): FigureInput => ({ name, value, unit: "mm" });

/** How the leaves were sized, what they weigh, what pulls on them and how far they open. */
export function leafFigures({ id, site }: Here, job: LeafJob, sized: DoorResult, words: LeafWords): Figure[] {
  const { input, hanging, bar, ends } = job;
  const { leaf } = sized;
  const { clearanceMm: clear, tolerance } = input;
  const own = (thing: string) => id(`${words.one}-${thing}`);
  const name = capital(words.one);
  const swings = hanging.kind === "hinged";
  const width: Figure = {
    ...{ id: own("width"), label: `${name} width`, value: leaf.widthMm, unit: "mm" },
    formula: !swings
      ? "opening width − 2 × clearance beside it"
      : hanging.leaves === 2
        ? "(opening width − 2 × hinge clearance − clearance where they meet) ÷ 2"
        : "opening width − hinge clearance − lock clearance",
    inputs: [
      mm("opening width", input.opening.widthMm),
      ...(swings ? [mm("at the hinges", clear.hinge)] : []),
      mm(
        swings && hanging.leaves === 2 ? "where they meet" : "beside it",
        hanging.leaves === 2 ? clear.meet : clear.lock,
      ),
    ],
  };
  const height: Figure = {
    ...{ id: own("height"), label: `${name} height`, value: leaf.heightMm, unit: "mm" },
    formula: "opening height − head clearance − foot clearance",
    inputs: [
      mm("opening height", input.opening.heightMm),
      mm("at the head", clear.head),
      mm("at the foot", clear.foot),
    ],
  };
  const mass: Figure = {
    ...{ id: own("mass"), label: `Mass of one ${words.one}`, value: leaf.massKg, unit: "kg" },
    formula: bar
      ? "bars (as if they butted, rebates not taken off) + what they hold, size × thickness × density"
      : "width × height × thickness × density",
    inputs: [
      from(width),
      from(height),
      ...(bar
        ? [
            mm("bar, wide", bar.widthMm),
            mm("bar, thick", bar.thicknessMm),
            constant("bar", bar.densityKgPerM3, "kg/m³"),
          ]
        : []),
      mm("infill, thick", input.leaf.infill.thicknessMm),
      constant("infill", job.infill.densityKgPerM3, "kg/m³"),
    ],
  };
  const list = [width, height, mass];
  if (hanging.hinges && input.hinges) {
    list.push(
      {
        ...{
          id: own("hinge-pull"),
          label: "Pull on the top hinge",
          value: sized.hingePullN,
          unit: "N",
          rounding: "up",
        },
        formula: "mass × 9.81 × half the width ÷ spacing of the hinges",
        inputs: [from(mass), from(width), mm("spacing", input.hinges.spacingMm)],
      },
      {
        ...{ id: own("hinges"), label: "Hinges a leaf wants", value: sized.hingesWanted, unit: "" },
        formula: hingeRule(site.say),
        inputs: [from(mass), from(height)],
      },
      {
        ...{ id: own("swing"), label: "Free edge swings past", value: sized.swingClearMm, unit: "mm", rounding: "up" },
        formula: "√(width² + thickness²) − width",
        inputs: [from(width), mm("thickness", input.leaf.thicknessMm ?? input.leaf.infill.thicknessMm)],
      },
    );
  }
  const wood = bar?.moisturePerPercent;
  const climate: FigureInput[] = [
    { name: "made at", value: input.made.tempC, unit: "°C" },
    { name: "driest and coldest", value: ends.dry.tempC, unit: "°C" },
    { name: "wettest and warmest", value: ends.wet.tempC, unit: "°C" },
    ...(wood
      ? [
          { name: "its wood when made", value: input.made.moisturePercent, unit: "%" },
          { name: `wood at ${Math.round(ends.dry.rh)} % rh`, value: input.dry.moisturePercent, unit: "%" },
          { name: `wood at ${Math.round(ends.wet.rh)} % rh`, value: input.wet.moisturePercent, unit: "%" },
          constant("swells across, for each %", wood, ""),
        ]
      : []),
  ];
  for (const edge of EDGES) {
    const gap = sized.gaps[edge];
    if (!gap) continue;
    list.push({
      ...{ id: own(`gap-${edge}`), label: `Gap ${words.edges[edge]}`, value: gap.likely, high: gap.worst, unit: "mm" },
      rounding: "up",
      formula:
        "widest of making, driest and wettest + tolerances, as a root of squares; at worst added up. A push is added for each resident in the audit",
      inputs: [
        mm("as designed", gap.nominal),
        mm("opening, ±", tolerance.openingMm),
        mm("leaf, ±", tolerance.leafMm),
        ...climate,
      ],
    });
  }
  if (sized.bowMm !== null && sized.bowMm > 0)
    list.push({
      ...{
        id: own("bow"),
        label: `The ${words.one} bows`,
        value: sized.bowMm,
        unit: "mm",
        rounding: "up",
        estimate: true,
      },
      formula: "(growth × change of warmth + swelling × change of moisture) × height² ÷ (8 × thickness), one side only",
      inputs: [from(height), mm("thickness", input.leaf.infill.thicknessMm), ...climate.slice(0, 3)],
    });
  return list;
}
