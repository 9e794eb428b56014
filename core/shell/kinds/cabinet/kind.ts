import { foundClosure } from "../../../closures/kinds/found/schema";
import type { ShellKind } from "../kind";
import { buildCabinet } from "./build";
import { checkCabinet } from "./check";
import { planCabinet } from "./plan";
import type { CabinetShell } from "./schema";
import { starterCabinet } from "./starter";
import { cabinetSurvey } from "./survey";

export const cabinet: ShellKind<CabinetShell> = {
  kind: "cabinet",
  label: "Cabinet",
  words: "timber, board, or metal and glass, with its doors and shelves",
  openings: () => [{ id: "front", face: "front", shutAsFound: true, mayStandOpen: false }],
  found: true,
  tapeBefore: "“Survey and clean it” is ticked off",
  survey: cabinetSurvey,
  starter: () => ({ shell: starterCabinet(), closures: [foundClosure("front")] }),
  check: checkCabinet,
  build: buildCabinet,
  plan: planCabinet,
};
