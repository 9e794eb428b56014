import type { SheetVariant } from "../../../document/schema";
import { constant, type Figure, from, memory, practice } from "../../../figures/figure";
import { GRAVITY } from "../../../units/constants";
import { topCarriesKg } from "../../carries";
import { beamSagMm, railWithFlangeInertiaMm4, rectangleInertiaMm4 } from "../../sag";
import type { Site } from "../../site";
import { grownMm, WARMER } from "../../warmth";
import { type Box, measureBox } from "./box";

/** Share of the span of the top that works with a rail glued under it. */
const FLANGE_SHARE = { value: 0.1, basis: memory } as const;

const RAIL = "shell/rail-sag";
const TOP = "shell/top-sag";

/** The sag of the head rail, of a shell that has one. */
export const railSag = (figures: readonly Figure[]) => figures.find((f) => f.id === RAIL);
/** The sag of the top. */
export const topSagOf = (figures: readonly Figure[]) => figures.find((f) => f.id === TOP);

/** A site whose shell is a sheet box, with the box measured. */
export interface SheetSite extends Site {
  variant: SheetVariant;
  box: Box;
}

export const sheetSite = (site: Site): SheetSite => {
  const variant = site.variant as SheetVariant;
  return { ...site, variant, box: measureBox(variant, site.book) };
};

/** All joints together, mm. */
export const jointMm = (site: Site): number => site.shell.joints.reduce((sum, j) => sum + j.lengthMm, 0);

/** What only a sheet box has: sags and joints. */
export const sheetFigures = (site: SheetSite): Figure[] => [...sagFigures(site), jointFigure(site), growthFigure(site)];

/** How much longer its longest panel is on a warm day than on the bench. */
function growthFigure({ box, shell }: SheetSite): Figure {
  const boards = Object.values(box.sheets);
  // A pane behind the front frame is of its own stuff.
  const pieces = [...shell.panels, ...shell.glassPanes].flatMap((p) => {
    const board = boards.find((b) => b.id === p.materialId);
    return board ? [{ label: p.label, longMm: Math.max(p.lengthMm, p.widthMm), growth: board.growthPerK }] : [];
  });
  const by = (p: (typeof pieces)[number]) => grownMm(p.longMm, p.growth.value);
  const most = pieces.reduce((a, b) => (by(b) > by(a) ? b : a));
  return {
    id: "shell/growth",
    label: "Growth of its longest panel, warm",
    value: grownMm(most.longMm, most.growth.value),
    unit: "mm",
    rounding: "up",
    estimate: true,
    formula: "length × growth × how much warmer it gets than on the bench",
    inputs: [
      { name: most.label, value: most.longMm, unit: "mm" },
      constant("growth", most.growth, "per K"),
      constant("warmer than on the bench", WARMER, "K"),
    ],
  };
}

function jointFigure(site: SheetSite): Figure {
  const { joints } = site.shell;
  return {
    id: "shell/joints",
    label: "Joints and screws",
    value: jointMm(site),
    unit: "mm",
    formula: `Σ joint lengths; screws from ${site.say(50)} off each end, evenly, no further apart than the spacing`,
    inputs: [
      ...joints.map((j) => ({
        name: `${j.id.replace("joint/", "").replaceAll("-", " ")} (${j.screws} screws)`,
        value: j.lengthMm,
        unit: "mm",
      })),
      {
        name: "screw spacing",
        value: site.variant.shell.joints.screwSpacing.value,
        unit: "mm",
        basis: practice,
      },
    ],
  };
}

/** Sag of the top between its supports, and of the head rail with the top glued to it. */
function sagFigures(site: SheetSite): Figure[] {
  const { shell, variant, box } = site;
  const top = box.sheets.top;
  const topMm = box.thicknessMm.top;
  const { widthMm, depthMm } = shell.inside;
  const rail = shell.strips.find((s) => s.role === "headRail");
  const spanMm = rail ? Math.min(widthMm, depthMm) : widthMm;
  const areaMm2 = widthMm * depthMm;
  const pressureMPa = (top.densityKgPerM3.value * topMm * GRAVITY) / 1e9 + (topCarriesKg(variant) * GRAVITY) / areaMm2;
  const elasticMPa = top.elasticGPa.value * 1000;
  const topSag: Figure = {
    id: TOP,
    label: "Sag of the top, in years",
    value: beamSagMm(pressureMPa, spanMm, elasticMPa, rectangleInertiaMm4(1, topMm)) * top.creepFactor.value,
    unit: "mm",
    rounding: "up",
    estimate: true,
    formula: `creep × 5·w·L⁴ / (384·E·I) for a strip of unit width ${rail ? "over the shorter span, back and head rail holding it" : "from side to side: without a head rail the front edge is free"}`,
    inputs: [
      { name: "span", value: spanMm, unit: "mm" },
      { name: "thickness", value: topMm, unit: "mm" },
      { name: "load with its own weight", value: pressureMPa * 1e6, unit: "Pa" },
      { name: "load on the top, fixtures with it", value: topCarriesKg(variant), unit: "kg" },
      constant("Young's modulus", top.elasticGPa, "GPa"),
      constant("creep", top.creepFactor, "×"),
      constant("density", top.densityKgPerM3, "kg/m³"),
    ],
  };
  if (!rail) return [topSag];
  const front = box.sheets.front;
  const flangeMm = Math.min(depthMm / 2, widthMm * FLANGE_SHARE.value);
  const inertia = railWithFlangeInertiaMm4(
    { thickMm: box.thicknessMm.front, highMm: rail.heightMm },
    { wideMm: flangeMm, thickMm: topMm },
  );
  const railLoad =
    (front.densityKgPerM3.value * box.thicknessMm.front * rail.heightMm * GRAVITY) / 1e9 + (pressureMPa * depthMm) / 2;
  const railElasticMPa = Math.min(elasticMPa, front.elasticGPa.value * 1000);
  const alone = rectangleInertiaMm4(box.thicknessMm.front, rail.heightMm);
  return [
    topSag,
    {
      id: RAIL,
      label: "Sag of the head rail, in years",
      value: beamSagMm(railLoad, shell.openings[0].widthMm, railElasticMPa, inertia) * front.creepFactor.value,
      unit: "mm",
      rounding: "up",
      estimate: true,
      formula:
        "creep × 5·w·L⁴ / (384·E·I), the rail and a strip of the top glued to it bending as one, carrying half the top",
      inputs: [
        { name: "span", value: shell.openings[0].widthMm, unit: "mm" },
        { name: "load", value: railLoad * 1000, unit: "N/m" },
        { name: "second moment with the top", value: inertia, unit: "mm⁴" },
        { name: "second moment of the rail alone", value: alone, unit: "mm⁴" },
        {
          name: "sag if the top were not glued to it",
          value: beamSagMm(railLoad, shell.openings[0].widthMm, railElasticMPa, alone) * front.creepFactor.value,
          unit: "mm",
        },
        constant("strip of the top that helps, share of the span", FLANGE_SHARE, "×"),
        constant("Young's modulus", front.elasticGPa, "GPa"),
        constant("creep", front.creepFactor, "×"),
        from(topSag),
      ],
    },
  ];
}
