import { constant, type Figure, from } from "../figures/figure";
import { emptyLedger, type Part, type Step, type Supply, type TradeLedger } from "../ledgers/ledger";
import { findMaterial } from "../materials/find";
import { GAP_FACTOR } from "../residents/factors";
import type { Site } from "../shell/site";
import { CAUTION } from "../workshop/cautions";
import { RATES } from "../workshop/rates";
import { type Audit, auditEscape } from "./escape";
import { fitSlides, HOLD_MM, LIFT_MM, type Slides } from "./sliding";
import { closureSnags } from "./snags";
import { auditResident, listWays, type PlacedWay } from "./ways";

export interface ClosureLedger extends TradeLedger {
  slides?: Slides;
  ways: PlacedWay[];
  audits: Audit[];
}

/** The panes and tracks of the variant's closure, or undefined while the front is open. */
export function measureSlides(site: Site): Slides | undefined {
  const { closure } = site.variant;
  if (closure.kind !== "slidingPair") return undefined;
  const track = findMaterial(site.book, closure.track, "track")!;
  const glass = findMaterial(site.book, closure.glass, "glass")!;
  return { track, glass, fit: fitSlides(site.shell.opening, track, glass.thicknessMm, closure) };
}

/**
 * Doors and the escape audit.
 * @param needs `railSagMm`: the head rail's sag in years, from the shell's ledger; undefined without a head rail
 */
export function planClosures(site: Site, needs: { railSagMm: number | undefined }): ClosureLedger {
  const slides = measureSlides(site);
  const ways = listWays(site, slides?.fit);
  const audits = site.brief.residents.flatMap((resident, residentIndex): Audit[] => {
    const audited = auditResident(resident);
    if (!audited) return [];
    const { ways: judged, largest } = auditEscape(
      { resident: audited, ways: ways.map((w) => w.way) },
      site.brief.units,
    );
    return [
      {
        residentIndex,
        name: resident.name,
        ways: judged.map((w, i) => ({ ...w, id: ways[i]!.id })),
        largest,
      },
    ];
  });
  return {
    ...emptyLedger(),
    parts: slides ? slideParts(site, slides) : [],
    supplies: supplies(site, slides),
    steps: steps(site, slides, audits.length > 0),
    snags: closureSnags(site, slides, audits, needs.railSagMm),
    figures: [...(slides ? slideFigures(site, slides) : []), ...auditFigures(site, audits)],
    ...(slides && { slides }),
    ways,
    audits,
  };
}

function slideParts(site: Site, { fit, track, glass }: Slides): Part[] {
  const { opening } = site.shell;
  const pane = (id: string, label: string): Part => ({
    id: `front/${id}`,
    label,
    materialId: glass.id,
    kind: "pane",
    lengthMm: fit.pane.widthMm,
    widthMm: fit.pane.heightMm,
    thicknessMm: glass.thicknessMm,
    qty: 1,
    grainLocked: false,
    working: {
      length: site.saySum([opening.widthMm, " opening ÷ 2 + half the overlap − side allowance"]),
      width: site.saySum(["between ", fit.leastPaneMm, " (holds) and ", fit.mostPaneMm, " (lifts in)"]),
    },
    figure: "front/pane-height",
  });
  const bar = (id: string, label: string): Part => ({
    id: `front/${id}`,
    label,
    materialId: track.id,
    kind: "bar",
    lengthMm: opening.widthMm,
    widthMm: 0,
    thicknessMm: 0,
    qty: 1,
    grainLocked: false,
    working: { length: "width of the opening", width: "" },
  });
  return [
    pane("slide-a", "Slide A, rear groove"),
    pane("slide-b", "Slide B, front groove"),
    bar("track-bottom", "Bottom track"),
    bar("track-top", "Top track"),
  ];
}

function supplies(site: Site, slides: Slides | undefined): Supply[] {
  const { closure } = site.variant;
  if (closure.kind === "open") return [];
  const pieces = (materialId: string, label: string, n: number, why: string): Supply => ({
    id: `front/${materialId}`,
    label,
    materialId,
    unit: "piece",
    likely: n,
    low: n,
    high: n,
    why,
  });
  const list: Supply[] = [];
  if (slides) list.push(pieces("finger-pull", "Finger pulls", 2, "one a pane"));
  if (closure.kind === "lid" && closure.clips > 0)
    list.push(pieces("lid-clip", "Lid clips", closure.clips, "round the rim"));
  if (closure.lock !== "none")
    list.push(pieces(`${closure.lock}-lock`, closure.lock === "key" ? "Key lock" : "Wedge", 1, "holds it shut"));
  if (slides && closure.kind === "slidingPair" && closure.brushStrip)
    list.push({
      ...pieces("brush-strip", "Brush strip", slides.fit.pane.heightMm, "up the rear pane's meeting edge"),
      unit: "mm",
    });
  return list;
}

function steps(site: Site, slides: Slides | undefined, audited: boolean): Step[] {
  const audit: Step = {
    id: "front/audit",
    title: "Walk round every gap",
    detail: "Doors shut and locked. Try each way out with a gauge of the allowed width: meets, edges, vents, corners.",
    stage: "front",
    handsOnMinutes: 15,
    waitMinutes: 0,
    after: [
      { id: "shell/glue", because: "the gaps are those of the finished shell" },
      { id: "front/lock", because: "doors and lock are part of the audit" },
      { id: "front/hang", because: "doors go back on before the audit" },
      ...site.variant.features.map((f) => ({ id: `air/mesh/${f.id}`, because: "vents are ways out too" })),
    ],
    splittable: true,
    toHand: ["drill bits or rods as gauges"],
    cautions: [],
    passSign: "No gauge of the allowed size passes anywhere.",
    ...(audited && { figure: "front/audit" }),
  };
  const { closure } = site.variant;
  const lock: Step[] =
    closure.kind === "open" || closure.lock === "none"
      ? []
      : [
          {
            id: "front/lock",
            title: "Fit the lock",
            detail: slides
              ? "Push both panes home and fit it where they meet."
              : "Shut it, and fit the lock where it opens.",
            stage: "front",
            handsOnMinutes: 15,
            waitMinutes: 0,
            after: [
              { id: "front/hang", because: "it holds the hung panes" },
              { id: "buying/fetch", because: "the lock must be there" },
            ],
            splittable: true,
            toHand: ["lock", "label"],
            cautions: [],
          },
        ];
  if (!slides) return [...lock, audit];
  const { fit } = slides;
  return [
    {
      id: "front/measure-opening",
      title: "Measure the opening, then order the glass",
      detail: `Measure height at both ends and the middle, width at top and foot. Panes of ${site.say(fit.pane.widthMm)} × ${site.say(fit.pane.heightMm)} if it came out as drawn.`,
      stage: "front",
      handsOnMinutes: 15,
      waitMinutes: site.workshop.glassLeadDays * 1440,
      waitFor: "the glass to be cut",
      after: [{ id: "shell/glue", because: "the opening is what it is only once the frame stands" }],
      splittable: true,
      toHand: ["tape", "phone or paper for the order"],
      cautions: [],
      figure: "front/pane-height",
    },
    {
      id: "front/tracks",
      title: "Glue the tracks in",
      detail: `Deep track at the top, shallow at the foot, both ${site.say(site.shell.opening.widthMm)}, grooves in line.`,
      stage: "front",
      handsOnMinutes: 30,
      waitMinutes: 1440,
      waitFor: "the adhesive",
      after: [{ id: "shell/glue", because: "the frame carries the tracks" }],
      splittable: true,
      toHand: ["tracks", "adhesive", "tape to hold them"],
      cautions: [CAUTION.solventFumes],
      passSign: "A straight edge lies along both grooves.",
    },
    {
      id: "front/hang",
      title: "Hang the slides",
      detail: "Up into the deep groove, over the lip, down. Rear pane first. Stick the pulls on outside.",
      stage: "front",
      handsOnMinutes: RATES.slidingPair.value,
      waitMinutes: 0,
      after: [
        { id: "front/measure-opening", because: "the panes must have come" },
        { id: "front/tracks", because: "the tracks must hold" },
      ],
      splittable: false,
      toHand: ["panes", "finger pulls", "glass cleaner"],
      cautions: [CAUTION.glass],
      passSign: `Each pane runs freely and reaches ${site.say(HOLD_MM)} or more into the top groove all along.`,
      figure: "front/pane-height",
    },
    ...lock,
    audit,
  ];
}

function slideFigures(site: Site, { fit, track, glass }: Slides): Figure[] {
  const { opening } = site.shell;
  const { closure } = site.variant;
  if (closure.kind !== "slidingPair") return [];
  const clear: Figure = {
    id: "front/clear-height",
    label: "Clear height between the lips",
    value: fit.clearMm,
    unit: "mm",
    rounding: "down",
    formula: "opening height − both groove depths − both webs",
    inputs: [
      { name: "opening height", value: opening.heightMm, unit: "mm" },
      constant("bottom groove", track.bottomDepthMm, "mm"),
      constant("top groove", track.topDepthMm, "mm"),
      constant("web under each groove", track.webMm, "mm"),
    ],
  };
  return [
    clear,
    {
      id: "front/pane-height",
      label: "Pane height",
      value: fit.pane.heightMm,
      low: fit.leastPaneMm,
      high: fit.mostPaneMm,
      unit: "mm",
      formula: `middle of the least that holds (clear height + bottom groove + ${HOLD_MM}) and the most that lifts in (clear height + top groove − ${LIFT_MM})`,
      inputs: [
        from(clear),
        constant("bottom groove", track.bottomDepthMm, "mm"),
        constant("top groove", track.topDepthMm, "mm"),
      ],
    },
    {
      id: "front/pane-width",
      label: "Pane width",
      value: fit.pane.widthMm,
      unit: "mm",
      formula: "opening width ÷ 2 + half the overlap − side allowance",
      inputs: [
        { name: "opening width", value: opening.widthMm, unit: "mm" },
        { name: "overlap", value: closure.overlap.value, unit: "mm" },
        { name: "side allowance", value: closure.sideAllowance.value, unit: "mm" },
      ],
    },
    {
      id: "front/pane-mass",
      label: "Mass of both panes",
      value: (2 * fit.pane.widthMm * fit.pane.heightMm * glass.thicknessMm * glass.densityKgPerM3.value) / 1e9,
      unit: "kg",
      formula: "2 × width × height × thickness × density",
      inputs: [
        { name: "pane width", value: fit.pane.widthMm, unit: "mm" },
        { name: "pane height", value: fit.pane.heightMm, unit: "mm" },
        { name: "thickness", value: glass.thicknessMm, unit: "mm" },
        constant("glass", glass.densityKgPerM3, "kg/m³"),
      ],
    },
    {
      id: "front/gap",
      label: "Gap between the slides",
      value: fit.gapMm,
      high: fit.gapMm + 2 * fit.playEachMm,
      unit: "mm",
      rounding: "up",
      formula: "track pitch − glass; at worst pitch + groove − 2 × glass, each pane loose in its groove",
      inputs: [
        constant("pitch", track.pitchMm, "mm"),
        constant("groove", track.grooveMm, "mm"),
        { name: "glass", value: glass.thicknessMm, unit: "mm" },
      ],
    },
  ];
}

function auditFigures(site: Site, audits: Audit[]): Figure[] {
  const tightest = audits.reduce<{ audit: Audit; ratio: number } | undefined>((best, audit) => {
    const ratio = Math.max(0, ...audit.ways.map((w) => w.worstMm / w.allowedMm));
    return best && best.ratio >= ratio ? best : { audit, ratio };
  }, undefined);
  if (!tightest) return [];
  const { audit } = tightest;
  const worst = audit.ways.find((w) => w.name === audit.largest)!;
  const resident = site.brief.residents[audit.residentIndex]!;
  const audited = auditResident(resident)!;
  return [
    {
      id: "front/audit",
      label: `Largest way out: ${worst.name}`,
      value: worst.worstMm,
      unit: "mm",
      rounding: "up",
      formula:
        audited.refusedGapMm === undefined
          ? "nominal + tolerances summed + growth; allowed = factor × narrowest rigid measure"
          : "nominal + tolerances summed + growth; allowed = the gap seen refused",
      inputs: [
        ...audit.ways.map((w) => ({ name: `${w.name}, at worst`, value: w.worstMm, unit: "mm" })),
        { name: `allowed for ${audit.name}`, value: worst.allowedMm, unit: "mm" },
        { name: "narrowest rigid measure, at least", value: audited.narrowestRigidMm, unit: "mm" },
        constant(`factor for ${GAP_FACTOR[resident.body].words}`, GAP_FACTOR[resident.body], "×"),
      ],
    },
  ];
}
