import type { Variant } from "../../../document/schema";
import { stackLevels } from "../../../levels/levels";
import { foundFace } from "../../../materials/face";
import { FACE_WORDS, faceSolid } from "../../boxFaces";
import { type Profile, volumeBelowMl } from "../../profile";
import type { Shell } from "../../shell";
import type { TubShell } from "./schema";
import { taperedFaces } from "./taper";

/** The inside from foot to rim. */
export const profileOf = ({ found }: TubShell): Profile => ({
  round: false,
  footWidthMm: found.footLength.value,
  footDepthMm: found.footWidth.value,
  rimWidthMm: found.rimLength.value,
  rimDepthMm: found.rimWidth.value,
  heightMm: found.height.value,
  cornerRadiusMm: found.cornerRadius.value,
});

/** The shell as it stands, with its lid. */
export function buildTub({ shell: anyShell, seal, ground }: Variant): Shell {
  const shell = anyShell as TubShell;
  const { found } = shell;
  const profile = profileOf(shell);
  const wallMm = found.wall.value;
  const faces = taperedFaces(profile, foundFace(found.plastic, wallMm));
  const inside = { widthMm: profile.rimWidthMm, depthMm: profile.rimDepthMm, heightMm: profile.heightMm };
  return {
    kind: "tub",
    words: `plastic tub, ${found.clear ? "clear" : "opaque"}`,
    inside,
    outside: {
      widthMm: found.lidLength?.value ?? inside.widthMm + 2 * wallMm,
      depthMm: found.lidWidth?.value ?? inside.depthMm + 2 * wallMm,
      heightMm: inside.heightMm + 2 * wallMm,
    },
    legsMm: 0,
    profile,
    volumeMl: volumeBelowMl(profile, profile.heightMm),
    volumeWorking: {
      formula: "h/6 · (foot area + 4 · middle area + rim area), rounded corners taken off: prismoidal rule",
      inputs: [
        { name: "rim length", value: found.rimLength.value, unit: "mm" },
        { name: "rim width", value: found.rimWidth.value, unit: "mm" },
        { name: "foot length", value: found.footLength.value, unit: "mm" },
        { name: "foot width", value: found.footWidth.value, unit: "mm" },
        { name: "height inside", value: found.height.value, unit: "mm" },
        { name: "corner radius", value: found.cornerRadius.value, unit: "mm" },
      ],
    },
    faces,
    strips: [],
    openings: [{ id: "top", face: "top", uMm: 0, vMm: 0, widthMm: profile.rimWidthMm, heightMm: profile.rimDepthMm }],
    panels: [],
    joints: [],
    seams: [],
    solids: Object.values(faces).map((f) => faceSolid(f, f.id === "top" ? "Lid" : FACE_WORDS[f.id])),
    gaps: [{ id: "lid", label: "round the lid", kind: "slot", mm: found.lidGap.value, cover: "its own catches" }],
    doorLeaves: 0,
    heldWalls: [],
    tray: null,
    reusable: [],
    ownPanes: [],
    levels: stackLevels({
      insideHeightMm: inside.heightMm,
      groundMm: shell.groundDepth?.value,
      ground,
      waterMm: seal.standingWater?.value,
      damMm: inside.heightMm,
    }),
    damPath: null,
    insidePaths: null,
  };
}
