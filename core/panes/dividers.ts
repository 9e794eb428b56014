import { remembering } from "../cache/remembering";
import { keepsDry } from "../dividers/bounds";
import { runOf } from "../dividers/line";
import type { Divider } from "../dividers/schema";
import { materialsFor, sheetMm } from "../dividers/stuffs";
import { type Figure, published } from "../figures/figure";
import { set } from "../ledgers/fix";
import type { Snag, TradeLedger } from "../ledgers/ledger";
import type { Material } from "../materials/schema";
import { baseOf } from "../shell/base";
import type { Site } from "../shell/site";
import { atLeast } from "../units/tolerance";
import { PANE_OF, type PaneInput, type PaneResult, sizePane } from "./pane";

const sizeOnce = remembering(sizePane);

/** A divider as a plate held at its foot and both ends, its top edge free. */
interface DividerPane {
  divider: Divider;
  at: number;
  /** Which of its layers holds. */
  layer: number;
  thicknessMm: number;
  input: PaneInput;
  result: PaneResult;
}

/**
 * What each divider is asked to hold, from the deeper side: water to its top at the test of one side dry, or substrate
 * against nothing, taken as water (wet substrate leans less on it: from memory). None without a line, or of what is no plate.
 */
function dividerPanes({ shell, variant, book }: Pick<Site, "shell" | "variant" | "book">): DividerPane[] {
  const { groundMm, waterMm } = shell.levels;
  return variant.dividers.flatMap((divider, at): DividerPane[] => {
    const run = runOf(divider, baseOf(shell));
    const layer = divider.layers.findIndex((l) => l.of === "glass" || l.of === "acrylic");
    const sheet = divider.layers[layer];
    if (!run || !sheet || divider.origin === "found") return [];
    const asked = keepsDry(divider) ? divider.height.value : Math.max(groundMm, waterMm);
    const depth = Math.min(divider.height.value, asked);
    if (depth < 1) return [];
    const material = PANE_OF[sheet.of === "glass" ? "glass" : "acrylic"]!;
    const input: PaneInput = { waterDepthMm: depth, spanMm: Math.max(1, run.lengthMm), edges: "topFree", material };
    return [{ divider, at, layer, thicknessMm: sheetMm(book, sheet), input, result: sizeOnce(input) }];
  });
}

const thick = (m: Material) => ("thicknessMm" in m ? m.thicknessMm : 0);

/** Dividers that hold water or substrate back: what each wants, and which is too thin. */
export function dividersAsPanes(site: Site): Pick<TradeLedger, "figures" | "snags"> {
  const panes = dividerPanes(site);
  return {
    figures: panes.map(
      ({ divider, input, result, thicknessMm }): Figure => ({
        ...{
          id: `panes/${divider.id}`,
          label: `${divider.name}, wanted thickness`,
          value: result.requiredMm,
          unit: "mm",
        },
        ...{ rounding: "up", estimate: true },
        formula:
          "the thicker of √(β·ρ·g·H³·safety ÷ strength) and ∛(α·ρ·g·H⁵ ÷ (E·bow allowed)), β and α from plate series",
        inputs: [
          { name: "water behind it, H", value: input.waterDepthMm, unit: "mm" },
          { name: "span", value: input.spanMm, unit: "mm" },
          { name: "β, top edge free", value: result.coefficients.beta, unit: "", basis: published("timoshenko") },
          { name: "α", value: result.coefficients.alpha, unit: "", basis: published("timoshenko") },
          { name: "what it is", value: thicknessMm, unit: "mm" },
        ],
      }),
    ),
    snags: panes.flatMap(({ divider, at, layer, input, result, thicknessMm }): Snag[] => {
      if (atLeast(thicknessMm, result.requiredMm)) return [];
      const thicker = materialsFor(site.book, divider.layers[layer]!.of)
        .filter((m) => thick(m) >= result.requiredMm)
        .sort((x, y) => thick(x) - thick(y))[0];
      return [
        {
          ...{ rule: "panes/divider-too-thin", subject: `${divider.id}-thin`, severity: "stop", stage: "ground" },
          title: `${divider.name}: too thin for what stands behind it`,
          sentence: `${site.say(thicknessMm)}; ${site.say(input.waterDepthMm)} of water over ${site.say(input.spanMm)} wants ${site.say(result.requiredMm, "up")}.`,
          reason:
            "Held at its foot and both ends, its top free; working stress with a margin of 3.8 for glass, and a bow the seams put up with. A glazier decides.",
          ...(thicker && {
            fix: {
              label: `Cut it from “${thicker.name}”`,
              patch: [set(site.at(`/dividers/${at}/layers/${layer}/material`), thicker.id)],
            },
          }),
          figure: `panes/${divider.id}`,
        },
      ];
    }),
  };
}
