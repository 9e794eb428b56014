import { shellStage } from "../features/stages";
import { fact } from "../ledgers/facts";
import { MASS } from "../ledgers/masses";
import { UNCOUNTED } from "../ledgers/uncounted";
import { RAIL_SAG } from "../shell/facts";
import { kindOf } from "../shell/kinds/index";
import { planShell } from "../shell/planShell";
import type { Trade } from "../trade/trade";

/** The shell itself, as found or as made. Its kinds' folders know the rest. */
export const bareShellTrade: Trade = {
  id: "shell",
  stage: shellStage,
  reads: ["shell", "faces", "ground", "seal", "fixtures"],
  needs: [],
  gives: [RAIL_SAG, MASS, UNCOUNTED],
  check(variant, checker) {
    kindOf(variant.shell).check(variant.shell, variant, checker);
    const { topLoadKg } = variant.shell;
    if (topLoadKg.value < 0 || topLoadKg.value > 300)
      checker.add("/shell/topLoadKg", "The load on the top must be between 0 and 300 kg.");
  },
  plan(site) {
    const ledger = planShell(site);
    // What was found has its price behind it: the cost says that it leaves it out.
    return kindOf(site.shell).found
      ? { ...ledger, facts: [...ledger.facts, fact(UNCOUNTED, "the shell itself, as it was found or bought")] }
      : ledger;
  },
};
