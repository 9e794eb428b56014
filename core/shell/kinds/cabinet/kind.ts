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
  closures: ["found"],
  survey: cabinetSurvey,
  starter: () => ({ shell: starterCabinet(), closure: { kind: "found", lock: "none" } }),
  check: checkCabinet,
  build: buildCabinet,
  plan: planCabinet,
};
