import type { Basis } from "../../figures/figure";
import { memory, practice } from "../../figures/figure";
import { LIGHTS } from "../../fixtures/lit";
import { type CheckOf, comesTo, hasDrain } from "../closing/list";

/** Something looked at again and again once residents are in. */
export interface Care {
  id: string;
  title: string;
  pass: string;
  /** Days after residents are in: the first time, and from one to the next. */
  firstDay: number;
  everyDays: number;
  /** The last day it is asked; left out for what goes on. */
  untilDay?: number;
  basis: Basis;
  asked: (of: CheckOf) => boolean;
}
const always = () => true;
const [WEEK, MONTH, YEAR] = [7, 30, 365];

/** The first weeks' watch list, and what comes round after that. One entry each. */
export const CARE: readonly Care[] = [
  {
    ...{ id: "level", title: "Level and leaks", pass: "Paper under it dry, water where it was.", basis: practice },
    ...{ firstDay: 1, everyDays: 2, untilDay: 4 * WEEK, asked: comesTo("waterTested") },
  },
  {
    ...{
      id: "ends",
      title: "Warm and cool end",
      pass: "Warmth and damp at both ends within the bands.",
      basis: practice,
    },
    ...{ firstDay: 1, everyDays: 3, untilDay: 4 * WEEK, asked: always },
  },
  {
    ...{
      id: "mould",
      title: "Mould",
      pass: "Some early is normal; spreading with dying plants is not.",
      basis: practice,
    },
    ...{ firstDay: 4, everyDays: WEEK, untilDay: 8 * WEEK, asked: comesTo("substrateIn") },
  },
  {
    ...{ id: "plants", title: "Plants", pass: "New growth; no more losses than one in ten.", basis: memory },
    ...{ firstDay: WEEK, everyDays: WEEK, untilDay: 8 * WEEK, asked: comesTo("planted") },
  },
  {
    ...{ id: "crew", title: "Clean-up crew", pass: "Seen under bark or leaves.", basis: practice },
    ...{ firstDay: WEEK, everyDays: WEEK, untilDay: 8 * WEEK, asked: comesTo("settled") },
  },
  {
    ...{ id: "latch", title: "Latches", pass: "Each snaps shut; nothing has bent or dried.", basis: practice },
    ...{ firstDay: 3, everyDays: WEEK, asked: always },
  },
  {
    ...{ id: "dish", title: "Dishes", pass: "Full and clean, nothing wicks over the rim.", basis: practice },
    ...{ firstDay: 2, everyDays: WEEK, asked: comesTo("waterIn") },
  },
  {
    ...{ id: "drain", title: "Drain", pass: "Opened, runs clear, shut again; no smell.", basis: memory },
    ...{ firstDay: MONTH, everyDays: MONTH, asked: ({ facts }) => hasDrain(facts) },
  },
  {
    ...{ id: "mesh", title: "Mesh and metal", pass: "No tear, no rust, no fluff in it.", basis: practice },
    ...{ firstDay: 6 * MONTH, everyDays: YEAR, asked: comesTo("meshed") },
  },
  {
    ...{ id: "uv", title: "UV tube's age", pass: "Measured, or renewed at its maker's date.", basis: memory },
    ...{ firstDay: 6 * MONTH, everyDays: 6 * MONTH },
    asked: ({ facts }) => (facts.one(LIGHTS)?.lamps ?? []).some(({ uv }) => uv.length > 0),
  },
  {
    ...{
      id: "retest",
      title: "Water test again",
      pass: "As the first; at once if it was moved or drilled.",
      basis: memory,
    },
    ...{ firstDay: YEAR, everyDays: YEAR, asked: comesTo("waterTested") },
  },
];
