import { type Known, memory } from "../../figures/figure";
import type { Checker } from "../../ledgers/checker";
import { set } from "../../ledgers/fix";
import type { Snag, Step } from "../../ledgers/ledger";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import type { Site } from "../site";
import type { SurveyField } from "../survey";
import type { SecondHand } from "./schema";

/** Silicone older than this is tired: it peels at its edges, and wants a long test or new beads. Years. */
const OLD_BEADS: Known = { value: 10, low: 7, high: 15, basis: memory };

/** Where second-hand glass is asked about. @param path of it in the variant */
export const secondHandFields = (path: string): SurveyField[] => [
  {
    path: `${path}/is`,
    label: "It is",
    ask: "choice",
    options: [
      ["unknown", "not said"],
      ["new", "new"],
      ["used", "second-hand"],
    ],
  },
  {
    path: `${path}/chips`,
    label: "Chips and cracks",
    ask: "choice",
    options: [
      ["unknown", "not looked for"],
      ["none", "none"],
      ["edge", "at a free edge"],
      ["seam", "at a seam, or a crack"],
    ],
    when: { path: `${path}/is`, is: "used" },
  },
  {
    path: `${path}/beadYears`,
    label: "Its silicone, how old",
    ask: "plain",
    suffix: "years",
    optional: true,
    when: { path: `${path}/is`, is: "used" },
  },
  {
    path: `${path}/disinfect`,
    label: "Disinfect it before the test",
    ask: "tick",
    when: { path: `${path}/is`, is: "used" },
  },
];

export function checkSecondHand({ beadYears }: SecondHand, path: string, { add }: Checker): void {
  if (beadYears && (beadYears.value < 0 || beadYears.value > 100))
    add(`${path}/beadYears`, "Silicone is between 0 and 100 years old. Leave it empty where nobody knows.");
}

/** What a look at second-hand glass found, or has still to find. */
export function secondHandSnags(site: Site, { is, chips, beadYears, disinfect }: SecondHand, path: string): Snag[] {
  if (is === "unknown")
    return [
      {
        rule: "shell/new-or-used",
        subject: "second-hand",
        severity: "note",
        stage: "shell",
        title: "New, or second-hand?",
        sentence: "Nobody has said where this glass comes from.",
        reason:
          "Second-hand glass is looked at for chips, its silicone for its age, and it is disinfected before the test.",
        fix: { label: "It is new", patch: [set(site.at(`${path}/is`), "new")] },
      },
    ];
  if (is !== "used") return [];
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject">) => list.push({ stage: "shell", subject: "second-hand", ...snag });
  if (chips === "seam")
    add({
      rule: "shell/cracked-glass",
      severity: "stop",
      title: "A crack, or a chip at a seam",
      sentence: "Glass with a crack or a chip in its seam runs on under load.",
      reason:
        "A glazier replaces the pane; nobody fills it. Glass that is cracked is handled with gloves and eye cover.",
    });
  if (chips === "edge")
    add({
      rule: "shell/chipped-edge",
      severity: "mind",
      title: "A chip at a free edge",
      sentence: "It cuts, and a crack starts from it.",
      reason:
        "Stone it smooth, wet, before anything is lifted by it; keep loads and clips off it (common practice, no source).",
    });
  if (chips === "unknown")
    add({
      rule: "shell/not-looked-at",
      severity: "mind",
      title: "Nobody has looked for chips",
      sentence: "Second-hand glass: run a thumbnail along every edge and a torch along every seam.",
      reason: "A chip at a seam is a leak to come.",
      fix: { label: "None were found", patch: [set(site.at(`${path}/chips`), "none")] },
    });
  if (beadYears !== null && beadYears.value > OLD_BEADS.value)
    add({
      rule: "shell/old-beads",
      severity: "mind",
      title: "Old silicone",
      sentence: `Its beads are ${beadYears.value} years old; over ${OLD_BEADS.value} they begin to peel (from memory).`,
      reason:
        "Try each with a fingernail. What peels is cut out and beaded again; what holds is tested for three days.",
    });
  if (!disinfect)
    add({
      rule: "shell/not-disinfected",
      severity: "mind",
      title: "It had somebody in it before",
      sentence: "No disinfecting is planned.",
      reason:
        "Mites, eggs and germs outlast an empty year. Disinfect, rinse until nothing smells, dry; follow the label.",
      fix: { label: "Disinfect it before the test", patch: [set(site.at(`${path}/disinfect`), true)] },
    });
  return list;
}

/** Disinfecting and rinsing, before the water test. */
export function secondHandSteps({ is, disinfect }: SecondHand): Step[] {
  if (is !== "used" || !disinfect) return [];
  return [
    {
      id: "shell/disinfect",
      title: "Disinfect and rinse it",
      detail:
        "Wipe every pane, seam, slide and mesh with the disinfectant, leave it as long as its label says, rinse three times.",
      stage: "shell",
      handsOnMinutes: RATES.disinfect.value,
      waitMinutes: 120,
      waitFor: "it to dry, and the smell to go",
      after: [{ id: "shell/survey", because: "what is dirty hides its chips" }],
      reaches: ["surveyed"],
      splittable: true,
      toHand: ["disinfectant", "cloths", "clean water", "gloves"],
      cautions: ["Disinfectants: gloves, eyes, air; never two kinds together.", CAUTION.glass],
      passSign: "No smell, no film on the glass.",
    },
  ];
}
