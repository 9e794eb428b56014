import { set, setMm } from "../../../ledgers/fix";
import { emptyLedger, gather, type Snag, type Step, type TradeLedger } from "../../../ledgers/ledger";
import { CAUTION } from "../../../workshop/cautions";
import { RATES } from "../../../workshop/rates";
import { damBeds, damSnags, damSteps } from "../../dam/plan";
import { planScreen } from "../../found/screen";
import { secondHandSnags, secondHandSteps } from "../../found/secondHand";
import type { Site } from "../../site";
import { surveyStep } from "../foundSteps";
import { leafRoom, sillMm, stripMm, unaccounted } from "./measure";
import type { FrontGlassShell } from "./schema";

/** Gaps and leaves that miss their opening by less than this are measured well enough, mm: from memory. */
const MISSED_MM = 2;

/** What only a front-opening glass has: its strip, its screen, its factory background, its dam behind the sill. */
export function planFrontGlass(site: Site): TradeLedger {
  const shell = site.variant.shell as FrontGlassShell;
  const { found } = shell;
  return gather([
    {
      ...emptyLedger(),
      supplies: damBeds(site, shell),
      steps: [
        surveyStep(
          site,
          "Every gap by feeler or paper strip: meeting edge, hinges, head, foot, corners, screen, notches. Look along every seam.",
          [CAUTION.glass],
        ),
        ...secondHandSteps(found.secondHand),
        ...backgroundSteps(shell),
        ...damSteps(site, shell),
      ],
      snags: [
        ...buried(site, shell),
        ...wrongLeaves(site, shell),
        ...secondHandSnags(site, found.secondHand, "/shell/found/secondHand"),
        ...damSnags(site, shell, []),
      ],
    },
    planScreen(site, found.top),
  ]);
}

/** Tearing the factory background out, once. */
function backgroundSteps({ found }: FrontGlassShell): Step[] {
  if (found.background.is !== "tornOut") return [];
  return [
    {
      id: "shell/tear-out",
      title: "Tear the factory background out",
      detail:
        "Cut behind it with a wire or a long blade, lift it out in pieces, scrape the dried glue off, clean the panes.",
      stage: "shell",
      handsOnMinutes: RATES.tearOut.value,
      waitMinutes: 0,
      after: [{ id: "shell/survey", because: "what is behind it is looked at as it comes out" }],
      reaches: ["surveyed"],
      splittable: true,
      toHand: ["wire or long blade", "razor scraper", "alcohol", "vacuum"],
      cautions: [CAUTION.blade, CAUTION.glass, CAUTION.dust],
      passSign: "Clear glass, no smear of glue under a fingernail.",
    },
  ];
}

/** The strip must stay over the ground. */
function buried({ shell, say, at }: Site, { found }: FrontGlassShell): Snag[] {
  const { groundFrontMm } = shell.levels;
  if (stripMm(found) === 0 || groundFrontMm <= sillMm(found)) return [];
  const lower = Math.max(5, sillMm(found) - 10);
  return [
    {
      rule: "shell/strip-buried",
      subject: "strip",
      severity: "stop",
      stage: "shell",
      title: "The strip vent lies under the substrate",
      sentence: `Substrate to ${say(groundFrontMm)} at the front; the strip begins at ${say(sillMm(found))}.`,
      reason: "Its holes clog, water runs out of them, and the lower inlet is gone.",
      fix: {
        label: `Slope the substrate down to ${say(lower)} at the front`,
        patch: [setMm(at("/ground/front"), lower)],
      },
    },
  ];
}

/** Leaves and gaps that do not add up to their opening. */
function wrongLeaves({ say, at }: Site, { found }: FrontGlassShell): Snag[] {
  const { acrossMm, upMm } = unaccounted(found);
  const room = leafRoom(found);
  const told = (key: "width" | "height", missed: number, mm: number): Snag => ({
    rule: `shell/leaf-${key}`,
    subject: "doors",
    severity: "mind",
    stage: "shell",
    title: "Doors and gaps do not add up",
    sentence: `${say(Math.abs(missed))} ${missed > 0 ? "is left over" : "is missing"} ${key === "width" ? "across" : "up"} the opening: a gap is ${missed > 0 ? "wider" : "narrower"} than typed, or a leaf of ${say(mm)} was meant.`,
    reason: "The audit goes by the gaps as typed; one that was missed is a way out that nobody judged.",
    fix: { label: "Let the gaps give the leaf", patch: [set(at(`/shell/found/doors/${key}`), null)] },
  });
  return [
    ...(Math.abs(acrossMm) > MISSED_MM ? [told("width", acrossMm, room.widthMm)] : []),
    ...(Math.abs(upMm) > MISSED_MM ? [told("height", upMm, room.heightMm)] : []),
  ];
}
