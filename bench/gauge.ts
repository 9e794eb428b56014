/** How well what is fitted to a week of readings foretells the next: `npm run bench:gauge -- 100 7`, shells and seed. */
import { run } from "../core/climate/run";
import { fitOf } from "../core/gauge/fit";
import { over } from "../core/gauge/week";
import { bandOf } from "../core/sure/bands";
import { drawsOf } from "../core/sure/draws";
import { turnedTo } from "../core/sure/turn";
import { Z95 } from "../core/sure/z95";
import { anyCase, WEEK_H } from "./anyCase";

const [shells = 100, seed = 7] = process.argv.slice(2).map(Number);
const DRAWS = 64;
const began = performance.now();

let [hoursT, insideT, hoursRh, insideRh, parameters, insideP] = [0, 0, 0, 0, 0, 0];
const byUnknown = new Map<string, [number, number]>();
const widths: number[] = [];
let before = 0;
let after = 0;
for (let n = 0; n < shells; n++) {
  const { given, truth } = anyCase(seed * 1000 + n);
  const fit = fitOf(given.week);
  const draws = drawsOf(fit, DRAWS, 1).map((z) => {
    const both = { ...given.week.stretch, room: given.room };
    const air = over({ ...given.week.input, stepS: 60 }, both, (i) => turnedTo(i, given.week.unknowns, z));
    return { tempC: air.tempC.slice(WEEK_H), rh: air.rh.slice(WEEK_H) };
  });
  const count = (band: { low: number[]; high: number[] }, list: readonly number[]) =>
    list.filter((x, h) => x >= band.low[h]! && x <= band.high[h]!).length;
  const t = bandOf(
    draws.map((d) => d.tempC),
    fit.wanders.k,
  );
  const r = bandOf(
    draws.map((d) => d.rh),
    fit.wanders.rh,
  );
  const [ct, cr] = [count(t, truth.tempC.slice(WEEK_H)), count(r, truth.rh.slice(WEEK_H))];
  hoursT += WEEK_H;
  insideT += ct;
  hoursRh += WEEK_H;
  insideRh += cr;
  fit.unknowns.forEach((u, i) => {
    const sd = Math.sqrt(fit.covariance![i]![i]!);
    const hit = Math.abs(truth.z[i]! - u.at) <= Z95 * sd;
    parameters++;
    insideP += Number(hit);
    const was = byUnknown.get(u.id) ?? [0, 0];
    byUnknown.set(u.id, [was[0] + Number(hit), was[1] + 1]);
  });
  before += fit.before.rh;
  after += fit.after.rh;
  widths.push(r.high.reduce((s, x, h) => s + x - r.low[h]!, 0) / WEEK_H);
  if (process.env.VERBOSE)
    console.log(
      n,
      "T",
      ((100 * ct) / WEEK_H).toFixed(0),
      "rh",
      ((100 * cr) / WEEK_H).toFixed(0),
      "before",
      fit.before.k.toFixed(2),
      fit.before.rh.toFixed(1),
      "after",
      fit.after.k.toFixed(2),
      fit.after.rh.toFixed(1),
      "wander",
      fit.wanders.k.toFixed(2),
      fit.wanders.rh.toFixed(2),
      "out",
      fit.leftOut.length,
      truth.happened,
      truth.happenedAt.toFixed(0),
      "width",
      widths.at(-1)!.toFixed(1),
    );
}
const share = (a: number, b: number) => `${((100 * a) / b).toFixed(1)} %`;
console.log(`${shells} shells by seed ${seed}, ${((performance.now() - began) / 1000).toFixed(0)} s`);
console.log(`warmth: ${share(insideT, hoursT)} of the next week's true hours in the 90 % band`);
console.log(
  `air:    ${share(insideRh, hoursRh)}; the band is ${(widths.reduce((a, b) => a + b, 0) / shells).toFixed(1)} % rh wide; off before ${(before / shells).toFixed(1)}, after ${(after / shells).toFixed(1)} % rh`,
);
console.log(`parameters: ${share(insideP, parameters)} of 90 % intervals hold the truth`);
for (const [id, [a, b]] of byUnknown) console.log(`  ${id}: ${share(a, b)} of ${b}`);
void run;
