import { SIZE_LIMIT_MM } from "../../limits";
import type { Checker } from "../kind";
import type { RoundTubShell } from "./schema";

/** Limits of the survey, each with the number that would be right. */
export function checkRoundTub(shell: RoundTubShell, _: unknown, { between, add, say }: Checker): void {
  const { found, tube, floorDepth } = shell;
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
  if (!tube) return;
  between("/shell/tube/outer", tube.outer, 2, 120, "The tube");
  between("/shell/tube/bore", tube.bore, 1, Math.max(1, tube.outer.value), "The bore");
  between(
    "/shell/tube/height",
    tube.height,
    tube.outer.value / 2,
    Math.max(1, found.height.value - tube.outer.value / 2),
    "The middle of the tube's hole",
  );
  between("/shell/tube/rise", tube.rise, 0, 2000, "The rise");
  between("/shell/tube/run", tube.run, 10, 5000, "The run");
  between("/shell/tube/bendRadius", tube.bendRadius, 1, 5000, "The bend");
}
