import { statedMm } from "../../design/measure";
import { materialsOf } from "../../materials/find";
import type { Start } from "../kind";
import type { MeshPanel } from "./schema";

export const meshStarts: readonly Start<MeshPanel>[] = [
  {
    button: "Add mesh, high right",
    stem: "high",
    make({ faces }, book) {
      const mesh = materialsOf(book, "mesh")[0];
      if (!mesh) return undefined;
      const { uMm, vMm, widthMm, heightMm } = faces.right.room;
      const high = Math.round(Math.min(80, heightMm * 0.2));
      return {
        ...{ name: "High right", face: "right", kind: "mesh", shape: "panel", mesh: mesh.id, lap: statedMm(20) },
        ...{ origin: "made", meshOrigin: "made" },
        ...{ width: statedMm(Math.round(widthMm * 0.5)), height: statedMm(high) },
        u: statedMm(Math.round(uMm + widthMm / 2)),
        v: statedMm(Math.round(vMm + heightMm - 40 - high / 2)),
      };
    },
  },
];
