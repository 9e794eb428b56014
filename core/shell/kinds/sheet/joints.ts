import { FIXINGS } from "../../fixings/list";
import { screwsAlong } from "../../screwsAlong";
import type { Joint, Strip } from "../../shell";
import type { Box } from "./box";
import type { SheetShell } from "./schema";

/** The joints of a sheet box; front strips are joined at their ends, dam and head rail along their length too. */
export function listJoints(shell: SheetShell, box: Box, strips: Strip[]): Joint[] {
  const { inside, outside, sideDepthMm } = box;
  const overlaid = shell.joints.back === "overlaid";
  const { screwed } = FIXINGS[shell.joints.fixing];
  const joint = (id: string, lengthMm: number): Joint => ({
    id: `joint/${id}`,
    lengthMm,
    screws: screwed ? screwsAlong(lengthMm, shell.joints.screwSpacing.value) : 0,
  });
  const acrossMm = overlaid ? outside.widthMm : inside.widthMm;
  const uprightMm = overlaid ? outside.heightMm : inside.heightMm;
  const joints = [
    ...["base-left", "base-right", "top-left", "top-right"].map((id) => joint(id, sideDepthMm)),
    ...["back-left", "back-right"].map((id) => joint(id, uprightMm)),
    ...["back-base", "back-top"].map((id) => joint(id, acrossMm)),
  ];
  for (const strip of strips) {
    const lying = strip.role !== "stile";
    const endMm = lying ? strip.heightMm : strip.widthMm;
    joints.push(joint(`${strip.id}-end-1`, endMm), joint(`${strip.id}-end-2`, endMm));
    if (strip.role !== "ventRail") joints.push(joint(`${strip.id}-edge`, lying ? strip.widthMm : strip.heightMm));
  }
  return joints;
}
