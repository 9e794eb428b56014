import { foundClosure } from "../../../closures/kinds/found/schema";
import { bareSeal } from "../../../seal/schema";
import type { ShellKind } from "../kind";
import { buildFrontGlass } from "./build";
import { checkFrontGlass } from "./check";
import { planFrontGlass } from "./plan";
import type { FrontGlassShell } from "./schema";
import { starterFrontGlass } from "./starter";
import { frontGlassSurvey } from "./survey";

export const frontGlass: ShellKind<FrontGlassShell> = {
  kind: "frontGlass",
  label: "Front-opening glass",
  words: "a glass terrarium with swing doors over a fixed sill, and a screened top",
  openings: () => [
    { id: "front", face: "front", shutAsFound: true, mayStandOpen: false },
    { id: "top", face: "top", shutAsFound: true, mayStandOpen: true },
  ],
  found: true,
  tapeBefore: "“Survey and clean it” is ticked off",
  survey: frontGlassSurvey,
  starter: () => ({
    shell: starterFrontGlass(),
    closures: [foundClosure("front"), foundClosure("top")],
    // Its maker has run its beads.
    seal: { ...bareSeal(), seams: "none" },
  }),
  check: checkFrontGlass,
  build: buildFrontGlass,
  plan: planFrontGlass,
};
