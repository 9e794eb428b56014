import type * as v from "valibot";
import { statedMm } from "../../design/measure";
import type { Checker } from "../../ledgers/checker";
import type { TradeLedger } from "../../ledgers/ledger";
import { type FaceMaterial, foundFace } from "../../materials/face";
import { bareSecondHand } from "../found/schema";
import { checkSecondHand, secondHandFields, secondHandSnags, secondHandSteps } from "../found/secondHand";
import { SIZE_LIMIT_MM } from "../limits";
import type { Site } from "../site";
import type { SurveyField } from "../survey";
import type { foundTank } from "./parts/schema";

/** A glass tank as found. */
export type FoundTank = v.InferOutput<(typeof foundTank)["found"]>;

/** A common long tank of 4 mm glass; the survey replaces it. */
export const starterTank = (): FoundTank => ({
  length: statedMm(800),
  width: statedMm(350),
  height: statedMm(400),
  glass: statedMm(4),
  rim: null,
  tempered: "unknown",
  secondHand: bareSecondHand(),
});

/** The pane of a tank: its base, or a wall. What is not known is taken as tempered, which is never cut. */
export function tankPane({ glass, tempered }: FoundTank, pane: "base" | "wall"): FaceMaterial {
  const hard = tempered === "all" || tempered === "unknown" || (tempered === "base" && pane === "base");
  return foundFace(hard ? "temperedGlass" : "glass", glass.value);
}

/** Limits of a tank's survey. */
export function checkTank(found: FoundTank, checker: Checker): void {
  const { between, add, say } = checker;
  for (const [key, words] of [
    ["length", "Length"],
    ["width", "Width"],
    ["height", "Height"],
  ] as const) {
    const path = `/shell/found/${key}`;
    between(path, found[key], SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, words);
    if (found[key].value >= SIZE_LIMIT_MM.low && found[key].value < 2 * found.glass.value + SIZE_LIMIT_MM.low)
      add(
        path,
        `${words} of ${say(found[key].value)} leaves no inside between panes of ${say(found.glass.value)}. Type ${say(2 * found.glass.value + SIZE_LIMIT_MM.low)} or more.`,
      );
  }
  between("/shell/found/glass", found.glass, 2, 25, "The glass");
  between("/shell/found/rim", found.rim, 5, 100, "The rim");
  checkSecondHand(found.secondHand, "/shell/found/secondHand", checker);
}

/** How a tank's fields are drawn and hinted at, by what each asks. */
type FieldNotes = Partial<Record<"length" | "width" | "height" | "glass" | "rim", Pick<SurveyField, "arrow" | "hint">>>;

/** What the tape is put to on a tank. */
export const tankFields = (notes: FieldNotes): readonly SurveyField[] => [
  { path: "/shell/found/length", label: "Length outside", ask: "length", ...notes.length },
  { path: "/shell/found/width", label: "Width outside", ask: "length", ...notes.width },
  { path: "/shell/found/height", label: "Height outside", ask: "length", ...notes.height },
  { path: "/shell/found/glass", label: "Glass, how thick", ask: "length", hint: "at a bare edge", ...notes.glass },
  { path: "/shell/found/rim", label: "Plastic rim, how high", ask: "length", optional: true, ...notes.rim },
  {
    path: "/shell/found/tempered",
    label: "Tempered panes",
    ask: "choice",
    options: [
      ["unknown", "not known"],
      ["none", "none"],
      ["base", "the base only"],
      ["all", "every pane"],
    ],
  },
  ...secondHandFields("/shell/found/secondHand"),
];

/** What second-hand glass asks of any tank. */
export const tankSecondHand = (site: Site, { secondHand }: FoundTank): Pick<TradeLedger, "snags" | "steps"> => ({
  snags: secondHandSnags(site, secondHand, "/shell/found/secondHand"),
  steps: secondHandSteps(secondHand),
});

/** A long glass box, drawn open at the top. */
export const tankDrawing = [
  "14,24 66,24 66,68 14,68 14,24",
  "14,24 32,8 84,8 66,24",
  "84,8 84,52 66,68",
  "32,8 32,52 84,52",
  "32,52 14,68",
] as const;

export const tankFirst = [
  { path: "/shell/found/length", label: "Length outside", example: '800 or 30"' },
  { path: "/shell/found/width", label: "Width outside", example: '350 or 12"' },
  { path: "/shell/found/height", label: "Height outside", example: '400 or 12"' },
] as const;
