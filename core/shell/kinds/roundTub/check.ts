import type { Checker } from "../../../ledgers/checker";
import { checkLiddedTub, checkMould } from "../liddedTub";
import type { RoundTubShell } from "./schema";

/** Limits of the survey, each with the number that would be right. */
export function checkRoundTub(shell: RoundTubShell, _: unknown, checker: Checker): void {
  const { rimDiameter: rim, footDiameter: foot, height } = shell.found;
  checkLiddedTub(
    shell,
    [
      ["rimDiameter", rim, "The rim"],
      ["footDiameter", foot, "The foot"],
    ],
    checker,
  );
  checkMould("footDiameter", foot, rim, `of ${checker.say(foot.value)}`, checker);
  checker.between("/shell/floorDepth", shell.floorDepth, 1, Math.max(1, height.value - 10), "The poured floor");
}
