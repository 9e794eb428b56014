import { shellStage } from "../features/stages";
import { MASS } from "../ledgers/masses";
import { RAIL_SAG } from "../shell/facts";
import { kindOf } from "../shell/kinds/index";
import { planShell } from "../shell/planShell";
import type { Trade } from "../trade/trade";

/** The shell itself, as found or as made. Its kinds' folders know the rest. */
export const bareShellTrade: Trade = {
  id: "shell",
  stage: shellStage,
  reads: ["shell", "faces", "ground", "seal"],
  needs: [],
  gives: [RAIL_SAG, MASS],
  check(variant, checker) {
    kindOf(variant.shell).check(variant.shell, variant, checker);
    const { topLoadKg } = variant.shell;
    if (topLoadKg.value < 0 || topLoadKg.value > 300)
      checker.add("/shell/topLoadKg", "The load on the top must be between 0 and 300 kg.");
  },
  plan: planShell,
};
