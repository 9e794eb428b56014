/**
 * `npm run bench:gauge -- 100 7`, shells and seed: how well what is fitted to a week of a cheap gauge's readings foretells the
 * next. Each shell has a truth of its own by finer steps, one thing that happens which no model has, and the room read in both
 * weeks. Prints, never judges: of all true hours of the second week how many lie in the 90 % band, and of all parameters how
 * many intervals hold the truth.
 */
import { fitOf } from "../core/gauge/fit";
import { over } from "../core/gauge/week";
import { bandOf, type HourBand } from "../core/sure/bands";
import { drawsOf } from "../core/sure/draws";
import { turnedTo } from "../core/sure/turn";
import { Z95 } from "../core/sure/z95";
import { anyCase, WEEK_H } from "./anyCase";

const [shells = 100, seed = 7] = process.argv.slice(2).map(Number);
const DRAWS = 64;
const STEP_S = 60;
const began = performance.now();

/** So many of so many. */
interface Share {
  held: number;
  of: number;
}
const share = (): Share => ({ held: 0, of: 0 });
const add = (to: Share, held: number, of: number) => {
  to.held += held;
  to.of += of;
};
const percent = ({ held, of }: Share) => `${((100 * held) / of).toFixed(1)} %`;
const within = ({ low, high }: HourBand, truth: readonly number[]) =>
  truth.filter((x, h) => x >= low[h]! && x <= high[h]!).length;

const [warmth, damp, parameters] = [share(), share(), share()];
const byUnknown = new Map<string, Share>();
const off = { before: 0, after: 0, width: 0 };
for (let n = 0; n < shells; n++) {
  const { given, truth } = anyCase(seed * 1000 + n);
  const { input, unknowns, stretch } = given.week;
  const fit = fitOf(given.week);
  const draws = drawsOf(fit, DRAWS, 1).map((z) =>
    over({ ...input, stepS: STEP_S }, { ...stretch, room: given.room }, (i) => turnedTo(i, unknowns, z)),
  );
  const next = (list: readonly number[]) => list.slice(WEEK_H);
  const bands = {
    tempC: bandOf(
      draws.map((d) => next(d.tempC)),
      fit.wanders.k,
    ),
    rh: bandOf(
      draws.map((d) => next(d.rh)),
      fit.wanders.rh,
    ),
  };
  add(warmth, within(bands.tempC, next(truth.tempC)), WEEK_H);
  add(damp, within(bands.rh, next(truth.rh)), WEEK_H);
  for (const [i, u] of fit.unknowns.entries()) {
    const held = Number(Math.abs(truth.z[i]! - u.at) <= Z95 * Math.sqrt(fit.covariance[i]![i]!));
    add(parameters, held, 1);
    const own = byUnknown.get(u.id) ?? share();
    add(own, held, 1);
    byUnknown.set(u.id, own);
  }
  off.before += fit.before.rh / shells;
  off.after += fit.after.rh / shells;
  off.width += bands.rh.high.reduce((sum, x, h) => sum + x - bands.rh.low[h]!, 0) / WEEK_H / shells;
}
const both: Share = { held: warmth.held + damp.held, of: warmth.of + damp.of };
console.log(`${shells} shells by seed ${seed}, ${((performance.now() - began) / 1000).toFixed(0)} s`);
console.log(
  `of the next week's true hours in the 90 % band: ${percent(both)}; warmth ${percent(warmth)}, damp ${percent(damp)}`,
);
console.log(`of all parameters' 90 % intervals holding the truth: ${percent(parameters)}`);
console.log(
  `damp off by ${off.before.toFixed(1)} % rh as designed, ${off.after.toFixed(1)} as fitted; its band is ${off.width.toFixed(1)} wide`,
);
for (const [id, held] of byUnknown) console.log(`  ${id}: ${percent(held)} of ${held.of}`);
