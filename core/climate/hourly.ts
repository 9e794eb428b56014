import type { Hourly } from "./format";
import { dewPointC } from "./moist";

/** What is told of a step, in the order it is summed; the dew point is that of the hour's mean air. */
const TOLD = [
  ...(["tempC", "rh", "vapourGPerM3", "airChangesPerHour"] as const),
  ...(["evaporationMlPerH", "condensationMlPerH", "storeMl", "drainLayerMl"] as const),
] as const satisfies readonly (keyof Hourly)[];
type Told = Readonly<Record<(typeof TOLD)[number], number>>;

/** Gathers what is told of each step into means of the hour. */
export function hourlyMeans(stepsAnHour: number) {
  const lists = Object.fromEntries([...TOLD, "dewPointC"].map((key) => [key, [] as number[]]));
  const hourly = lists as unknown as Hourly;
  const sums = new Float64Array(TOLD.length);
  let steps = 0;
  return {
    hourly,
    tell(step: Told): void {
      for (let i = 0; i < TOLD.length; i++) sums[i]! += step[TOLD[i]!];
      if (++steps % stepsAnHour !== 0) return;
      for (const [i, key] of TOLD.entries()) hourly[key].push(sums[i]! / stepsAnHour);
      hourly.dewPointC.push(dewPointC(hourly.tempC.at(-1)!, hourly.vapourGPerM3.at(-1)! / 1000));
      sums.fill(0);
    },
  };
}
