import type { Part, Step, TradeLedger } from "../../ledgers/ledger";
import { materialsOf } from "../../materials/find";
import { formatNumber } from "../../units/format";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import type { Site } from "../site";
import type { Screen } from "./schema";

/** The sheet that is laid over part of a screen: clear, of the book's first acrylic. */
const clearSheet = ({ book }: Pick<Site, "book">) => materialsOf(book, "sheet").find((m) => m.plastic === "acrylic");

/** A sheet over part of a screened top: cut to the screen's depth, laid on, and lifted off again to feed the air. */
export function planCover(site: Site, { covered, width, depth }: Screen): Pick<TradeLedger, "parts" | "steps"> {
  const percent = covered?.value ?? 0;
  if (percent <= 0) return { parts: [], steps: [] };
  const { inside } = site.shell;
  const [widthMm, depthMm] = [width?.value ?? inside.widthMm, depth?.value ?? inside.depthMm];
  const coverMm = Math.round((widthMm * percent) / 100);
  const sheet = clearSheet(site);
  const [lengthMm, across] = coverMm >= depthMm ? [coverMm, depthMm] : [depthMm, coverMm];
  const words = [`${formatNumber(percent)} % of the screen’s width`, "the screen’s depth"] as const;
  const part: Part[] = sheet
    ? [
        {
          ...{ id: "shell/screen/cover", label: "Cover on the screen", materialId: sheet.id, kind: "panel" },
          ...{ lengthMm, widthMm: across, thicknessMm: sheet.thicknessMm, qty: 1, grainLocked: false },
          working: coverMm >= depthMm ? { length: words[0], width: words[1] } : { length: words[1], width: words[0] },
        },
      ]
    : [];
  const step: Step = {
    ...{ id: "shell/screen/cover", title: "Lay the cover on the screen", stage: "shell" },
    detail: `${site.say(coverMm)} of its width, edges rounded, never under a lamp: it would keep its heat and UV out, and melt.`,
    ...{ handsOnMinutes: RATES.meshPanel.value / 2, waitMinutes: 0 },
    after: [{ reached: "surveyed", because: "the screen is measured first" }],
    ...{ splittable: true, toHand: ["fine file"], cautions: [CAUTION.blade] },
    ...(sheet && { uses: [sheet.id] }),
    passSign: "It lies flat, and lifts off with one hand.",
  };
  return { parts: part, steps: [step] };
}
