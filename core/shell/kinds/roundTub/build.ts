import type { FaceId } from "../../../design/names";
import type { Variant } from "../../../document/schema";
import { foundFace } from "../../../materials/face";
import { disc, trapezium } from "../../outline";
import type { Profile } from "../../profile";
import type { Shell, ShellFace } from "../../shell";
import { slantMm } from "../../space";
import { liddedTub } from "../liddedTub";
import type { RoundTubShell } from "./schema";

/** The inside from foot to rim. */
export const profileOf = ({ found }: RoundTubShell): Profile => ({
  round: true,
  footWidthMm: found.footDiameter.value,
  footDepthMm: found.footDiameter.value,
  rimWidthMm: found.rimDiameter.value,
  rimDepthMm: found.rimDiameter.value,
  heightMm: found.height.value,
  cornerRadiusMm: 0,
});

/** Where each quarter of the wall looks, and which way its u runs round. */
const QUARTERS = {
  left: [Math.PI, -1],
  right: [0, 1],
  back: [Math.PI / 2, -1],
  front: [-Math.PI / 2, 1],
} as const;

function roundFaces(shell: RoundTubShell): Record<FaceId, ShellFace> {
  const { found } = shell;
  const [foot, rim, height] = [found.footDiameter.value, found.rimDiameter.value, found.height.value];
  const material = foundFace(found.plastic, found.wall.value);
  const centre = [foot / 2, foot / 2] as const;
  const slope = slantMm(height, (rim - foot) / 2);
  const quarter = (id: keyof typeof QUARTERS): ShellFace => {
    const [footArc, rimArc] = [(Math.PI * foot) / 4, (Math.PI * rim) / 4];
    const [middle, turn] = QUARTERS[id];
    const widest = Math.max(footArc, rimArc);
    const room = Math.min(footArc, rimArc);
    return {
      id,
      material,
      open: false,
      frame: {
        kind: "arc",
        centre,
        footRadiusMm: foot / 2,
        rimRadiusMm: rim / 2,
        heightMm: height,
        middle,
        turn,
        middleU: widest / 2,
      },
      outline: trapezium(footArc, rimArc, slope),
      room: { uMm: (widest - room) / 2, vMm: 0, widthMm: room, heightMm: slope },
    };
  };
  const round = (id: "base" | "top", z: number, dia: number, out: 1 | -1): ShellFace => {
    const side = dia / Math.SQRT2;
    return {
      id,
      material,
      open: false,
      frame: {
        kind: "plane",
        origin: [centre[0] - dia / 2, centre[1] - dia / 2, z],
        u: [1, 0, 0],
        v: [0, 1, 0],
        out: [0, 0, out],
      },
      outline: disc(dia),
      room: { uMm: (dia - side) / 2, vMm: (dia - side) / 2, widthMm: side, heightMm: side },
    };
  };
  return {
    base: round("base", 0, foot, -1),
    top: round("top", height, rim, 1),
    left: quarter("left"),
    right: quarter("right"),
    back: quarter("back"),
    front: quarter("front"),
  };
}

/** The shell as it stands, with its lid. */
export function buildRound(variant: Variant): Shell {
  const shell = variant.shell as RoundTubShell;
  const { found, floorDepth } = shell;
  return liddedTub(shell, variant, {
    words: "round tub",
    profile: profileOf(shell),
    faces: roundFaces(shell),
    pouredMm: floorDepth?.value ?? 0,
    standsMm: shell.riser?.value ?? 0,
    underBasePath: "/shell/riser",
    volumeWorking: {
      formula: "π·h/12 · (D² + D·d + d²), a cone's frustum",
      inputs: [
        { name: "rim diameter", value: found.rimDiameter.value, unit: "mm" },
        { name: "foot diameter", value: found.footDiameter.value, unit: "mm" },
        { name: "height inside", value: found.height.value, unit: "mm" },
      ],
    },
  });
}
