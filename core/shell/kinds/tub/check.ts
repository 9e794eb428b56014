import type { Checker } from "../../../ledgers/checker";
import { checkLiddedTub, checkMould } from "../liddedTub";
import type { TubShell } from "./schema";

/** Limits of the survey, each with the number that would be right. */
export function checkTub(shell: TubShell, _: unknown, checker: Checker): void {
  const { found } = shell;
  const { between, add, say } = checker;
  checkLiddedTub(
    shell,
    [
      ["rimLength", found.rimLength, "The rim's length"],
      ["rimWidth", found.rimWidth, "The rim's width"],
      ["footLength", found.footLength, "The foot's length"],
      ["footWidth", found.footWidth, "The foot's width"],
    ],
    checker,
  );
  checkMould("footLength", found.footLength, found.rimLength, `${say(found.footLength.value)} long`, checker);
  checkMould("footWidth", found.footWidth, found.rimWidth, `${say(found.footWidth.value)} wide`, checker);
  between(
    "/shell/found/cornerRadius",
    found.cornerRadius,
    0,
    Math.max(0, Math.min(found.footLength.value, found.footWidth.value) / 2),
    "The corner radius",
  );
  between("/shell/found/holes/bore", found.holes.bore, 0.3, 100, "A hole");
  between("/shell/found/holes/height", found.holes.height, 0, Math.max(0, found.height.value), "A hole's height");
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
}
