import type { Checker } from "../../../ledgers/checker";
import { SIZE_LIMIT_MM } from "../../limits";

import type { RoundTubShell } from "./schema";

/** Limits of the survey, each with the number that would be right. */
export function checkRoundTub(shell: RoundTubShell, _: unknown, { between, add, say }: Checker): void {
  const { found, floorDepth } = shell;
  for (const [key, words] of [
    ["rimDiameter", "The rim"],
    ["footDiameter", "The foot"],
    ["height", "The height"],
  ] as const)
    between(`/shell/found/${key}`, found[key], SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, words);
  if (found.footDiameter.value > found.rimDiameter.value)
    add(
      "/shell/found/footDiameter",
      `A foot of ${say(found.footDiameter.value)} under a rim of ${say(found.rimDiameter.value)} could never leave its mould. Type ${say(found.rimDiameter.value)} or less, or swap the two.`,
    );
  between("/shell/found/wall", found.wall, 0.4, 15, "The wall");
  between("/shell/found/lidGap", found.lidGap, 0, 50, "The gap round the lid");
  between("/shell/floorDepth", floorDepth, 1, Math.max(1, found.height.value - 10), "The poured floor");
  between("/shell/groundDepth", shell.groundDepth, 1, Math.max(1, found.height.value), "Ground");
}
