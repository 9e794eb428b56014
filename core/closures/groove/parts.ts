import { glueSupply } from "../../ledgers/glue";
import type { Part, Supply } from "../../ledgers/ledger";
import { capital } from "../../units/capital";
import type { Here } from "../kind";
import { SIDE_PLAY_MM } from "./groove";
import type { GroovedJob } from "./job";

/** The pane itself. */
export function groovedParts({ site, opening, id }: Here, { of, run, alongMm, infill, groove }: GroovedJob): Part[] {
  const play = SIDE_PLAY_MM.value;
  return [
    {
      ...{ id: id(of.one), label: capital(of.one), materialId: infill.id },
      kind: infill.class === "glass" ? "pane" : "panel",
      ...{ lengthMm: run.acrossMm, widthMm: alongMm, thicknessMm: infill.thicknessMm, qty: 1, grainLocked: false },
      working: {
        length: site.saySum([opening.widthMm, " opening − 2 × ", groove.webMm, " web − 2 × ", play, " play"]),
        width: site.saySum([opening.heightMm, " opening − ", groove.webMm, " web − ", of.clearMm, " clear"]),
      },
      figure: id(`${of.one}-across`),
    },
  ];
}

/** Grooves by the metre, a pull and a stop. */
export function groovedSupplies({ opening, id, site }: Here, { of, groove }: GroovedJob): Supply[] {
  const counted = (thing: string, materialId: string, label: string, n: number, unit: Supply["unit"], why: string) => ({
    ...{ id: id(`${of.one}-${thing}`), label, materialId, unit, why, likely: n, low: n, high: n },
  });
  return [
    counted(
      "grooves",
      groove.material.id,
      groove.material.name,
      2 * opening.heightMm + opening.widthMm,
      "mm",
      "both sides and the far end",
    ),
    counted("pull", "finger-pull", "Finger pull", 1, "piece", "to draw it by"),
    counted("stop", "door-stop", "Stop for a door or lid", 1, "piece", "so that it is not drawn right out"),
    ...glueSupply(site.book, id("groove-adhesive"), 2 * opening.heightMm + opening.widthMm, "under the grooves"),
  ];
}
