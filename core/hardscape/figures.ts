import { constant, type Figure, type FigureInput } from "../figures/figure";
import type { Site } from "../shell/site";
import { GRAVITY } from "../units/constants";
import { STUFF_DENSITY, weightOf } from "./mass";
import type { Block, Branch, Piece } from "./schema";
import { BLOCK_SHARE } from "./shapes/block";
import { shapeOf } from "./shapes/list";
import { endLoads, HOLD, tippingOf } from "./statics";

/** What a piece weighs, and what its ends or its foot bear. */
export function pieceFigures(piece: Piece): Figure[] {
  const mass = massFigure(piece);
  const weight = { name: "weight", value: mass.value * GRAVITY, unit: "N", figure: mass.id };
  return [mass, ...OWN[piece.shape](piece, weight)];
}

/** What is reckoned of a shape alone: how it tips on its foot, or what its two ends bear. */
const OWN: Record<Piece["shape"], (piece: Piece, weight: FigureInput) => Figure[]> = {
  block: (piece, weight) => footFigures(piece as Block, weight),
  branch: (piece, weight) => endFigures(piece as Branch, weight),
};

function massFigure(piece: Piece): Figure {
  const { kg, lowKg, highKg, weighed } = weightOf(piece);
  return {
    ...{ id: `hardscape/${piece.id}/mass`, label: `${piece.name} weighs`, value: kg, unit: "kg" },
    ...(!weighed && { low: lowKg, high: highKg, estimate: true as const }),
    formula: weighed ? "as weighed" : "the room it takes × what it is of",
    inputs: weighed
      ? [{ name: "weighed", value: kg, unit: "kg" }]
      : [
          constant(`${piece.of}, dry`, STUFF_DENSITY[piece.of], "kg/m³"),
          ...(shapeOf(piece).standsMm ? [constant("fills of the box round it", BLOCK_SHARE, "")] : []),
        ],
  };
}

function footFigures(piece: Block, weight: FigureInput): Figure[] {
  const { degrees, pushN } = tippingOf(piece);
  const foot = { name: "narrowest foot", value: Math.min(piece.width.value, piece.length.value), unit: "mm" };
  const high = { name: "high", value: piece.height.value, unit: "mm" };
  return [
    {
      ...{ id: `hardscape/${piece.id}/tips`, label: "It tips once it leans", value: degrees, unit: "°" },
      ...{ rounding: "down", formula: "atan(narrowest foot ÷ height)", inputs: [foot, high] },
    },
    {
      ...{ id: `hardscape/${piece.id}/push`, label: "A push at its top that tips it", value: pushN, unit: "N" },
      ...{ rounding: "down", formula: "weight, at the least × foot ÷ (2 × height)", inputs: [weight, foot, high] },
    },
  ];
}

function endFigures(piece: Branch, weight: FigureInput): Figure[] {
  return endLoads(piece).map(({ side, downN, outN, shearKPa, screwN }): Figure => {
    const end = piece[side];
    const own = { id: `hardscape/${piece.id}/${side}`, rounding: "up" as const };
    const bed = [
      { name: "bed, wide", value: end.bedWidth.value, unit: "mm" },
      { name: "bed, high", value: end.bedHeight.value, unit: "mm" },
    ];
    const { shearKPa: limitKPa, screwN: limitN } = HOLD[end.hold];
    if (shearKPa !== null)
      return {
        ...{ ...own, label: `On the bed of its ${side} end`, value: shearKPa, unit: "kPa" },
        formula: "weight ÷ 2 ÷ bed",
        inputs: [weight, ...bed, ...(limitKPa ? [constant("bears for years", limitKPa, "kPa")] : [])],
      };
    if (screwN !== null)
      return {
        ...{ ...own, label: `On each screw of its ${side} end`, value: screwN, unit: "N" },
        formula: "weight ÷ 2 ÷ screws",
        inputs: [weight, ...(limitN ? [constant("one screw bears", limitN, "N")] : [])],
      };
    return {
      ...{ ...own, label: `Its ${side} end rests with`, value: Math.hypot(downN, outN), unit: "N" },
      formula: "half of its weight; leaning, weight × run ÷ (2 × rise) outward",
      inputs: [weight, { name: "down", value: downN, unit: "N" }, { name: "outward", value: outN, unit: "N" }],
    };
  });
}

/** The top of a piece, and the room above it: what an animal's back and a lamp over it share. */
export function topFigure({ shell }: Pick<Site, "shell">, piece: Piece): Figure {
  const { groundMm, topMm: lidMm } = shell.levels;
  const shape = shapeOf(piece);
  const top = shape.topMm(piece, groundMm);
  return {
    ...{ id: `hardscape/${piece.id}/top`, label: "Its top, above the base", value: top, unit: "mm" },
    formula: shape.topFormula,
    inputs: [
      { name: "above the substrate", value: top - groundMm, unit: "mm" },
      { name: "room above it", value: lidMm - top, unit: "mm" },
    ],
  };
}
