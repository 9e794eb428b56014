import type { Checker } from "../../../ledgers/checker";
import { SIZE_LIMIT_MM } from "../../limits";

import type { TubShell } from "./schema";

/** Limits of the survey, each with the number that would be right. */
export function checkTub({ found, groundDepth }: TubShell, _: unknown, { between, add, say }: Checker): void {
  for (const [key, words] of [
    ["rimLength", "The rim's length"],
    ["rimWidth", "The rim's width"],
    ["footLength", "The foot's length"],
    ["footWidth", "The foot's width"],
    ["height", "The height"],
  ] as const)
    between(`/shell/found/${key}`, found[key], SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, words);
  for (const [foot, rim, words] of [
    ["footLength", "rimLength", "long"],
    ["footWidth", "rimWidth", "wide"],
  ] as const)
    if (found[foot].value > found[rim].value)
      add(
        `/shell/found/${foot}`,
        `A foot ${say(found[foot].value)} ${words} under a rim of ${say(found[rim].value)} could never leave its mould. Type ${say(found[rim].value)} or less, or swap the two.`,
      );
  between("/shell/found/wall", found.wall, 0.4, 15, "The wall");
  between(
    "/shell/found/cornerRadius",
    found.cornerRadius,
    0,
    Math.max(0, Math.min(found.footLength.value, found.footWidth.value) / 2),
    "The corner radius",
  );
  between("/shell/found/lidGap", found.lidGap, 0, 50, "The gap round the lid");
  for (const [lid, rim, words] of [
    ["lidLength", "rimLength", "long"],
    ["lidWidth", "rimWidth", "wide"],
  ] as const) {
    const measure = found[lid];
    const least = found[rim].value + 2 * found.wall.value;
    if (measure && measure.value < least)
      add(
        `/shell/found/${lid}`,
        `A lid ${say(measure.value)} ${words} does not reach over a rim of ${say(least)} outside. Type ${say(least)} or more.`,
      );
  }
  if (found.claim && (found.claim.value <= 0 || found.claim.value > 3e6))
    add("/shell/found/claim", "A tub holds between 1 mL and 3000 L. Type for example 58 qt or 64 L.");
  between("/shell/groundDepth", groundDepth, 1, Math.max(1, found.height.value), "Ground");
}
