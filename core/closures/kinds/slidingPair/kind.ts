import { isMade } from "../../../design/found";
import { fact } from "../../../ledgers/facts";
import { set } from "../../../ledgers/fix";
import { glueSupply } from "../../../ledgers/glue";
import { emptyLedger, type Supply, type TradeLedger } from "../../../ledgers/ledger";
import { MASS } from "../../../ledgers/masses";
import { findMaterial } from "../../../materials/find";
import { formatLength } from "../../../units/format";
import { slidesIntoWalls } from "../../bareStrips";
import { HUNG } from "../../facts";
import type { ClosureKind, Here } from "../../kind";
import { lockSteps, lockSupplies } from "../../lock/lock";
import { newSlidingPair } from "./create";
import { slideFigures } from "./figures";
import { measureSlides, panesKg, type Slides, THIN_GLASS_M2 } from "./fit";
import { slideParts } from "./parts";
import type { SlidingPair } from "./schema";
import { slideSnags } from "./snags";
import { slideSteps } from "./steps";
import { slideWays } from "./ways";

/** Glass for an opening's size: thick once a pane is large. */
const glassFor = ({ widthMm, heightMm }: { widthMm: number; heightMm: number }): 4 | 6 =>
  widthMm * heightMm > 2e6 * THIN_GLASS_M2 ? 6 : 4;

function supplies({ id }: Here, closure: SlidingPair, { fit }: Slides): { pulls: Supply; brush: Supply[] } {
  const piece = (materialId: string, label: string, n: number, why: string): Supply => ({
    ...{ id: id(materialId), label, materialId, unit: "piece", why },
    ...{ likely: n, low: n, high: n },
  });
  return {
    pulls: piece("finger-pull", "Finger pulls", 2, "one a pane"),
    brush: closure.brushStrip
      ? [
          {
            ...piece("brush-strip", "Brush strip", fit.pane.heightMm, "up the rear pane's meeting edge"),
            unit: "mm",
          },
        ]
      : [],
  };
}

/** How wide and high each pane is, as a stage sums it up. */
export function paneWords(here: Here, closure: SlidingPair): string {
  const { pane } = measureSlides(here, closure).fit;
  const { say, brief } = here.site;
  return `${formatLength(pane.widthMm, brief.units)} × ${say(pane.heightMm)}`;
}

/** What two panes in tracks come to. @param hanging how their last step is called and what it waits for, where not as a pair's */
export function planSlides(here: Here, closure: SlidingPair, hanging?: Parameters<typeof slideSteps>[3]): TradeLedger {
  const slides = measureSlides(here, closure);
  const { pulls, brush } = supplies(here, closure, slides);
  const kg = panesKg(slides);
  const made = isMade(closure);
  return {
    ...emptyLedger(),
    parts: made ? slideParts(here, slides) : [],
    supplies: [
      ...(made ? [pulls] : []),
      ...lockSupplies(here, closure),
      ...(made ? brush : []),
      ...(made
        ? glueSupply(
            here.site.book,
            here.id("track-adhesive"),
            4 * here.opening.widthMm,
            "under both tracks, two lines each",
          )
        : []),
    ],
    steps: [
      ...(made ? slideSteps(here, closure, slides, hanging) : []),
      ...lockSteps(here, closure, "Push both panes home and fit it where they meet."),
    ],
    snags: [...slideSnags(here, closure, slides), ...slidesIntoWalls(here)],
    figures: slideFigures(here, closure, slides),
    facts: [fact(MASS, { when: "doors", kg }), fact(HUNG, { label: "Both panes", kg, beforeMm: 0 })],
  };
}

/** Two panes that pass one another in tracks, sized from the opening. */
export const slidingPair: ClosureKind<SlidingPair> = {
  kind: "slidingPair",
  label: "sliding doors",
  suits: ({ face }) => face === "front",
  summary: (here, closure) => `two panes ${paneWords(here, closure)}`,
  what: () => "slides",
  unlocked: () => "An animal that leans on a pane slides it.",
  check(closure, path, { between, add, book }) {
    if (!findMaterial(book, closure.track, "track"))
      add(`${path}/track`, `The book has no track “${closure.track}”. Choose another.`);
    if (!findMaterial(book, closure.glass, "glass"))
      add(`${path}/glass`, `The book has no glass “${closure.glass}”. Choose another.`);
    between(`${path}/overlap`, closure.overlap, 5, 200, "The overlap");
    between(`${path}/sideAllowance`, closure.sideAllowance, 0, 20, "The side allowance");
  },
  start: (_, opening) => newSlidingPair(4, null, opening.id),
  startWords: () => ({
    button: "Put sliding doors in",
    about:
      "Sliding panes in tracks, sized from the opening: they hold in the shallow lower groove and lift in by the deep upper one.",
  }),
  offers: (site, opening) =>
    [
      { lock: null, brushStrip: false },
      { lock: "wedge" as const, brushStrip: false },
      { lock: "key" as const, brushStrip: false },
      { lock: "key" as const, brushStrip: true },
    ].map(({ lock, brushStrip }) => ({
      label: `Put sliding doors in${lock === "key" ? ", with a key lock" : ""}`,
      patch: [
        set(site.at("/closures/-"), {
          ...newSlidingPair(glassFor(opening), lock && { kind: lock, origin: "made" }, opening.id),
          brushStrip,
        }),
      ],
    })),
  leaves(here, closure) {
    const { opening } = here;
    const { fit, track, glass } = measureSlides(here, closure);
    const { widthMm } = fit.pane;
    const { thicknessMm } = glass;
    const vMm = opening.vMm + track.webMm.value;
    const heightMm = Math.min(fit.pane.heightMm, opening.heightMm);
    return [
      {
        ...{ id: "slide-a", name: "slide A", of: "glass", rect: { uMm: opening.uMm, vMm, widthMm, heightMm } },
        moves: { how: "stays", thicknessMm },
      },
      {
        ...{ id: "slide-b", name: "slide B", of: "glass" },
        rect: { uMm: opening.uMm + opening.widthMm - widthMm, vMm, widthMm, heightMm },
        // It passes in front of the other.
        moves: { how: "slides", along: "u", byMm: opening.widthMm - widthMm, thicknessMm },
      },
    ];
  },
  // The panes are lifted out for what is large.
  passage: (here, closure) => ({
    widthMm: here.opening.widthMm,
    heightMm: measureSlides(here, closure).fit.clearMm,
  }),
  ways: (here, closure) => slideWays(here, closure, measureSlides(here, closure)),
  plan: (here, closure) => planSlides(here, closure),
};
