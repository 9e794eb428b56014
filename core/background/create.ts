import { statedMm } from "../design/measure";
import type { WallId, ZoneKind } from "./names";
import type { Wall, Zone } from "./schema";
import { ZONE } from "./zones";

/** A wall to start from: foamed in place, two lifts at its ridges, fibre on it. */
export const newWall = (face: WallId): Wall => ({
  face,
  buildUp: "foam",
  foam: "foamPond",
  depth: statedMm(35),
  relief: statedMm(25),
  lift: statedMm(40),
  foot: null,
  skinOff: true,
  carveBy: "hand",
  apply: "usual",
  finish: "siliconeFibre",
  fibre: "treeFern",
  damp: false,
  up: false,
  origin: "made",
});

interface Place {
  face: WallId;
  u: number;
  v: number;
}

/** Sizes to start from, mm: wide, high, and how far it stands out. */
const START: Record<ZoneKind, readonly [wide: number, high: number, deep: number]> = {
  ledge: [260, 50, 110],
  foam: [200, 200, 60],
  slab: [260, 160, 60],
  branch: [60, 60, 240],
  planter: [75, 75, 85],
  bare: [120, 200, 0],
  mat: [240, 240, 20],
  earth: [240, 200, 40],
  bought: [300, 300, 40],
};

/** A zone to start from, its middle at a place on its wall. */
export function newZone(kind: ZoneKind, id: string, { face, u, v }: Place): Zone {
  const [wide, high, deep] = START[kind];
  const zone = { id, face, name: "", u: statedMm(u), v: statedMm(v), width: statedMm(wide), height: statedMm(high) };
  const depth = statedMm(deep);
  switch (kind) {
    case "slab":
    case "branch":
      return {
        ...{ ...zone, kind, depth, mass: null, of: ZONE[kind].piece!.of },
        ...{ anchor: ZONE[kind].piece!.anchor, bedding: "pressed" },
        ...{ hollow: false, plugged: false, wrapped: true },
      };
    case "planter":
      return { ...zone, kind, depth, drilled: true };
    case "bare":
      return { ...zone, kind };
    default:
      return { ...zone, kind, depth };
  }
}
