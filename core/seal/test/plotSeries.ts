import { fitSlope } from "../leak/fit";
import { hoursOf } from "./hours";
import type { TestStanding } from "./standing";

/** Hours after the first reading, and millimetres lost since. */
export type Lost = [hours: number, mm: number];

/** What the plot of a water test shows; empty lines until there are two readings. */
export interface PlotSeries {
  shell: Lost[];
  pan: Lost[];
  shellLine: Lost[];
  panLine: Lost[];
  /** Where the shell's line may lie by the pan and the leak's interval: hours, lowest, highest. */
  band: [hours: number, low: number, high: number][];
}

/** Both levels as losses since the first reading, their lines, and the band that the leak's interval leaves. */
export function plotSeries({
  readings,
  begun,
  verdict,
}: Pick<TestStanding, "readings" | "begun" | "verdict">): PlotSeries {
  const first = readings[0];
  if (!first || !begun) return { shell: [], pan: [], shellLine: [], panLine: [], band: [] };
  const start = hoursOf(first.at);
  const lost = (of: (r: TestStanding["readings"][number]) => number | null): Lost[] => {
    const from = readings.map(of).find((mm) => mm !== null);
    return readings.flatMap((r): Lost[] => {
      const mm = of(r);
      return mm === null || from === undefined || from === null ? [] : [[hoursOf(r.at) - start, from - mm]];
    });
  };
  const [shell, pan] = [lost((r) => r.levelMm), lost((r) => r.panMm)];
  const end = Math.max(0, ...shell.map(([h]) => h), ...pan.map(([h]) => h));
  const line = (points: Lost[]): Lost[] => {
    if (points.length < 2 || points[0]![0] === points.at(-1)![0]) return [];
    const { startMm, mmPerDay } = fitSlope(
      points.map(([hours, mm]) => ({ hours, mm })),
      begun.readingErrorMm,
    );
    return [
      [0, startMm],
      [end, startMm - (mmPerDay / 24) * end],
    ];
  };
  const panLine = line(pan);
  const leak = verdict?.leakMmPerDay;
  const perHour = panLine.length === 2 && end > 0 ? (panLine[1]![1] - panLine[0]![1]) / end : 0;
  const band: PlotSeries["band"] =
    leak && panLine.length === 2
      ? [0, end].map((h) => [h, (perHour + leak.low / 24) * h, (perHour + leak.high / 24) * h])
      : [];
  return { shell, pan, shellLine: line(shell), panLine, band };
}
