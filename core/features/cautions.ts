import { DRILLING } from "../materials/face";
import type { Site } from "../shell/site";
import { CAUTION } from "../workshop/cautions";
import type { Feature } from "./schema";

/** What to mind while a feature is cut into its face: dust always, glass where it is glass. */
export function cuttingCautions({ shell }: Site, { face }: Feature): string[] {
  const drilling = DRILLING[shell.faces[face].material.family];
  return drilling === "glass" || drilling === "never" ? [CAUTION.glass, CAUTION.dust] : [CAUTION.dust];
}
