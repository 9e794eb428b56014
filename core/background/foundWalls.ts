import { isReplaced } from "../design/found";
import { remove, set } from "../ledgers/fix";
import type { Snag, Step } from "../ledgers/ledger";
import { FACE_WORDS } from "../shell/boxFaces";
import type { Site } from "../shell/site";
import { CAUTION } from "../workshop/cautions";
import { RATES } from "../workshop/rates";
import type { Wall } from "./schema";

/** The step that tears an old background out, or mends it. */
export const foundWallStepId = ({ face }: Pick<Wall, "face">): string => `background/${face}/found`;

/** Backgrounds that came with the shell: torn out where new ones take their place, mended by hand where that is planned. */
export const foundWallSteps = (walls: readonly Wall[]): Step[] =>
  walls.flatMap((wall): Step[] => {
    const mended = wall.origin === "found" && wall.fate === "mended";
    if (!mended && !isReplaced(wall)) return [];
    const where = FACE_WORDS[wall.face].toLowerCase();
    return [
      {
        id: foundWallStepId(wall),
        ...(mended
          ? {
              title: `Mend the background, ${where}`,
              detail: "Fill what is broken, finish it as the rest is; what that takes is not counted.",
              handsOnMinutes: RATES.mendWall.value,
              reaches: ["wallsUp"],
            }
          : {
              title: `Tear the old background out, ${where}`,
              detail: "Cut behind it, lift it out in pieces, scrape the dried glue off, clean the pane.",
              handsOnMinutes: RATES.tearOut.value,
            }),
        stage: "background",
        waitMinutes: 0,
        after: [{ reached: "surveyed", because: "what is there is looked at first" }],
        splittable: true,
        toHand: mended ? ["knife", "filler", "brush"] : ["long blade or wire", "scraper", "vacuum"],
        cautions: [CAUTION.blade, CAUTION.dust],
      },
    ];
  });

/** A new wall where the shell's own background is kept. */
export function liningSnags({ shell, variant, say, at }: Site): Snag[] {
  const { lining } = shell;
  const index = variant.background.walls.findIndex((w) => w.face === lining?.face && w.buildUp !== "none");
  if (!lining || index < 0) return [];
  const where = FACE_WORDS[lining.face].toLowerCase();
  return [
    {
      rule: "background/over-its-own",
      subject: lining.face,
      severity: "stop",
      stage: "background",
      title: "Its own background is still there",
      sentence: `The ${where} keeps the background it came with, ${say(lining.depthMm)} deep with the gap behind it, and a new one is planned on it.`,
      reason:
        "Glued over it, the new one hangs on the old one's dabs of glue, with a gap behind it that nobody reaches.",
      fix: {
        label: "Tear the old one out",
        patch: [set(at("/shell/found/background/is"), "tornOut")],
      },
      otherFixes: [{ label: "Keep it, and plan no new one", patch: [remove(at(`/background/walls/${index}`))] }],
    },
  ];
}
