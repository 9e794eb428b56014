import { remembering } from "../cache/remembering";
import { type Figure, published } from "../figures/figure";
import { emptyLedger, type Snag, type TradeLedger } from "../ledgers/ledger";
import { sealStage } from "../seal/stage";
import { testLevel } from "../seal/testLevel";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { atLeast } from "../units/tolerance";
import { type PaneInput, sizePane } from "./pane";

/** A pane of the shell that water stands against. */
interface WetPane {
  id: string;
  label: string;
  thicknessMm: number;
  input: PaneInput;
}

const KIND = { glass: "floatGlass", temperedGlass: "floatGlass", acrylic: "acrylic" } as const;

/** Every pane that water stands against, at the level of the water test. */
function wetPanes({ shell }: Site): WetPane[] {
  const { levels, tray } = shell;
  if (levels.waterMm <= 0) return [];
  const depth = testLevel(levels).levelMm;
  if (depth < 1) return [];
  if (tray)
    // A tray takes the water; the walls round it stay dry.
    return [
      {
        id: "tray",
        label: "Tray, its long walls",
        thicknessMm: tray.glassMm,
        input: { waterDepthMm: depth, spanMm: tray.widthMm, edges: "topFree", material: "floatGlass" },
      },
    ];
  return (["left", "right", "back", "front"] as const).flatMap((face): WetPane[] => {
    const { material, open, room } = shell.faces[face];
    const kind = KIND[material.family as keyof typeof KIND];
    if (open || !kind) return [];
    return [
      {
        id: face,
        label: `${face[0]!.toUpperCase()}${face.slice(1)} pane`,
        thicknessMm: material.thicknessMm,
        input: {
          waterDepthMm: depth,
          paneHeightMm: Math.max(depth, room.heightMm),
          spanMm: room.widthMm,
          edges: shell.heldWalls.includes(face) ? "four" : "topFree",
          material: kind,
        },
      },
    ];
  });
}

/** Opposite panes are alike, and the same panes stand in every design a fix would lead to. */
const sizeOnce = remembering(sizePane);

/** Glass and acrylic that hold water back: what each pane wants, and which is too thin. */
function planPanes(site: Site): TradeLedger {
  const sized = wetPanes(site).map((pane) => ({ pane, result: sizeOnce(pane.input) }));
  return {
    ...emptyLedger(),
    figures: sized.map(
      ({ pane, result }): Figure => ({
        id: `panes/${pane.id}`,
        label: `${pane.label}, wanted thickness`,
        value: result.requiredMm,
        unit: "mm",
        rounding: "up",
        estimate: true,
        formula:
          "the thicker of √(β·ρ·g·H³·safety ÷ strength) and ∛(α·ρ·g·H⁵ ÷ (E·bow allowed)), β and α from plate series",
        inputs: [
          { name: "water at the test, H", value: pane.input.waterDepthMm, unit: "mm" },
          { name: "span", value: pane.input.spanMm, unit: "mm" },
          {
            name: `β, ${pane.input.edges === "four" ? "four edges held" : "top edge free"}`,
            value: result.coefficients.beta,
            unit: "",
            basis: published("timoshenko"),
          },
          {
            name: "α",
            value: result.coefficients.alpha,
            unit: "",
            basis: published("timoshenko"),
          },
          { name: "next stock thickness", value: result.chosenMm ?? 0, unit: "mm" },
          { name: "what it is", value: pane.thicknessMm, unit: "mm" },
        ],
      }),
    ),
    snags: sized.flatMap(({ pane, result }): Snag[] =>
      atLeast(pane.thicknessMm, result.requiredMm)
        ? []
        : [
            {
              rule: "panes/too-thin",
              subject: pane.id,
              severity: "stop",
              stage: "seal",
              title: `${pane.label}: too thin for the water`,
              sentence: `${site.say(pane.thicknessMm)}; water of ${site.say(pane.input.waterDepthMm)} over ${site.say(pane.input.spanMm)} wants ${site.say(result.requiredMm, "up")}.`,
              reason:
                "Working stress with a margin of 3.8 for glass, and a bow the seams put up with. A glazier decides.",
              figure: `panes/${pane.id}`,
            },
          ],
    ),
  };
}

export const panesTrade: Trade = {
  id: "panes",
  stage: sealStage,
  reads: [],
  needs: [],
  gives: [],
  plan: planPanes,
};
