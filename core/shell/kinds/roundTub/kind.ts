import { foundClosure } from "../../../closures/kinds/found/schema";
import { statedMm } from "../../../design/measure";
import { bareSeal } from "../../../seal/schema";
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
  openings: () => [{ id: "top", face: "top", shutAsFound: true, mayStandOpen: true, round: true }],
  found: true,
  tapeBefore: "“Survey and clean it” is ticked off",
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
      mound: { height: null, across: statedMm(120) },
      riser: null,
      groundDepth: null,
      topLoadKg: statedMm(0),
    },
    closures: [foundClosure("top")],
    seal: { ...bareSeal(), seams: "none", airingDays: statedMm(3) },
  }),
  check: checkRoundTub,
  build: buildRound,
  plan: planRound,
};
