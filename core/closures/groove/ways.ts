import { levelSlot, uprightSlot } from "../../escape/airPath";
import type { PlacedWay } from "../../escape/way";
import { memory } from "../../figures/figure";
import { sawToleranceMm } from "../../workshop/sawTolerance";
import { paneEdgeMmPerN } from "../door/push";
import { GLASS_CUT } from "../glassCut";
import type { Here, Leaf } from "../kind";
import { lockWords } from "../lock/words";
import { opensMm, paneStuff, seasonsOf } from "../seasons";
import type { GroovedJob } from "./job";

/** How far two profiles of one batch differ in their groove, ± mm. */
const GROOVE_TOLERANCE = { value: 0.2, basis: memory } as const;

/** The pane as it is drawn, shut. */
export function groovedLeaves({ opening }: Here, { of, run, alongMm, infill, groove }: GroovedJob): Leaf[] {
  const upright = opening.face === "front";
  return [
    {
      ...{ id: of.one, name: of.one, of: infill.class },
      rect: {
        uMm: opening.uMm + (opening.widthMm - run.acrossMm) / 2,
        // A lid's far end is its back, which lies at the head of its face.
        vMm: upright ? opening.vMm + groove.webMm : opening.vMm + of.clearMm,
        widthMm: run.acrossMm,
        heightMm: alongMm,
      },
      moves: {
        ...(upright ? { how: "lifts" as const } : { how: "slides" as const, along: "v" as const }),
        ...{ byMm: alongMm, thicknessMm: infill.thicknessMm },
      },
    },
  ];
}

/** Beside it in its grooves, and at the end it is drawn out by. */
export function groovedWays({ site, opening, own }: Here, job: GroovedJob): PlacedWay[] {
  const { of, run, alongMm, infill } = job;
  const upright = opening.face === "front";
  const cut = infill.class === "glass" ? GLASS_CUT.value : sawToleranceMm(alongMm);
  const stuff = paneStuff(infill);
  const growthMm = opensMm(seasonsOf(site, opening, opening.heightMm, stuff));
  const placed = { where: opening.face, stage: "front", cover: lockWords(of.closure.lock) };
  const topMm = upright ? opening.vMm + opening.heightMm : site.shell.levels.topMm;
  return [
    {
      ...{
        id: own(`leaf/${of.one}-sides`),
        ...placed,
        cover: "its grooves",
        seat: "slide",
        lengthMm: 2 * alongMm,
        pieces: 2,
      },
      way: {
        name: of.beside,
        kind: "slot",
        nominalMm: Math.max(0, run.looseMm),
        toleranceMm: [GROOVE_TOLERANCE.value],
      },
      air: upright
        ? [0, 1].flatMap(() => uprightSlot(Math.max(0, run.looseMm) / 2, opening.vMm, alongMm))
        : levelSlot(Math.max(0, run.looseMm) / 2, 2 * alongMm, topMm),
    },
    {
      ...{ id: own(`leaf/${of.one}-near`), ...placed, seat: "edge", lengthMm: run.acrossMm },
      way: {
        name: of.near,
        kind: "slot",
        nominalMm: of.clearMm,
        toleranceMm: [cut, sawToleranceMm(opening.heightMm)],
        growthMm,
      },
      mmPerN: paneEdgeMmPerN({ ...stuff, thicknessMm: infill.thicknessMm }, run.acrossMm, alongMm),
      air: levelSlot(of.clearMm, run.acrossMm, topMm),
    },
  ];
}
