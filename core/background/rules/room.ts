import type { Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { coverDepths } from "../cover";

/** Less room than this between walls is none, mm: from memory. */
const LEAST_MM = 50;

/** Walls so deep that nothing is left between them. */
export function roomSnags({ shell, variant, say }: Site): Snag[] {
  const depth = coverDepths(variant, shell);
  const { footWidthMm, footDepthMm } = shell.profile;
  const width = footWidthMm - depth.left - depth.right;
  const deep = footDepthMm - depth.back;
  if (width >= LEAST_MM && deep >= LEAST_MM) return [];
  return [
    {
      rule: "background/no-room",
      subject: "walls",
      severity: "stop",
      stage: "background",
      title: "The walls leave no room",
      sentence: `${say(footWidthMm)} × ${say(footDepthMm)} inside, ${say(Math.max(0, width))} × ${say(Math.max(0, deep))} between the walls.`,
      reason: "Make them shallower, or leave one of them out.",
      figure: width < LEAST_MM ? "background/net-width" : "background/net-depth",
    },
  ];
}
