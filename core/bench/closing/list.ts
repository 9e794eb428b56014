import { SHUTTING } from "../../closures/shutting/facts";
import { WALK } from "../../closures/walk/facts";
import { PORTS } from "../../features/facts";
import { LIGHTS } from "../../fixtures/lit";
import type { Facts } from "../../ledgers/facts";
import type { Milestone, SettledStep } from "../../ledgers/ledger";
import { REACHED } from "../../ledgers/reached";
import { POOLS } from "../../vessels/facts";

/** What a check asks of a build before it is asked of its builder. */
export interface CheckOf {
  facts: Facts;
  steps: readonly SettledStep[];
}

/** Something looked at before residents move in, with what it must show. */
export interface ClosingCheck {
  id: string;
  title: string;
  pass: string;
  /** Whether a build has what it is about. */
  asked: (of: CheckOf) => boolean;
}

/** Whether some step brings a build there. */
export const comesTo =
  (milestone: Milestone) =>
  ({ steps }: CheckOf): boolean =>
    steps.some((s) => s.reaches?.some((r) => r === milestone || r.startsWith(`${milestone}:`)));
const always = () => true;
/** Whether water goes out by some port. */
export const hasDrain = (facts: Facts): boolean =>
  facts
    .all(PORTS)
    .flat()
    .some(({ drains }) => drains);

/** The checks of a careful builder before residents move in (common practice, no source). One entry each. */
export const CLOSING: readonly ClosingCheck[] = [
  {
    id: "walk-round",
    title: "Walk round every gap",
    pass: "Door front, corners, lid, vents, tubes: closed to the smallest body, doors pushed as the animal would.",
    asked: ({ facts }) => (facts.one(WALK) ?? []).length > 0,
  },
  {
    id: "latches",
    title: "Latches, catches and locks",
    pass: "Each snaps shut by itself and holds when pulled.",
    asked: ({ facts }) => (facts.one(SHUTTING) ?? []).length > 0 || (facts.one(WALK) ?? []).length > 0,
  },
  { id: "stand", title: "Weight and stand", pass: "Level, carried at its ends, nothing rocks.", asked: always },
  {
    id: "smell",
    title: "Smell",
    pass: "None with your head inside, warm and shut for an hour.",
    asked: comesTo("airedOut"),
  },
  {
    id: "water-line",
    title: "Water line against the drainage layer",
    pass: "The water stands below the substrate, and stays there for a day.",
    asked: comesTo("waterIn"),
  },
  {
    id: "pump-run",
    title: "Pump run",
    pass: "Flow even, no leak, debris out.",
    asked: comesTo("waterRuns"),
  },
  {
    id: "drain",
    title: "Drain and what must be reached",
    pass: "The drain runs clear and shuts; each part that is serviced comes out by its way.",
    asked: ({ facts }) => facts.all(REACHED).flat().length > 0 || hasDrain(facts),
  },
  {
    id: "labels",
    title: "Plugs and labels",
    pass: "Every plug is named; drip loops hang.",
    asked: comesTo("lampsLaid"),
  },
  {
    id: "thermostat",
    title: "Thermostats and clocks",
    pass: "A hand round the probe switches the heater off; a pulled probe does not leave it on.",
    asked: comesTo("lampsLaid"),
  },
  {
    id: "lamp-reach",
    title: "Lamps and heaters out of reach",
    pass: "Nobody can touch one; a guard does not come off by hand.",
    asked: ({ facts }) => (facts.one(LIGHTS)?.lamps ?? []).length > 0,
  },
  {
    id: "mesh",
    title: "Mesh and metal",
    pass: "No tear, no rust, no sharp end; no corner lifts.",
    asked: comesTo("meshed"),
  },
  {
    id: "plants",
    title: "Plants",
    pass: "No fertiliser, no perlite, no pesticide; adult sizes fit.",
    asked: comesTo("planted"),
  },
  {
    id: "rooted",
    title: "Roots and crew",
    pass: "New growth to be seen, crew seen, no mould with dying plants.",
    asked: comesTo("settled"),
  },
  {
    id: "dish",
    title: "Dishes and pools",
    pass: "Full, no wick over the rim, a way out of each.",
    asked: ({ facts }) => facts.all(POOLS).length > 0,
  },
  {
    id: "sharp",
    title: "Toxic or sharp",
    pass: "No splinter, wire end, glue string or loose fibre inside.",
    asked: always,
  },
  { id: "clean", title: "Clean-up", pass: "Masks off, no drops, frame and panes clean.", asked: always },
];

/** The checks a build asks for. */
export const closingChecks = (of: CheckOf): ClosingCheck[] => CLOSING.filter(({ asked }) => asked(of));
