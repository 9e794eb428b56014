import { foundClosure } from "../../../closures/kinds/found/schema";
import type { ShellKind } from "../kind";
import { buildPanelKit } from "./build";
import { checkPanelKit } from "./check";
import { planPanelKit } from "./plan";
import type { PanelKitShell } from "./schema";
import { starterPanelKit } from "./starter";
import { panelKitSurvey } from "./survey";

export const panelKit: ShellKind<PanelKitShell> = {
  kind: "panelKit",
  label: "Kit of panels",
  words: "panels, bars and fasteners, put up by you",
  openings: ({ found }) => [
    { id: "front", face: "front", shutAsFound: found.doors.opens !== "none", mayStandOpen: true },
  ],
  found: true,
  tapeBefore: "“Lay the kit out and count it” is ticked off",
  survey: panelKitSurvey,
  starter: () => ({ shell: starterPanelKit(), closures: [foundClosure("front")] }),
  check: checkPanelKit,
  build: buildPanelKit,
  plan: planPanelKit,
};
