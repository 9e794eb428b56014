import type { Variant } from "../../../document/schema";
import { foundFace } from "../../../materials/face";
import type { Profile } from "../../profile";
import type { Shell } from "../../shell";
import { liddedTub } from "../liddedTub";
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
export function buildTub(variant: Variant): Shell {
  const shell = variant.shell as TubShell;
  const { found } = shell;
  const profile = profileOf(shell);
  return liddedTub(shell, variant, {
    words: `plastic tub, ${found.clear ? "clear" : "opaque"}`,
    profile,
    holes: found.holes,
    faces: taperedFaces(profile, foundFace(found.plastic, found.wall.value)),
    lidMm: { widthMm: found.lidLength?.value, depthMm: found.lidWidth?.value },
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
  });
}
