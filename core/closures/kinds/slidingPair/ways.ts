import { uprightSlot } from "../../../escape/airPath";
import type { Way } from "../../../escape/escape";
import type { PlacedWay } from "../../../escape/way";
import { memory } from "../../../figures/figure";
import { set } from "../../../ledgers/fix";
import type { Fix } from "../../../ledgers/ledger";
import { materialsOf } from "../../../materials/find";
import type { Site } from "../../../shell/site";
import { sawToleranceMm } from "../../../workshop/sawTolerance";
import { GLASS } from "../../door/movement";
import { paneEdgeMmPerN } from "../../door/push";
import { GLASS_CUT } from "../../glassCut";
import type { Here } from "../../kind";
import { lockWords } from "../../lock/words";
import { opensMm, paneStuff, seasonsOf } from "../../seasons";
import type { Slides } from "./fit";
import type { SlidingPair } from "./schema";

/** What a brush strip still lets through when pushed, mm. */
export const BRUSH_LEFT = { value: 1, basis: memory } as const;

/** What the gaps of panes in tracks are called. */
const PAIR = { between: "between the slides", beside: "beside the slides", ends: "at the ends of the tracks" };

/** How far a pane's meeting edge, held in its tracks at head and foot, bows for each newton, mm. */
const edgeMmPerN = ({ fit: { pane } }: Pick<Slides, "fit">, thicknessMm: number): number =>
  paneEdgeMmPerN({ ...GLASS, thicknessMm }, pane.heightMm, pane.widthMm);

/** Thicker glass in tracks of its own, that bows no further than a gap may open over what a brush leaves. */
const stifferPanes = (site: Site, path: string, slides: Slides, allowedMm: number, pushN: number): Fix[] =>
  pushN <= 0
    ? []
    : materialsOf(site.book, "glass").flatMap((glass) => {
        const track = materialsOf(site.book, "track").find((t) => t.glassMm === glass.thicknessMm);
        const bowMm = edgeMmPerN(slides, glass.thicknessMm) * pushN;
        return track && glass.thicknessMm > slides.glass.thicknessMm && BRUSH_LEFT.value + bowMm <= allowedMm
          ? [
              {
                label: `Make the panes of ${glass.name.toLowerCase()}, with a brush strip`,
                patch: [
                  set(`${path}/glass`, glass.id),
                  set(`${path}/track`, track.id),
                  set(`${path}/brushStrip`, true),
                ],
              },
            ]
          : [];
      });

/** Between the panes, beside them, and where the tracks end. */
export function slideWays(
  { site, opening, path, own }: Here,
  closure: SlidingPair,
  slides: Slides,
  names = PAIR,
): PlacedWay[] {
  const { fit, track, glass } = slides;
  const growthMm = opensMm(seasonsOf(site, opening, opening.widthMm, paneStuff(glass)));
  const between = closure.brushStrip
    ? { name: names.between, kind: "slot" as const, nominalMm: BRUSH_LEFT.value }
    : {
        name: names.between,
        kind: "slot" as const,
        nominalMm: Math.max(0, fit.gapMm),
        toleranceMm: [fit.playEachMm, fit.playEachMm, track.pitchToleranceMm.value, glass.thicknessToleranceMm.value],
      };
  // A locked pair is pushed home against its sides; an unlocked one may stand a side allowance off.
  const beside = {
    name: names.beside,
    kind: "slot" as const,
    nominalMm: closure.lock === null ? closure.sideAllowance.value : 0,
    toleranceMm:
      closure.lock === null ? [sawToleranceMm(opening.widthMm), GLASS_CUT.value] : [sawToleranceMm(opening.heightMm)],
    growthMm,
  };
  const placed = { where: opening.face, stage: "front" };
  const ends: Way = {
    ...{ name: names.ends, kind: "slot", nominalMm: 0 },
    // Each is cut to the opening as it was measured.
    toleranceMm: [sawToleranceMm(opening.widthMm)],
  };
  return [
    {
      ...{ id: own("between"), way: between, ...placed },
      cover: closure.brushStrip ? "brush strip" : "nothing: the panes pass one another",
      air: uprightSlot(between.nominalMm, opening.vMm, fit.pane.heightMm),
      // Leaned on, a pane bows away from the other along its meeting edge.
      mmPerN: edgeMmPerN(slides, glass.thicknessMm),
      mend: () => ({ label: "Add a brush strip", patch: [set(`${path}/brushStrip`, true)] }),
      mends: (allowedMm, pushN) => stifferPanes(site, path, slides, allowedMm, pushN),
    },
    {
      ...{ id: own("beside"), way: beside, ...placed, cover: lockWords(closure.lock) },
      ...{ seat: "slide", lengthMm: 2 * fit.pane.heightMm, pieces: 2 },
      air: uprightSlot(2 * beside.nominalMm, opening.vMm, fit.pane.heightMm),
      mend: () =>
        closure.lock === null
          ? { label: "Lock the panes home", patch: [set(`${path}/lock`, { kind: "key", origin: "made" })] }
          : undefined,
    },
    {
      ...{ id: own("track-ends"), way: ends, ...placed, cover: "cut to the opening, their ends against the frame" },
      ...{ seat: "hole", lengthMm: 4 * track.grooveMm.value, pieces: 4 },
    },
  ];
}
