import { expose } from "comlink";
import { compareWorth, type Worth, worthOf } from "#core/cuts/nest/compare";
import type { NestInstance, NestSolution } from "#core/cuts/nest/format";
import { search } from "#core/cuts/nest/nest";

/** How a search stands; `better` is the answer itself whenever it has become better. */
export interface SearchReport {
  ms: number;
  rounds: number;
  worth: Worth;
  boundCost: number;
  better?: NestSolution;
}

/** Reports come at most this often while nothing better is found, ms. */
const REPORT_EVERY_MS = 250;

const door = {
  /**
   * Searches until the time is over or nothing is left to try.
   * @param report told the first answer at once, each better one, and now and then how it goes
   */
  search(instance: NestInstance, limitMs: number, report: (now: SearchReport) => void): void {
    const start = performance.now();
    let told = start;
    const ms = () => performance.now() - start;
    let best: Worth | undefined;
    const running = search(instance, () => {
      if (best && performance.now() - told > REPORT_EVERY_MS) tell();
      return ms() > limitMs;
    });
    const tell = (better?: NestSolution) => {
      told = performance.now();
      const { rounds, bound } = running.state();
      report({ ms: ms(), rounds, worth: best!, boundCost: bound, ...(better && { better }) });
    };
    do {
      const answer = running.best();
      const worth = worthOf(instance, answer);
      const better = best === undefined || compareWorth(worth, best) < 0;
      if (better) best = worth;
      tell(better ? answer : undefined);
    } while (ms() < limitMs && running.round());
    const last = running.best();
    const worth = worthOf(instance, last);
    if (compareWorth(worth, best!) < 0) {
      best = worth;
      tell(last);
    }
  },
};
export type NestDoor = typeof door;

expose(door);
