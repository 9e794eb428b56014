import { remembering } from "../cache/remembering";
import { constant, type Figure, published } from "../figures/figure";
import { emptyLedger, type Snag, type TradeLedger } from "../ledgers/ledger";
import { sealStage } from "../seal/stage";
import { testLevel } from "../seal/testLevel";
import { waterStands } from "../seal/water";
import type { Shell, Strip } from "../shell/shell";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { capital } from "../units/capital";
import { atLeast, atMost } from "../units/tolerance";
import { boardBow } from "./boards";
import { dividersAsPanes } from "./dividers";
import { heapedPanes } from "./heaped";
import { lyingPanes } from "./lying";
import { PANES } from "./names";
import { PANE_OF, type PaneInput, sizePane } from "./pane";

/** A pane of the shell that water stands against. */
interface WetPane {
  id: string;
  label: string;
  thicknessMm: number;
  input: PaneInput;
}

/** How deep water stands against a dam, mm, at the level of the test. */
const damDepthMm = ({ vMm, heightMm }: Strip, levelMm: number): number => Math.min(heightMm, levelMm - vMm);

/** Dams on edge: what came with the shell, and what is made. */
const damsOf = ({ strips }: Shell): Strip[] => strips.filter((s) => s.role === "dam");

/** Glass dams, held at foot and ends. */
const wetDams = (shell: Shell, levelMm: number): WetPane[] =>
  damsOf(shell).flatMap((dam): WetPane[] => {
    const kind = PANE_OF[dam.material.family];
    const depth = damDepthMm(dam, levelMm);
    if (!kind || depth < 1) return [];
    return [
      {
        id: dam.id,
        label: dam.label,
        thicknessMm: dam.material.thicknessMm,
        input: { waterDepthMm: depth, spanMm: dam.widthMm, edges: "topFree", material: kind },
      },
    ];
  });

/** Every pane that water stands against, at the level of the water test. */
function wetPanes(site: Site): WetPane[] {
  const { shell } = site;
  const { levels, tray } = shell;
  if (!waterStands(site) || levels.damTopMm <= 0) return [];
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
  const dams = wetDams(shell, depth);
  const walls = (["left", "right", "back", "front"] as const).flatMap((face): WetPane[] => {
    const { material, open, room } = shell.faces[face];
    const kind = PANE_OF[material.family];
    // Behind a dam the doors stay dry.
    if (open || !kind || (face === "front" && damsOf(shell).length > 0)) return [];
    return [
      {
        id: face,
        label: `${capital(face)} pane`,
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
  return [...walls, ...dams];
}

/** Boards on edge that bow too far under the water they hold. */
function bowedDams(site: Site): Pick<TradeLedger, "figures" | "snags"> {
  const { shell, say } = site;
  if (!waterStands(site) || shell.levels.damTopMm <= 0) return { figures: [], snags: [] };
  const { levelMm } = testLevel(shell.levels);
  const judged = damsOf(shell).flatMap((dam) => {
    const depthMm = damDepthMm(dam, levelMm);
    const bow = boardBow(dam.material.family, dam.material.thicknessMm, depthMm, dam.widthMm);
    return bow ? [{ dam, depthMm, bow }] : [];
  });
  return {
    figures: judged.map(
      ({ dam, depthMm, bow }): Figure => ({
        id: `panes/${dam.id}-bow`,
        label: `${dam.label}, bow in years`,
        value: bow.bowMm,
        unit: "mm",
        rounding: "up",
        estimate: true,
        formula: "α · ρ·g·H·H⁴ ÷ D, top edge free, stiffness after years of creep",
        inputs: [
          { name: "water at the test, H", value: depthMm, unit: "mm" },
          { name: "span", value: dam.widthMm, unit: "mm" },
          { name: "thickness", value: dam.material.thicknessMm, unit: "mm" },
          constant("stiffness after years", { ...bow.elastic, value: bow.elastic.value / 1e9 }, "GPa"),
          { name: "bow its beads put up with", value: bow.allowedMm, unit: "mm" },
        ],
      }),
    ),
    snags: judged.flatMap(({ dam, depthMm, bow }): Snag[] =>
      atMost(bow.bowMm, bow.allowedMm)
        ? []
        : [
            {
              rule: "panes/board-bows",
              subject: dam.id,
              severity: "mind",
              stage: "seal",
              title: `${dam.label} bows under the water`,
              sentence: `${say(bow.bowMm, "up")} in years over ${say(dam.widthMm)} with ${say(depthMm)} of water; its beads put up with ${say(bow.allowedMm, "down")}.`,
              reason: "A bead that is pulled opens at its ends first. A thicker board, a rail along its top, or glass.",
              figure: `panes/${dam.id}-bow`,
            },
          ],
    ),
  };
}

/** Opposite panes are alike, and the same panes stand in every design a fix would lead to. */
const sizeOnce = remembering(sizePane);

/** Glass and acrylic that hold water back: what each pane wants, and which is too thin. */
function planPanes(site: Site): TradeLedger {
  const sized = wetPanes(site).map((pane) => ({ pane, result: sizeOnce(pane.input) }));
  const boards = bowedDams(site);
  const lying = lyingPanes(site);
  const dividers = dividersAsPanes(site);
  const heaped = heapedPanes(site);
  return {
    ...emptyLedger(),
    figures: [
      ...boards.figures,
      ...lying.figures,
      ...dividers.figures,
      ...heaped.figures,
      ...sized.map(
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
    ],
    snags: [
      ...boards.snags,
      ...lying.snags,
      ...dividers.snags,
      ...heaped.snags,
      ...sized.flatMap(({ pane, result }): Snag[] =>
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
    ],
  };
}

export const panesTrade: Trade = {
  id: PANES,
  stage: sealStage,
  reads: ["seal", "dividers", "vessels", "ground", "hardscape", "shell", "fixtures"],
  needs: [],
  gives: [],
  plan: planPanes,
};
