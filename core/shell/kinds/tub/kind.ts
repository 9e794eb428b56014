import { statedMm } from "../../../design/measure";
import { BARE_SEAL } from "../../../seal/bare";
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
  closures: ["open", "found"],
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
        catches: 2,
        note: "",
      },
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
  check: checkTub,
  build: buildTub,
  plan: planTub,
};
