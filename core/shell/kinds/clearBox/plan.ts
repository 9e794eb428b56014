import { emptyLedger, type Snag, type TradeLedger } from "../../../ledgers/ledger";
import { gatherNeeds } from "../../../ledgers/needs";
import { FOUND_MATERIALS } from "../../../materials/face";
import { damBeds, damSnags, damSteps } from "../../dam/plan";
import type { Site } from "../../site";
import { surveyStep } from "../foundSteps";
import { clearFigures } from "./figures";
import { fittingNeeds, fittingSteps } from "./fittings";
import { holeSnags } from "./holes";
import type { ClearBoxShell, ClearBoxFound as Found } from "./schema";
import { doorSnags, lidSnags } from "./shut";

/** What only a clear box has: brittle walls, magnets, a lid in grooves. */
export function planClearBox(site: Site): TradeLedger {
  const shell = site.variant.shell as ClearBoxShell;
  const { found } = shell;
  const gathered = gatherNeeds(site.book, "shell", fittingNeeds(found));
  return {
    ...emptyLedger(),
    supplies: [...gathered.supplies, ...damBeds(site, shell)],
    steps: [
      surveyStep(
        site,
        "Every gap by feeler or paper strip: door, lid, grooves. Each hole: how near the edge, any crack from it. Soap and water only: solvent crazes it, dry cloth scratches it.",
      ),
      ...fittingSteps(site, found),
      ...damSteps(site, shell),
    ],
    snags: [
      ...brittle(site, found),
      ...holeSnags(site, found),
      ...doorSnags(site, found),
      ...lidSnags(site, found),
      ...damSnags(site, shell, []),
    ],
    figures: [...clearFigures(found), ...gathered.figures],
  };
}

/** What a builder new to clear plastic does not know. */
function brittle(site: Site, { plastic, joints }: Found): Snag[] {
  const { name } = FOUND_MATERIALS[plastic];
  const told = (snag: Omit<Snag, "stage" | "subject" | "severity">): Snag => ({
    ...{ subject: "walls", severity: "note", stage: "shell" },
    ...snag,
  });
  return [
    told({
      rule: "clear/brittle",
      title: "It cracks, crazes and scratches",
      sentence: `${name}: step drill, slow, a board behind; no solvent, no alcohol, no heat near it; soap and a soft wet cloth.`,
      reason: "A solvent crazes what is under stress, weeks later too (common practice, no source).",
    }),
    ...(joints === "siliconed" && site.shell.levels.waterMm + site.shell.levels.drainMm > 0
      ? [
          {
            ...told({
              rule: "clear/silicone-joints",
              title: "Its silicone is all that holds the water",
              sentence: "Siliconed corners of clear plastic, and water is planned in it.",
              reason:
                "Silicone is weak on clear plastic: it peels from an end. A long test, and the test again after each carry.",
            }),
            severity: "mind" as const,
          },
        ]
      : []),
  ];
}
