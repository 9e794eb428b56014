import { statedMm } from "../../../design/measure";
import { BARE_SEAL } from "../../../seal/bare";
import type { ShellKind } from "../kind";
import { buildRound } from "./build";
import { checkRoundTub } from "./check";
import { planRound } from "./plan";
import type { RoundTubShell } from "./schema";
import { roundTubSurvey } from "./survey";

export const roundTub: ShellKind<RoundTubShell> = {
  kind: "roundTub",
  label: "Round tub",
  words: "with a poured floor and a tube to the next box",
  closures: ["open", "found"],
  survey: roundTubSurvey,
  starter: () => ({
    shell: {
      kind: "roundTub",
      found: {
        rimDiameter: statedMm(250),
        footDiameter: statedMm(230),
        height: statedMm(140),
        wall: statedMm(2),
        plastic: "pp",
        lidGap: statedMm(0.5),
      },
      floorDepth: null,
      groundDepth: null,
      topLoadKg: statedMm(0),
    },
    closure: { kind: "found", lock: "none" },
    seal: {
      ...structuredClone(BARE_SEAL),
      sealant: "silicone-neutral",
      leg: statedMm(6),
      seams: "none",
      standingWater: null,
      airingDays: statedMm(3),
    },
  }),
  check: checkRoundTub,
  build: buildRound,
  plan: planRound,
};
