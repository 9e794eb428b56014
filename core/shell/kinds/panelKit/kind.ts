import { foundClosure } from "../../../closures/kinds/found/schema";
import { capital } from "../../../units/capital";
import type { ShellKind } from "../kind";
import { buildPanelKit } from "./build";
import { checkPanelKit } from "./check";
import { PLACE } from "./places";
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
  nameOf: (path, { found }) => {
    const panel = found.panels[Number(/^\/shell\/found\/panels\/(\d+)\//.exec(path)?.[1])];
    return panel && capital(PLACE[panel.place].words);
  },
  starter: () => ({ shell: starterPanelKit(), closures: [foundClosure("front")] }),
  check: checkPanelKit,
  build: buildPanelKit,
  plan: planPanelKit,
};
