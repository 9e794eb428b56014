import type { ShellKind } from "../kind";
import { buildSheet } from "./build";
import { checkSheet } from "./check";
import { planSheet } from "./plan";
import type { SheetShell } from "./schema";
import { starterSheet } from "./starter";
import { sheetSurvey } from "./survey";

export const sheet: ShellKind<SheetShell> = {
  kind: "sheet",
  label: "Flat sheet",
  words: "PVC foam, plywood or other sheet, cut to a box",
  closures: ["open", "slidingPair"],
  survey: sheetSurvey,
  starter: () => ({ shell: starterSheet() }),
  check: checkSheet,
  build: buildSheet,
  plan: planSheet,
};
