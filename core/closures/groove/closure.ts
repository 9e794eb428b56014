import { isMade } from "../../design/found";
import { levelSlot, uprightSlot } from "../../escape/airPath";
import type { PlacedWay } from "../../escape/way";
import { constant, type Figure, from, memory } from "../../figures/figure";
import { fact } from "../../ledgers/facts";
import { set } from "../../ledgers/fix";
import { emptyLedger, type Part, type Snag, type Step, type Supply, type TradeLedger } from "../../ledgers/ledger";
import { MASS } from "../../ledgers/masses";
import { materialsOf, shellSheets } from "../../materials/find";
import type { Book } from "../../materials/schema";
import { over, under } from "../../units/tolerance";
import { CAUTION } from "../../workshop/cautions";
import { sawToleranceMm } from "../../workshop/sawTolerance";
import { HUNG } from "../facts";
import { GLASS_CUT } from "../glassCut";
import { differentialGrowthMm } from "../growth";
import type { Here, Leaf } from "../kind";
import { surroundOf } from "../leaf/job";
import { findInfill, type Infill } from "../leaf/stuff";
import { lockSteps, lockSupplies } from "../lock/lock";
import { lockWords } from "../lock/words";
import type { Closure } from "../schema";
import { grooveOf, groovesIn, HELD_MM, type Run, runIn, SIDE_PLAY_MM } from "./groove";

/** A closure that is one pane in grooves along both sides and its far end. */
export interface Grooved {
  closure: Closure;
  groove: string;
  pane: string;
  /** Clear at the end it is drawn out by. */
  clearMm: number;
  /** How it is told. */
  one: string;
  beside: string;
  /** The end in a groove, and the end it is drawn out by. */
  far: string;
  near: string;
  /** What it does: lifts, slides. */
  moves: "lifts" | "slides";
}

/** What one comes to: the pane across and along, and what holds it. */
export interface GroovedJob {
  of: Grooved;
  run: Run;
  alongMm: number;
  infill: Exclude<Infill, { class: "mesh" }>;
  groove: NonNullable<ReturnType<typeof grooveOf>>;
  kg: number;
}

/** Panes that can run in a groove: glass and sheet. */
export const runningPanes = (book: Book) => [...materialsOf(book, "glass"), ...shellSheets(book)];

/** Sizes it; the design must have passed `checkDesign` with the same book. */
export function measureGrooved({ site, opening }: Pick<Here, "site" | "opening">, of: Grooved): GroovedJob {
  const groove = grooveOf(site.book, of.groove)!;
  const infill = findInfill(site.book, of.pane) as GroovedJob["infill"];
  const run = runIn(groove, opening.widthMm, infill.thicknessMm);
  // It stands in the far groove, and stops short of the near end.
  const alongMm = opening.heightMm - groove.webMm - of.clearMm;
  const kg = (run.acrossMm * alongMm * infill.thicknessMm * infill.densityKgPerM3.value) / 1e9;
  return { of, run, alongMm, infill, groove, kg };
}

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
      moves: { how: of.moves, byMm: alongMm, thicknessMm: infill.thicknessMm },
    },
  ];
}

export function groovedWays({ site, opening, own }: Here, job: GroovedJob): PlacedWay[] {
  const { of, run, alongMm, infill } = job;
  const upright = opening.face === "front";
  const cut = infill.class === "glass" ? GLASS_CUT.value : sawToleranceMm(alongMm);
  const growthMm = differentialGrowthMm(
    opening.heightMm,
    surroundOf(site, opening).growthPerK.value,
    infill.growthPerK.value,
    site.brief.room.tempC.high - site.brief.room.tempC.low,
  );
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
      way: { name: of.beside, kind: "slot", nominalMm: Math.max(0, run.looseMm), toleranceMm: [0.2] },
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
      air: levelSlot(of.clearMm, run.acrossMm, topMm),
    },
  ];
}

function groovedParts({ site, opening, id }: Here, { of, run, alongMm, infill, groove }: GroovedJob): Part[] {
  const play = SIDE_PLAY_MM.value;
  return [
    {
      ...{ id: id(of.one), label: `${of.one[0]!.toUpperCase()}${of.one.slice(1)}`, materialId: infill.id },
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

function groovedSupplies({ opening, id }: Here, { of, groove }: GroovedJob): Supply[] {
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
  ];
}

function groovedSteps({ site, opening, id }: Here, { of, run, alongMm, infill, groove }: GroovedJob): Step[] {
  const glass = infill.class === "glass";
  return [
    {
      id: id("measure-opening"),
      title: `Measure the opening and both its diagonals${glass ? ", then order the glass" : ""}`,
      detail: `Width at both ends and the middle. ${site.say(run.acrossMm)} × ${site.say(alongMm)} if it came out as drawn.`,
      stage: "front",
      handsOnMinutes: 15,
      waitMinutes: glass ? site.workshop.glassLeadDays * 1440 : 0,
      ...(glass && { waitFor: "the glass to be cut" }),
      after: [{ reached: "stands", because: "the opening is what it is only once it stands" }],
      splittable: true,
      toHand: ["tape"],
      cautions: [],
      figure: id(`${of.one}-across`),
    },
    {
      id: id("grooves"),
      title: "Glue the grooves in",
      detail: `Two of ${site.say(opening.heightMm)} and one of ${site.say(opening.widthMm)}, mitred or butted, in one plane.`,
      stage: "front",
      handsOnMinutes: GROOVE_MINUTES.value,
      waitMinutes: 1440,
      waitFor: "the adhesive",
      after: [
        { reached: "stands", because: "the frame carries them" },
        { reached: "fetched", because: "the profile must be there" },
      ],
      uses: [groove.material.id],
      splittable: true,
      toHand: ["fine saw", "adhesive", "tape to hold them"],
      cautions: [CAUTION.solventFumes],
      passSign: "A straight edge lies along both, and a strip of the pane's thickness runs through.",
    },
    {
      id: id("hang"),
      title: `Run the ${of.one} in`,
      detail: `From the ${of.moves === "lifts" ? "head" : "front"}. Pull and stop on.`,
      stage: "front",
      handsOnMinutes: RUN_MINUTES.value,
      waitMinutes: 0,
      after: [
        { id: id("measure-opening"), because: "it must have come" },
        { id: id("grooves"), because: "the grooves must hold" },
        ...(glass ? [] : [{ reached: "sawn", because: "it must be cut" } as const]),
        { reached: "fetched", because: "its pull must be there" },
      ],
      reaches: ["closed"],
      uses: [infill.id, "finger-pull", "door-stop"],
      splittable: false,
      toHand: ["pull", "stop"],
      cautions: glass ? [CAUTION.glass] : [],
      passSign: `It runs without force, and pushed to one side still reaches ${site.say(HELD_MM)} into the other groove.`,
    },
  ];
}
const GROOVE_MINUTES = { value: 30, basis: memory } as const;
const RUN_MINUTES = { value: 15, basis: memory } as const;

function groovedFigures({ opening, id }: Here, { of, run, alongMm, infill, groove, kg }: GroovedJob): Figure[] {
  const name = `${of.one[0]!.toUpperCase()}${of.one.slice(1)}`;
  const across: Figure = {
    ...{ id: id(`${of.one}-across`), label: `${name}, across the grooves`, value: run.acrossMm, unit: "mm" },
    formula: "opening − 2 × web − 2 × side play",
    inputs: [
      { name: "opening", value: opening.widthMm, unit: "mm" },
      { name: "web", value: groove.webMm, unit: "mm" },
      constant("side play", SIDE_PLAY_MM, "mm"),
    ],
  };
  const along: Figure = {
    ...{ id: id(`${of.one}-along`), label: `${name}, along them`, value: alongMm, unit: "mm" },
    formula: "opening − web of the far groove − what is clear at the near end",
    inputs: [
      { name: "opening", value: opening.heightMm, unit: "mm" },
      { name: "web", value: groove.webMm, unit: "mm" },
      { name: "clear", value: of.clearMm, unit: "mm" },
    ],
  };
  return [
    across,
    along,
    {
      ...{
        id: id(`${of.one}-held`),
        label: "Held in the groove, at least",
        value: run.heldMm,
        unit: "mm",
        rounding: "down",
      },
      formula: "depth of the groove − 2 × side play: pushed to the other side",
      inputs: [{ name: "depth", value: groove.depthMm, unit: "mm" }, constant("side play", SIDE_PLAY_MM, "mm")],
    },
    {
      ...{ id: id(`${of.one}-mass`), label: `Mass of the ${of.one}`, value: kg, unit: "kg" },
      formula: "across × along × thickness × density",
      inputs: [
        from(across),
        from(along),
        { name: "thickness", value: infill.thicknessMm, unit: "mm" },
        constant("density", infill.densityKgPerM3, "kg/m³"),
      ],
    },
  ];
}

function groovedSnags({ site, path, own }: Here, { of, run, infill, groove }: GroovedJob): Snag[] {
  const { say } = site;
  const common = { subject: own(of.one), severity: "stop", stage: "front" } as const;
  const fitting = groovesIn(site.book).filter((m) => {
    const other = grooveOf(site.book, m.id)!;
    return (
      m.id !== groove.material.id &&
      over(other.grooveMm, infill.thicknessMm) &&
      !under(runIn(other, 100, 1).heldMm, HELD_MM)
    );
  });
  const others = fitting.map((m) => ({ label: `Use ${m.name.toLowerCase()}`, patch: [set(`${path}/groove`, m.id)] }));
  const list: Snag[] = [];
  if (!over(run.looseMm, 0))
    list.push({
      ...{ rule: "front/too-thick-for-groove", ...common, otherFixes: others },
      title: `The ${of.one} is too thick for its groove`,
      sentence: `${say(infill.thicknessMm)} in a groove of ${say(groove.grooveMm)}.`,
      reason: "It must run by hand with a little play.",
    });
  if (under(run.heldMm, HELD_MM))
    list.push({
      ...{ rule: "front/falls-out-of-groove", ...common, otherFixes: others },
      title: `The ${of.one} comes out of its groove`,
      sentence: `Pushed to one side it reaches ${say(Math.max(0, run.heldMm), "down")} into the other; ${say(HELD_MM)} is the least.`,
      reason: "A pane that leaves one groove falls in.",
    });
  return list;
}

export function planGrooved(here: Here, job: GroovedJob): TradeLedger {
  const { closure } = job.of;
  const made = isMade(closure);
  return {
    ...emptyLedger(),
    parts: made ? groovedParts(here, job) : [],
    supplies: [...(made ? groovedSupplies(here, job) : []), ...lockSupplies(here, closure)],
    steps: [
      ...(made ? groovedSteps(here, job) : []),
      ...lockSteps(here, closure, "Shut it, and fit the lock where it is drawn out."),
    ],
    snags: groovedSnags(here, job),
    figures: groovedFigures(here, job),
    facts: [
      fact(MASS, { when: "doors", kg: job.kg }),
      ...(here.opening.face === "front" ? [fact(HUNG, { label: "The pane", kg: job.kg, beforeMm: 0 })] : []),
    ],
  };
}
