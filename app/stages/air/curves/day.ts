import { minuteOf } from "#core/climate/format";
import type { DayAnswer } from "#core/day/answer";
import type { DayAsk } from "#core/day/ask";
import { themeColour } from "../../../drawing/themeColour";
import type { UsualDay } from "../useAir";
import {
  around,
  axisOf,
  type Bands,
  bandAlone,
  bandWords,
  frame,
  HOURS,
  LEFT,
  type Pair,
  RIGHT,
  rhAxis,
  spanned,
  timeAxis,
} from "./parts";

/** Hourly means, each in the middle of its hour; closed at both ends of the day. */
const byHour = (hours: readonly number[]): Pair[] => [
  [0, hours[0]!],
  ...hours.map((y, h): Pair => [h + 0.5, y]),
  [HOURS, hours.at(-1)!],
];

/** What is on from when to when, in hours, cut at midnight. */
const spansOf = (on: readonly (readonly [string, string])[]): [number, number][] =>
  on.flatMap(([from, to]): [number, number][] => {
    const [a, b] = [minuteOf(from) / 60, minuteOf(to) / 60];
    return a < b
      ? [[a, b]]
      : [
          [a, HOURS],
          [0, b],
        ];
  });

/** Runs of hours in which something holds. */
function runs(hours: readonly number[]): [number, number][] {
  const list: [number, number][] = [];
  hours.forEach((share, h) => {
    if (share <= 0) return;
    const last = list.at(-1);
    if (last && last[1] === h) last[1] = h + 1;
    else list.push([h, h + 1]);
  });
  return list;
}

/** A thick line on a row of its own for each span. */
const bars = (row: string, spans: readonly [number, number][], colour: string) => ({
  ...{ type: "line", xAxisIndex: 2, yAxisIndex: 2, symbol: "none", silent: true, connectNulls: false },
  lineStyle: { width: 9, color: colour, cap: "butt" },
  data: spans.flatMap(([a, b]): Pair[] => [
    [a, row],
    [b, row],
    [b, null],
  ]),
});

const least = (...lists: readonly number[][]): number[] =>
  lists[0]!.map((_, i) => Math.min(...lists.map((l) => l[i]!)));
const most = (...lists: readonly number[][]): number[] => lists[0]!.map((_, i) => Math.max(...lists.map((l) => l[i]!)));

/** The day as curves: warmth, air, and under them what is on and what fogs. */
export function dayCurves(usual: UsualDay, answer: DayAnswer | undefined, ask: DayAsk, bands: Bands, who: string) {
  const [water, clay, straw, soft] = ["water", "clay", "straw", "fern-soft"].map(themeColour) as [
    string,
    string,
    string,
    string,
  ];
  const { input } = ask;
  // Where nine of ten draws lie; until that is known, the ends of the room.
  const { sure, ends } = answer ?? {};
  const spanOf = (of: "tempC" | "rh", low: readonly number[] | undefined, high: readonly number[] | undefined) => ({
    line: byHour(usual[of]),
    low: byHour(sure ? sure[of].low : low ? least(usual[of], [...low]) : usual[of]),
    high: byHour(sure ? sure[of].high : high ? most(usual[of], [...high]) : usual[of]),
  });
  const temp = spanOf("tempC", ends?.cold.tempC, ends?.warm.tempC);
  const air = spanOf("rh", ends?.dry.rh, ends?.damp.rh);
  const values = ({ low, high }: { low: Pair[]; high: Pair[] }) => [...low, ...high].map(([, y]) => y as number);
  const fogged = runs(
    most(
      ...usual.fog.map((f) => f.hours),
      usual.tempC.map(() => 0),
    ),
  );
  // Only what there is: a row of nothing tells nothing, but for fog, which is asked after.
  const rows = [
    "fog",
    ...(input.fans.length > 0 ? ["fan"] : []),
    ...(input.heat.length > 0 ? ["heat"] : []),
    ...(input.misting.length > 0 ? ["mist"] : []),
  ];
  const xAxis = (gridIndex: number, labelled: boolean) =>
    timeAxis(gridIndex, labelled, { min: 0, max: HOURS, interval: 6 }, (h) => `${String(h).padStart(2, "0")}:00`);
  return {
    ...frame(),
    grid: [
      { left: LEFT, right: RIGHT, top: 30, height: "31%" },
      { left: LEFT, right: RIGHT, top: "48%", height: "24%" },
      { left: LEFT, right: RIGHT, top: "77%", height: "15%" },
    ],
    xAxis: [xAxis(0, false), xAxis(1, false), xAxis(2, true)],
    yAxis: [
      axisOf({ gridIndex: 0, ...around(values(temp), bands.tempC, 6), splitNumber: 3 }, " °C"),
      axisOf({ gridIndex: 1, ...rhAxis(values(air), bands.rh), splitNumber: 3 }, " %"),
      {
        ...{ type: "category", gridIndex: 2, data: rows, axisTick: { show: false } },
        axisLabel: { color: themeColour("muted"), fontSize: 13, interval: 0 },
        axisLine: { show: false },
      },
    ],
    series: [
      ...spanned({ xAxisIndex: 0, yAxisIndex: 0 }, temp, { colour: clay, name: "°C", stack: "temp" }),
      bandAlone({ xAxisIndex: 0, yAxisIndex: 0 }, bands.tempC, soft, bandWords(who, bands.tempC, "°C")),
      ...spanned({ xAxisIndex: 1, yAxisIndex: 1 }, air, { colour: water, name: "% rh", stack: "rh" }),
      bandAlone({ xAxisIndex: 1, yAxisIndex: 1 }, bands.rh, soft, bandWords(who, bands.rh, "% rh"), "insideBottomLeft"),
      bars(
        "heat",
        input.heat.flatMap((h) => spansOf(h.on)),
        clay,
      ),
      bars(
        "fan",
        input.fans.flatMap((f) => spansOf(f.on)),
        straw,
      ),
      bars("fog", fogged, water),
      {
        ...{ type: "scatter", xAxisIndex: 2, yAxisIndex: 2, symbol: "rect", symbolSize: [3, 9], silent: true },
        itemStyle: { color: water },
        data: input.misting.map((m): Pair => [minuteOf(m.at) / 60, "mist"]),
      },
    ],
  };
}
