import { statedMm } from "../../../design/measure";
import { bedSupply } from "../../../ledgers/glue";
import { emptyLedger, type TradeLedger } from "../../../ledgers/ledger";
import { CAUTION } from "../../../workshop/cautions";
import { RATES } from "../../../workshop/rates";
import { damBeds, damSnags, damSteps } from "../../dam/plan";
import { behindFrame } from "../../dam/schema";
import { filletMl } from "../../fillet";
import type { Site } from "../../site";
import { surveyStep } from "../foundSteps";
import { tankSecondHand } from "../glassTank";
import type { TankOnEndShell } from "./schema";

/** Setting the frame into the open side, and what an end pane is good for. */
export function planOnEnd(site: Site): TradeLedger {
  const { shell, variant, say, at } = site;
  const own = variant.shell as TankOnEndShell;
  const used = tankSecondHand(site, own.found);
  const metres = shell.joints.reduce((sum, j) => sum + j.lengthMm, 0) / 1000;
  return {
    ...emptyLedger(),
    supplies: [
      ...damBeds(site, behindFrame(own)),
      ...bedSupply(
        site.book,
        "shell/strip-sealant",
        variant.seal.sealant,
        filletMl(variant.seal.leg.value, metres * 1000),
        "under dam and rails",
      ),
    ],
    steps: [
      surveyStep(site, "Stand it on end and look along every seam; mark which pane is now the base.", [CAUTION.glass]),
      ...used.steps,
      ...damSteps(site, behindFrame(own)),
      ...(shell.strips.length > 0
        ? [
            {
              id: "shell/glue",
              title: "Set dam and rails into the open side",
              detail: `${shell.strips.length} strips, on silicone, front edges flush with the glass, taped until it holds.`,
              stage: "shell" as const,
              handsOnMinutes: Math.max(15, metres * RATES.jointPerMetre.value),
              waitMinutes: 1440,
              waitFor: "the silicone",
              after: [{ reached: "sawn" as const, because: "the strips must be cut" }],
              reaches: ["stands" as const],
              posture: "onBack" as const,
              holdsPosture: true,
              splittable: true,
              uses: [variant.seal.sealant],
              toHand: ["silicone", "masking tape", "alcohol"],
              cautions: [CAUTION.siliconeFumes, CAUTION.glass],
              passSign: "No strip moves under a thumb.",
            },
          ]
        : []),
    ],
    snags: [
      ...used.snags,
      ...damSnags(site, behindFrame(own), [], "/shell/damPane"),
      ...(own.legs === null
        ? [
            {
              rule: "shell/no-legs",
              subject: "legs",
              severity: "note" as const,
              stage: "shell" as const,
              title: "It stands on an end pane",
              sentence: `The base is now a former end pane of ${say(own.found.glass.value)} glass with no frame under it.`,
              reason: "Legs or a plinth all round keep a grain of grit from cracking it (trade practice, no source).",
              fix: {
                label: `Stand it on legs of ${say(30)}`,
                patch: [{ op: "add" as const, path: at("/shell/legs"), value: statedMm(30, "30 mm") }],
              },
            },
          ]
        : []),
      ...(shell.levels.waterMm > 0
        ? [
            {
              rule: "shell/end-pane-under-water",
              subject: "base",
              severity: "mind" as const,
              stage: "shell" as const,
              title: "Seams under water they were not made for",
              sentence: `${say(shell.levels.waterMm)} of water stands on a former end pane and its seams.`,
              reason:
                "A tank's maker sizes the base for water; an end pane's seam is thinner. Test it long, or tray it.",
            },
          ]
        : []),
    ],
  };
}
