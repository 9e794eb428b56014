import { expose } from "comlink";
import type { DayAnswer } from "#core/day/answer";
import type { DayAsk } from "#core/day/ask";
import { runCoarse, runDay } from "#core/day/run";
import { type SureRun, sureDraws, sureOf, sureRun } from "#core/day/sure";

const door = {
  /** Works out the whole day, with its month and both ends of the room. */
  whole: (ask: DayAsk): DayAnswer => runDay(ask),
  /** The usual day alone, while something is dragged. */
  coarse: (ask: DayAsk) => runCoarse(ask),
  /** The same shell with what is unknown of it drawn: some of the draws, by their places. */
  draws: (ask: DayAsk, from: number, to: number): SureRun[] =>
    sureDraws(ask)
      .slice(from, to)
      .map((z) => sureRun(ask, z)),
  /** How sure it is by the draws that were run. */
  sure: (ask: DayAsk, runs: readonly SureRun[]) => sureOf(ask, runs),
};
export type DayDoor = typeof door;

expose(door);
