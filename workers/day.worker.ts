import { expose } from "comlink";
import type { DayAnswer } from "#core/day/answer";
import type { DayAsk } from "#core/day/ask";
import { runCoarse, runDay } from "#core/day/run";

const door = {
  /** Works out the whole day, with its month and both ends of the room. */
  whole: (ask: DayAsk): DayAnswer => runDay(ask),
  /** The usual day alone, while something is dragged. */
  coarse: (ask: DayAsk) => runCoarse(ask),
};
export type DayDoor = typeof door;

expose(door);
