import type { Way } from "../../../escape/escape";
import type { PlacedWay } from "../../../escape/way";
import { memory } from "../../../figures/figure";
import { set } from "../../../ledgers/fix";
import { sawToleranceMm } from "../../../workshop/sawTolerance";
import { GLASS_CUT } from "../../glassCut";
import { differentialGrowthMm } from "../../growth";
import type { Here } from "../../kind";
import { lockWords } from "../../lock/words";
import type { Slides } from "./fit";
import type { SlidingPair } from "./schema";

/** What a brush strip still lets through when pushed, mm. */
export const BRUSH_LEFT = { value: 1, basis: memory } as const;

/** What the two gaps of panes in tracks are called. */
const PAIR = { between: "between the slides", beside: "beside the slides" };

/** Between the panes, and beside them. */
export function slideWays(
  { site, opening, path, own }: Here,
  closure: SlidingPair,
  slides: Slides,
  names = PAIR,
): PlacedWay[] {
  const { fit, track, glass } = slides;
  const growthMm = differentialGrowthMm(
    opening.widthMm,
    (site.shell.strips[0]?.material ?? site.shell.faces.base.material).growthPerK.value,
    glass.growthPerK.value,
    site.brief.room.tempC.high - site.brief.room.tempC.low,
  );
  const between: Way = closure.brushStrip
    ? { name: names.between, kind: "slot", nominalMm: BRUSH_LEFT.value }
    : {
        name: names.between,
        kind: "slot",
        nominalMm: Math.max(0, fit.gapMm),
        toleranceMm: [fit.playEachMm, fit.playEachMm, track.pitchToleranceMm.value, glass.thicknessToleranceMm.value],
      };
  // A locked pair is pushed home against its sides; an unlocked one may stand a side allowance off.
  const beside: Way = {
    name: names.beside,
    kind: "slot",
    nominalMm: closure.lock === null ? closure.sideAllowance.value : 0,
    toleranceMm:
      closure.lock === null ? [sawToleranceMm(opening.widthMm), GLASS_CUT.value] : [sawToleranceMm(opening.heightMm)],
    growthMm,
  };
  const placed = { where: opening.face, stage: "front" };
  return [
    {
      ...{ id: own("between"), way: between, ...placed },
      cover: closure.brushStrip ? "brush strip" : "nothing: the panes pass one another",
      mend: () => ({ label: "Add a brush strip", patch: [set(`${path}/brushStrip`, true)] }),
    },
    {
      ...{ id: own("beside"), way: beside, ...placed, cover: lockWords(closure.lock) },
      mend: () =>
        closure.lock === null
          ? { label: "Lock the panes home", patch: [set(`${path}/lock`, { kind: "key", origin: "made" })] }
          : undefined,
    },
  ];
}
