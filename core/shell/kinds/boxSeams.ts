import type { FaceId } from "../../design/names";
import type { Levels } from "../../levels/levels";
import type { Seam, Strip } from "../shell";
import type { Size3 } from "../size";

const WORDS: Record<FaceId, string> = {
  base: "Base",
  top: "Top",
  left: "Left",
  right: "Right",
  back: "Back",
  front: "Front",
};

/** The twelve edges of a box: the two faces that meet, and the axis it runs along. */
const EDGES: readonly [FaceId, FaceId, keyof Size3][] = [
  ["base", "left", "depthMm"],
  ["base", "right", "depthMm"],
  ["base", "back", "widthMm"],
  ["base", "front", "widthMm"],
  ["left", "back", "heightMm"],
  ["right", "back", "heightMm"],
  ["left", "front", "heightMm"],
  ["right", "front", "heightMm"],
  ["top", "left", "depthMm"],
  ["top", "right", "depthMm"],
  ["top", "back", "widthMm"],
  ["top", "front", "widthMm"],
];

const side = (face: FaceId) => (face === "left" || face === "right" ? `${face} side` : face);

/**
 * The inner seams of a box where both faces are there, foot seams first, with the dams'. Uprights are parted at the wet line.
 * @param asFound its maker has run its beads
 */
export function boxSeams(
  inside: Size3,
  open: readonly FaceId[],
  strips: readonly Strip[],
  levels: Levels,
  asFound = false,
): Seam[] {
  const seam = (
    between: readonly FaceId[],
    id: string,
    label: string,
    lengthMm: number,
    wet = false,
    foot = false,
  ): Seam => ({
    id: `seam/${id}`,
    label,
    lengthMm,
    wet,
    foot,
    between,
  });
  const wetMm = Math.min(inside.heightMm, Math.max(levels.groundMm, levels.waterMm, levels.damTopMm));
  const damSeams = strips
    .filter((strip) => strip.role === "dam")
    .flatMap(({ id, label, widthMm, heightMm, found }) =>
      [
        seam(["base"], `base-${id}`, `Base to ${label.toLowerCase()}`, widthMm, true),
        seam(["left"], `${id}-left`, `${label} to left side`, heightMm, true),
        seam(["right"], `${id}-right`, `${label} to right side`, heightMm, true),
      ].map((s) => (found ? { ...s, found } : s)),
    );
  const closed = EDGES.filter(([a, b]) => !open.includes(a) && !open.includes(b));
  const list = closed.flatMap(([a, b, axis]): Seam[] => {
    const id = `${a}-${b}`;
    if (axis !== "heightMm")
      return [seam([a, b], id, `${WORDS[a]} to ${side(b)}`, inside[axis], a === "base", a === "base")];
    const label = `${WORDS[a]} to ${b}`;
    if (wetMm <= 0) return [seam([a, b], id, label, inside.heightMm)];
    return [
      seam([a, b], `${id}-foot`, `${label}, up to the dam`, wetMm, true),
      ...(wetMm < inside.heightMm ? [seam([a, b], id, `${label}, above the dam`, inside.heightMm - wetMm)] : []),
    ];
  });
  const own = asFound ? list.map((s): Seam => ({ ...s, found: true })) : list;
  return [...own.filter((s) => s.foot), ...damSeams, ...own.filter((s) => !s.foot)];
}
