import { statedMm } from "../design/measure";
import type { Shell } from "../shell/shell";
import { vAtHeight } from "../shell/space";
import type { Feature } from "./schema";

/** The middle of a feature low on the back, so much over what fills the shell there. */
export function lowOnBack({ faces, levels }: Shell, aboveMm: number): Pick<Feature, "face" | "u" | "v" | "origin"> {
  const { room, frame } = faces.back;
  const foot = vAtHeight(frame, Math.max(levels.groundMm, levels.waterMm)) + 40;
  return {
    face: "back",
    u: statedMm(Math.round(room.uMm + room.widthMm / 2)),
    v: statedMm(Math.round(foot) + aboveMm),
    origin: "made",
  };
}
