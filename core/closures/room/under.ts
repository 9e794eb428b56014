import { setMm } from "../../ledgers/fix";
import type { Snag } from "../../ledgers/ledger";
import { over } from "../../units/tolerance";
import type { Here } from "../kind";
import type { Closure } from "../schema";

/** Left between what stands under a lid and the lid, mm: it bows and is put down by hand. From memory. */
const UNDER_SPARE_MM = 10;

/** Whether what stands under a lid leaves it room to shut. */
export function underSnags({ site, opening, path, own }: Here, { standsUnder }: Closure): Snag[] {
  if (opening.face !== "top" || !standsUnder) return [];
  const highest = standsUnder.high ?? standsUnder.value;
  const most = site.shell.levels.topMm - UNDER_SPARE_MM;
  if (!over(highest, most)) return [];
  return [
    {
      rule: "front/stands-in-the-lid",
      subject: own("under"),
      severity: "stop",
      stage: "front",
      title: "The lid does not shut over what stands under it",
      sentence: `It stands ${site.say(highest, "up")} high; ${site.say(most, "down")} is what the lid leaves.`,
      reason: "A lid that rests on wood or a pump box stands open along its rim.",
      fix: {
        label: `Keep it under ${site.say(most, "down")}`,
        patch: [setMm(`${path}/standsUnder`, Math.floor(most))],
      },
    },
  ];
}
