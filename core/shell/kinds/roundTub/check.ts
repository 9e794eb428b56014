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
  const { mound, floorDepth } = shell;
  const roomMm = Math.max(1, height.value - (floorDepth?.value ?? 0) - 5);
  checker.between("/shell/mound/height", mound.height, 1, roomMm, "The mound");
  if (mound.height)
    checker.between("/shell/mound/across", mound.across, 5, Math.max(5, foot.value), "The mound's foot");
  checker.between("/shell/riser", shell.riser, 5, 500, "The riser");
  checker.between("/shell/floorDepth", shell.floorDepth, 1, Math.max(1, height.value - 10), "The poured floor");
}
