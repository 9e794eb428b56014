import type { ShellKind } from "../kind";
import { sheetAlternatives } from "./alternatives";
import { buildSheet } from "./build";
import { checkSheet } from "./check";
import { planSheet } from "./plan";
import type { SheetShell } from "./schema";
import { starterSheet } from "./starter";
import { sheetSurvey } from "./survey";

export const sheet: ShellKind<SheetShell> = {
  kind: "sheet",
  label: "Flat sheet",
  words: "PVC foam, plywood, acrylic, twin-wall or cut glass, as a box",
  openings: () => [{ id: "front", face: "front", shutAsFound: false, mayStandOpen: true }],
  sheetPath: "/shell/material",
  found: false,
  tapeBefore: "“Cut the sheets”",
  survey: sheetSurvey,
  starter: () => ({ shell: starterSheet() }),
  check: checkSheet,
  build: buildSheet,
  plan: planSheet,
  alternatives: sheetAlternatives,
};
