import { foundClosure } from "../../../closures/kinds/found/schema";
import { bareSeal } from "../../../seal/schema";
import type { ShellKind } from "../kind";
import { buildClearBox } from "./build";
import { checkClearBox } from "./check";
import { hasDoor } from "./measure";
import { planClearBox } from "./plan";
import type { ClearBoxShell } from "./schema";
import { starterClearBox } from "./starter";
import { clearBoxSurvey } from "./survey";

export const clearBox: ShellKind<ClearBoxShell> = {
  kind: "clearBox",
  label: "Clear box",
  words: "acrylic, polystyrene or polycarbonate, with a door or a sliding lid",
  // What closes a door or a lid it has not is kept, and asked for nothing.
  openings: ({ found }) => [
    { id: "front", face: "front", shutAsFound: true, mayStandOpen: !hasDoor(found) },
    { id: "top", face: "top", shutAsFound: true, mayStandOpen: true },
  ],
  found: true,
  tapeBefore: "“Survey and clean it” is ticked off",
  survey: clearBoxSurvey,
  starter: () => ({
    shell: starterClearBox(),
    closures: [foundClosure("front"), foundClosure("top")],
    // Its corners are its maker's; nothing is run over them.
    seal: { ...bareSeal(), seams: "none" },
  }),
  check: checkClearBox,
  build: buildClearBox,
  plan: planClearBox,
};
