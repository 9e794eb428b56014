import { emptyLedger, type Snag, type Supply, type TradeLedger } from "../../../ledgers/ledger";
import { materialName } from "../../../materials/find";
import { over } from "../../../units/tolerance";
import { damBeds, damSnags, damSteps } from "../../dam/plan";
import type { Site } from "../../site";
import { SQUARE_MM } from "../../square";
import { surveyStep } from "../foundSteps";
import { FASTENER } from "./fasteners";
import { kitFigures } from "./figures";
import { listSnags } from "./listed";
import { coatSnags, maskSteps } from "./mask";
import type { PanelKitShell } from "./schema";

/** The list against the box, the joints masked, the diagonals. */
export function planPanelKit(site: Site): TradeLedger {
  const shell = site.variant.shell as PanelKitShell;
  return {
    ...emptyLedger(),
    supplies: [...fastenerSupply(site, shell), ...damBeds(site, shell)],
    steps: [
      {
        ...surveyStep(
          site,
          "Every panel laid out, measured, its thickness at a bare edge, grooves and holes; fasteners counted into a tray.",
        ),
        title: "Lay the kit out and count it",
        cautions: [],
        passSign: "Every panel is on the list, and every measure is written down.",
      },
      ...maskSteps(site, shell),
      ...damSteps(site, shell),
    ],
    snags: [
      ...listSnags(site, shell),
      ...coatSnags(site, shell),
      ...outOfSquare(site, shell),
      ...damSnags(site, shell, []),
    ],
    figures: kitFigures(shell),
  };
}

function fastenerSupply({ book }: Site, { found }: PanelKitShell): Supply[] {
  const { bought, kind } = found.fasteners;
  if (bought === 0) return [];
  return [
    {
      ...{ id: "shell/fasteners", label: materialName(book, FASTENER[kind].material), unit: "piece" },
      materialId: FASTENER[kind].material,
      ...{ likely: bought, low: bought, high: bought, why: "beside those in the bag", figure: "kit/fasteners" },
    },
  ];
}

function outOfSquare({ say }: Site, { found }: PanelKitShell): Snag[] {
  const { rising, falling } = found.diagonals;
  if (!rising || !falling) return [];
  const offMm = Math.abs(rising.value - falling.value);
  if (!over(offMm, SQUARE_MM)) return [];
  return [
    {
      rule: "kit/out-of-square",
      subject: "diagonals",
      severity: "mind",
      stage: "shell",
      title: "It stands out of square",
      sentence: `${say(rising.value)} one way, ${say(falling.value)} the other: ${say(offMm)} apart.`,
      reason: `Doors bind from ${say(SQUARE_MM)} on. Loosen the back, push the longer corners together, tighten again.`,
    },
  ];
}
