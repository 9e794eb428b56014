import type { Feature } from "../design/schema";
import { CAUTION } from "../diary/rates";
import type { Site } from "../ledgers/site";
import { DRILLING } from "../materials/face";

/** What to mind while a feature is cut into its face: dust always, glass where it is glass. */
export function cuttingCautions({ shell }: Site, { face }: Feature): string[] {
  const drilling = DRILLING[shell.faces[face].material.family];
  return drilling === "glass" || drilling === "never" ? [CAUTION.glass, CAUTION.dust] : [CAUTION.dust];
}
