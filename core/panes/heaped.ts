import { FACES, type FaceId } from "../design/names";
import { constant, type Figure, type Known, memory, published } from "../figures/figure";
import { WET_GROUND } from "../figures/substrate";
import { setMm } from "../ledgers/fix";
import type { Snag, TradeLedger } from "../ledgers/ledger";
import { FACE_WORDS } from "../shell/boxFaces";
import type { Shell } from "../shell/shell";
import type { Site } from "../shell/site";
import { WATER_KG_PER_M3 } from "../units/constants";
import { atMost, floor } from "../units/tolerance";
import { MATERIAL, PANE_OF, type PaneInput, paneUnder } from "./pane";

/** Loose wet substrate presses sideways with this share of its weight, 1 − sin φ, φ near 30°. From memory. */
const SIDEWAYS: Known = { value: 0.5, low: 0.4, high: 0.6, basis: memory };
/** Depths to try where a wall bows, a step apart, mm. */
const STEP_MM = 5;

/** A clear wall that wet substrate leans on. */
interface Heaped {
  face: FaceId;
  thicknessMm: number;
  depthMm: number;
  input: PaneInput;
}

/** How hard substrate presses, of what water as deep would. */
const pressing = (SIDEWAYS.value * WET_GROUND.value) / WATER_KG_PER_M3;

function heapedWalls(shell: Shell): Heaped[] {
  const { groundMm, groundFrontMm } = shell.levels;
  return FACES.flatMap((face): Heaped[] => {
    const { material, open, room } = shell.faces[face];
    const kind = PANE_OF[material.family];
    const depthMm = Math.min(face === "front" ? groundFrontMm : groundMm, room.heightMm);
    // A front with doors has a dam or a sill before the substrate.
    if (open || !kind || face === "base" || face === "top" || (face === "front" && shell.doors) || depthMm < 5)
      return [];
    return [
      {
        ...{ face, thicknessMm: material.thicknessMm, depthMm },
        input: {
          waterDepthMm: depthMm,
          paneHeightMm: room.heightMm,
          spanMm: room.widthMm,
          edges: shell.heldWalls.includes(face) ? "four" : "topFree",
          material: kind,
        },
      },
    ];
  });
}

const bowOf = ({ input, thicknessMm }: Pick<Heaped, "input" | "thicknessMm">) =>
  paneUnder(input, thicknessMm, pressing);

/** The deepest substrate, by steps, whose wall keeps its bow; undefined where none does. */
function bearable(of: Heaped): number | undefined {
  for (let depthMm = floor(of.depthMm / STEP_MM) * STEP_MM; depthMm >= STEP_MM; depthMm -= STEP_MM) {
    const { bowMm, allowedMm } = bowOf({ ...of, input: { ...of.input, waterDepthMm: depthMm } });
    if (atMost(bowMm, allowedMm)) return depthMm;
  }
  return undefined;
}

/** Clear walls that bow out, in years, under the wet substrate that leans on them. */
export function heapedPanes(site: Site): Pick<TradeLedger, "figures" | "snags"> {
  const { shell, variant, say, at } = site;
  if (shell.levels.groundMm <= 0) return { figures: [], snags: [] };
  const walls = heapedWalls(shell).map((of) => ({ of, bends: bowOf(of) }));
  return {
    figures: walls.map(
      ({ of, bends }): Figure => ({
        id: `panes/${of.face}-heaped`,
        label: `${FACE_WORDS[of.face]}, bow under wet substrate`,
        value: bends.bowMm,
        unit: "mm",
        rounding: "up",
        estimate: true,
        formula: "α · K·ρ·g·H⁵ ÷ (E·t³), α by plate series, E after years of creep",
        inputs: [
          { name: "substrate against it, H", value: of.depthMm, unit: "mm" },
          { name: "span", value: of.input.spanMm, unit: "mm" },
          { name: "thickness, t", value: of.thicknessMm, unit: "mm" },
          constant("presses sideways, K", SIDEWAYS, "×"),
          constant("wet substrate, ρ", WET_GROUND, "kg/m³"),
          {
            name: `α, ${of.input.edges === "four" ? "four edges held" : "top edge free"}`,
            value: bends.alpha,
            unit: "",
            basis: published("timoshenko"),
          },
          { name: "E after years", value: MATERIAL[of.input.material].bowElasticPa / 1e9, unit: "GPa", basis: memory },
          { name: "bow its seams put up with", value: bends.allowedMm, unit: "mm" },
        ],
      }),
    ),
    snags: walls
      .filter(({ bends }) => !atMost(bends.bowMm, bends.allowedMm))
      .map(({ of, bends }): Snag => {
        const depthMm = variant.shell.groundDepth ? bearable(of) : undefined;
        return {
          rule: "panes/wall-bows",
          subject: of.face,
          severity: "mind",
          stage: "shell",
          title: `${FACE_WORDS[of.face]} bows out`,
          sentence: `${say(bends.bowMm, "up")} in years under ${say(of.depthMm)} of wet substrate; its seams put up with ${say(bends.allowedMm, "down")}.`,
          reason:
            "Clear plastic goes on giving way under a load that stays. Less substrate, a thicker wall, or a brace of wood or PVC across the outside.",
          ...(depthMm !== undefined && {
            fix: { label: `Keep the substrate to ${say(depthMm)}`, patch: [setMm(at("/shell/groundDepth"), depthMm)] },
          }),
          figure: `panes/${of.face}-heaped`,
        };
      }),
  };
}
