import type { FaceMaterial } from "../../materials/face";
import type { Opening } from "../../shell/shell";
import type { Site } from "../../shell/site";

/** What moves round the opening as it warms: the frame's own strips, or the wall it is in. */
export const surroundOf = ({ shell }: Pick<Site, "shell">, { face }: Pick<Opening, "face">): FaceMaterial =>
  face === "front"
    ? (shell.strips.find((s) => s.material.thicknessMm > 0)?.material ?? shell.faces.base.material)
    : shell.faces.left.material;
