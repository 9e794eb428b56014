import { constant, type Figure } from "../figures/figure";
import { volumeBelowMl } from "../shell/profile";
import type { Site } from "../shell/site";
import { capital } from "../units/capital";
import { ANCHOR, pieceKg, pullOf } from "./anchors";
import { BUILD_UP } from "./buildUps";
import { type Cover, coverDepths } from "./cover";
import { CARVED_AWAY, foamMl, foamNeed, LIFT_MM, liftsOf } from "./foam";
import { spansRoom } from "./span";
import { type Mass, workKg } from "./works/work";
import { isPiece, zoneName } from "./zones";

/** What all of it weighs together. */
export const MASS_FIGURE = "background/mass";

/** Area, depth, foam and mass of each wall, and what is left of the room. */
export function backgroundFigures(
  site: Site,
  covers: readonly Cover[],
  massesByFace: ReadonlyMap<string, Mass[]>,
  patches: readonly Mass[],
): Figure[] {
  if (covers.length === 0 && site.variant.background.zones.length === 0) return [];
  return [
    ...covers.flatMap((c) => wallFigures(site, c, massesByFace.get(c.wall.face) ?? [])),
    ...pieceFigures(site),
    ...roomFigures(site),
    massFigure(site, covers, massesByFace, patches),
  ];
}

function wallFigures(site: Site, cover: Cover, masses: Mass[]): Figure[] {
  const { wall, m2, bareM2, footMm, meanMm } = cover;
  const { face } = wall;
  const list: Figure[] = [
    {
      id: `background/${face}/area`,
      label: `${capital(face)}, covered`,
      value: m2,
      unit: "m²",
      formula: "the wall above its bare foot − openings, keep-outs and bare zones",
      inputs: [
        { name: "begins above the base at", value: footMm, unit: "mm" },
        { name: "left bare above it", value: bareM2, unit: "m²" },
      ],
    },
    {
      id: `background/${face}/kg`,
      label: `Adds to the ${face}`,
      value: workKg({ masses }),
      unit: "kg",
      formula: "Σ volume × density of foam, board or earth + area × mass of the finish",
      inputs: [
        { name: "covered", value: m2, unit: "m²" },
        ...masses.map((m) => ({ name: m.name, value: m.kg, unit: "kg" })),
        ...masses.map((m) => m.rate),
      ],
      estimate: true,
    },
  ];
  const ml = foamMl(cover);
  if (ml <= 0) return list;
  const { grams, lowGrams, highGrams, mlPerGram, duds, factor } = foamNeed(site, wall.foam, wall.apply, ml);
  list.push(
    {
      id: `background/${face}/foam`,
      label: `Foam for the ${face}`,
      value: grams,
      low: lowGrams,
      high: highGrams,
      unit: "g",
      formula: "volume as it stands ÷ what a gram leaves on the wall × how it is put on ÷ (1 − duds)",
      inputs: [
        { name: "mean depth", value: meanMm, unit: "mm" },
        { name: "volume as it stands", value: ml / 1000, unit: "L" },
        constant("left on the wall of a gram, usual carving in it", mlPerGram, "mL"),
        { name: "against the usual way of putting it on", value: factor, unit: "×" },
        constant("cans that fail", duds, ""),
        constant(
          `carved away, put on ${wall.apply === "over" ? "plentifully" : wall.apply === "sparing" ? "sparingly" : "as usual"}`,
          CARVED_AWAY[wall.apply],
          "",
        ),
      ],
    },
    {
      id: `background/${face}/lifts`,
      label: `Lifts on the ${face}`,
      value: liftsOf(cover),
      unit: "",
      formula: "deepest place ÷ one lift, rounded up",
      inputs: [
        { name: "deepest place", value: cover.peakMm, unit: "mm" },
        { name: "one lift", value: wall.lift.value, unit: "mm" },
        constant("at most", LIFT_MM, "mm"),
      ],
    },
  );
  return list;
}

const pieceFigures = (site: Site): Figure[] =>
  site.variant.background.zones.filter(isPiece).map((piece): Figure => {
    const span = spansRoom(site.shell, piece);
    const pull = pullOf(piece, span);
    return {
      id: `background/${piece.id}/pull`,
      label: `Pull of ${zoneName(piece)}`,
      value: pull.edgeKPa,
      unit: "kPa",
      rounding: "up",
      formula: span
        ? "m·g ÷ 2 ÷ (width·height): it rests on two walls, half at each end"
        : "√((6·m·g·a ÷ (width·height²))² + (m·g ÷ (width·height))²) at the upper edge of its bed",
      inputs: [
        { name: "mass", value: pull.kg, unit: "kg" },
        { name: "its middle from the wall", value: pull.leverMm, unit: "mm" },
        { name: "bed, wide", value: piece.width.value, unit: "mm" },
        { name: "bed, high", value: piece.height.value, unit: "mm" },
        constant("foam alone bears", ANCHOR.foam.pullKPa!, "kPa"),
        constant("a bed of silicone bears", ANCHOR.silicone.pullKPa!, "kPa"),
      ],
      estimate: true,
    };
  });

/** What is left inside: sizes at the floor, and the air over the ground. */
function roomFigures(site: Site): Figure[] {
  const { profile, levels } = site.shell;
  const depth = coverDepths(site.variant, site.shell);
  const { footWidthMm, footDepthMm } = profile;
  const widthMm = footWidthMm - depth.left - depth.right;
  const depthMm = footDepthMm - depth.back;
  const groundMm = (levels.groundMm + levels.groundFrontMm) / 2;
  const airMl = volumeBelowMl(profile, profile.heightMm) - volumeBelowMl(profile, groundMm);
  const share = (Math.max(0, widthMm) * Math.max(0, depthMm)) / (footWidthMm * footDepthMm);
  return [
    {
      id: "background/net-width",
      label: "Left inside, wide",
      value: widthMm,
      unit: "mm",
      rounding: "down",
      formula: "inside width − left wall − right wall, at their mean",
      inputs: [
        { name: "inside width", value: footWidthMm, unit: "mm" },
        { name: "left wall", value: depth.left, unit: "mm" },
        { name: "right wall", value: depth.right, unit: "mm" },
      ],
    },
    {
      id: "background/net-depth",
      label: "Left inside, deep",
      value: depthMm,
      unit: "mm",
      rounding: "down",
      formula: "inside depth − back wall, at its mean",
      inputs: [
        { name: "inside depth", value: footDepthMm, unit: "mm" },
        { name: "back wall", value: depth.back, unit: "mm" },
      ],
    },
    {
      id: "background/net-room",
      label: "Room over the substrate",
      value: (airMl * share) / 1000,
      unit: "L",
      rounding: "down",
      formula: "inside volume over the substrate × share of the floor that is left",
      inputs: [
        { name: "over the substrate, bare", value: airMl / 1000, unit: "L" },
        { name: "share left", value: share, unit: "" },
        { name: "lost to the walls", value: (1 - share) * 100, unit: "%" },
      ],
    },
  ];
}

function massFigure(
  site: Site,
  covers: readonly Cover[],
  massesByFace: ReadonlyMap<string, Mass[]>,
  patches: readonly Mass[],
): Figure {
  const pieces = site.variant.background.zones.filter(isPiece);
  const inputs = [
    ...covers.map(({ wall }) => ({
      name: `${wall.face}, ${BUILD_UP[wall.buildUp].name.toLowerCase()}`,
      value: workKg({ masses: massesByFace.get(wall.face) ?? [] }),
      unit: "kg",
    })),
    ...patches.map((m) => ({ name: `patch of ${m.name}`, value: m.kg, unit: "kg" })),
    ...pieces.map((p) => ({ name: zoneName(p), value: pieceKg(p), unit: "kg" })),
  ];
  return {
    id: MASS_FIGURE,
    label: "Mass of the background",
    value: inputs.reduce((sum, i) => sum + i.value, 0),
    unit: "kg",
    formula: "Σ walls + wood and stone",
    inputs,
    estimate: true,
  };
}
