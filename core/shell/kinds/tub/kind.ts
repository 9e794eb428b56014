import { foundClosure } from "../../../closures/kinds/found/schema";
import { statedMm } from "../../../design/measure";
import { bareSeal } from "../../../seal/schema";
import type { ShellKind } from "../kind";
import { buildTub } from "./build";
import { checkTub } from "./check";
import { planTub } from "./plan";
import type { TubShell } from "./schema";
import { tubSurvey } from "./survey";

export const tub: ShellKind<TubShell> = {
  kind: "tub",
  label: "Plastic tub",
  words: "a latching tub or tote whose walls taper",
  openings: () => [{ id: "top", face: "top", shutAsFound: true, mayStandOpen: true }],
  found: true,
  tapeBefore: "“Survey and clean it” is ticked off",
  survey: tubSurvey,
  starter: () => ({
    shell: {
      kind: "tub",
      found: {
        rimLength: statedMm(550),
        rimWidth: statedMm(380),
        footLength: statedMm(480),
        footWidth: statedMm(320),
        height: statedMm(350),
        wall: statedMm(2),
        cornerRadius: statedMm(0),
        plastic: "pp",
        clear: true,
        claim: null,
        lidLength: null,
        lidWidth: null,
        lidGap: statedMm(1),
        holes: { count: 0, bore: statedMm(6), where: "lid", height: statedMm(100) },
        catches: 2,
        note: "",
      },
      groundDepth: null,
      topLoadKg: statedMm(0),
    },
    closures: [foundClosure("top")],
    seal: { ...bareSeal(), seams: "none", airingDays: statedMm(3) },
  }),
  check: checkTub,
  build: buildTub,
  plan: planTub,
};
