import { statedMm } from "../../design/measure";
import type { Levels } from "../../levels/levels";
import { vAtHeight } from "../../shell/space";
import type { Start } from "../kind";
import { fieldSize } from "./pattern";
import type { Holes } from "./schema";

/** Over what fills it, and over a dam; where the walls themselves are the dam, over the fill alone. */
const lowestFreeMm = ({ groundMm, waterMm, damTopMm, topMm }: Levels): number =>
  Math.max(groundMm, waterMm, damTopMm < topMm ? damTopMm : 0);

export const holesStarts: readonly Start<Holes>[] = [
  {
    button: "Add holes, low left",
    stem: "low",
    make({ faces, levels }) {
      const { room, frame } = faces.left;
      const field = {
        pattern: "staggered" as const,
        ...{ holeDia: statedMm(6), pitch: statedMm(12) },
        ...{ columns: Math.max(1, Math.min(20, Math.floor((room.widthMm * 0.6) / 12))), rows: 3 },
      };
      const middleMm = vAtHeight(frame, lowestFreeMm(levels)) + 30 + fieldSize(field).heightMm / 2;
      return {
        ...{ name: "Low left", face: "left", kind: "holes", origin: "made", mesh: null, meshOrigin: "made" },
        ...field,
        u: statedMm(Math.round(room.uMm + room.widthMm / 2)),
        v: statedMm(Math.round(middleMm)),
      };
    },
  },
];
