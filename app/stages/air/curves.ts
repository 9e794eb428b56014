import { minuteOf } from "#core/climate/format";
import type { DayAnswer } from "#core/day/answer";
import type { DayAsk } from "#core/day/ask";
import { formatNumber } from "#core/units/format";
import type { UsualDay } from "./useAir";

/** A colour of the theme as the page has it. */
export const css = (token: string): string =>
  typeof document === "undefined"
    ? ""
    : getComputedStyle(document.documentElement).getPropertyValue(`--chakra-colors-${token}`).trim();

interface Band {
  low: number;
  high: number;
}
export interface Bands {
  tempC: Band | null;
  rh: Band | null;
}
type Pair = [number, number | null | string];

const HOURS = 24;
const LEFT = 54;
const RIGHT = 26;

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

/** A band shaded from side to side, told where no line is likely. */
const shaded = (band: Band | null, colour: string, words: string, position = "insideTopLeft") =>
  band && {
    markArea: {
      silent: true,
      itemStyle: { color: colour, opacity: 0.6 },
      label: { position, color: css("fern"), fontSize: 13 },
      data: [[{ yAxis: band.low, name: words }, { yAxis: band.high }]],
    },
  };

/** The least range an axis shows, so that a tenth of a degree does not look like a mountain. */
function around(values: readonly number[], band: Band | null, least: number): { min: number; max: number } {
  const all = [...values, ...(band ? [band.low, band.high] : [])];
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const spare = Math.max(0, least - (high - low)) / 2 + 1;
  return { min: Math.floor(low - spare), max: Math.ceil(high + spare) };
}

/** An axis whose every number has its unit. */
const axisOf = (more: object, unit = "") => ({
  type: "value",
  // Its ends are no round numbers, and would lie on the next ones.
  axisLabel: {
    ...{ color: css("muted"), fontSize: 13, showMinLabel: false, showMaxLabel: false },
    formatter: (value: number) => `${formatNumber(value)}${unit}`,
  },
  axisLine: { show: false },
  splitLine: { lineStyle: { color: css("line") } },
  ...more,
});

const frame = () => ({
  animation: false,
  textStyle: { fontFamily: "inherit", color: css("ink") },
  tooltip: {
    trigger: "axis",
    valueFormatter: (value: unknown) => (typeof value === "number" ? formatNumber(value, 1) : ""),
  },
});

/** A line with the span it may lie in, as the room is at one end and the other. */
function spanned(
  at: { xAxisIndex: number; yAxisIndex: number },
  { low, high, line }: { low: Pair[]; high: Pair[]; line: Pair[] },
  { colour, name, stack }: { colour: string; name: string; stack: string },
) {
  const hidden = {
    type: "line",
    symbol: "none",
    silent: true,
    lineStyle: { opacity: 0 },
    stack,
    tooltip: { show: false },
  };
  return [
    { ...at, ...hidden, data: low },
    {
      ...at,
      ...hidden,
      data: low.map(([x, y], i): Pair => [x, (high[i]![1] as number) - (y as number)]),
      areaStyle: { color: colour, opacity: 0.18 },
    },
    { ...at, type: "line", name, symbol: "none", data: line, lineStyle: { color: colour, width: 2 } },
  ];
}

const least = (...lists: readonly number[][]): number[] =>
  lists[0]!.map((_, i) => Math.min(...lists.map((l) => l[i]!)));
const most = (...lists: readonly number[][]): number[] => lists[0]!.map((_, i) => Math.max(...lists.map((l) => l[i]!)));

/** The day as curves: warmth, air, and under them what is on and what fogs. */
export function dayCurves(usual: UsualDay, answer: DayAnswer | undefined, ask: DayAsk, bands: Bands, who: string) {
  const [water, clay, straw, soft] = ["water", "clay", "straw", "fern-soft"].map(css) as [
    string,
    string,
    string,
    string,
  ];
  const { input } = ask;
  const ends = answer?.ends;
  const temp = {
    line: byHour(usual.tempC),
    low: byHour(ends ? least(usual.tempC, ends.cold.tempC) : usual.tempC),
    high: byHour(ends ? most(usual.tempC, ends.warm.tempC) : usual.tempC),
  };
  const air = {
    line: byHour(usual.rh),
    low: byHour(ends ? least(usual.rh, ends.dry.rh) : usual.rh),
    high: byHour(ends ? most(usual.rh, ends.damp.rh) : usual.rh),
  };
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
  const xAxis = (gridIndex: number, labels: boolean) =>
    axisOf({
      gridIndex,
      min: 0,
      max: HOURS,
      interval: 6,
      axisLabel: {
        show: labels,
        color: css("muted"),
        fontSize: 13,
        formatter: (h: number) => `${String(h).padStart(2, "0")}:00`,
      },
    });
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
        axisLabel: { color: css("muted"), fontSize: 13, interval: 0 },
        axisLine: { show: false },
      },
    ],
    series: [
      ...spanned({ xAxisIndex: 0, yAxisIndex: 0 }, temp, { colour: clay, name: "°C", stack: "temp" }),
      {
        xAxisIndex: 0,
        yAxisIndex: 0,
        type: "line",
        data: [],
        ...shaded(bands.tempC, soft, bandWords(who, bands.tempC, "°C")),
      },
      ...spanned({ xAxisIndex: 1, yAxisIndex: 1 }, air, { colour: water, name: "% rh", stack: "rh" }),
      {
        xAxisIndex: 1,
        yAxisIndex: 1,
        type: "line",
        data: [],
        ...shaded(bands.rh, soft, bandWords(who, bands.rh, "% rh"), "insideBottomLeft"),
      },
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

const rhAxis = (values: readonly number[], band: Band | null) => {
  const { min, max } = around(values, band, 20);
  return { min: Math.max(0, min), max: Math.min(100, max) };
};
const bandWords = (who: string, band: Band | null, unit: string) =>
  band ? `${who}, ${formatNumber(band.low)} to ${formatNumber(band.high)} ${unit}` : "";

/** The month by the day: warmth, air between its least and its most, and the water in substrate and drainage. */
export function monthCurves({ month }: DayAnswer, bands: Bands, who: string) {
  const [water, clay, soft, ink] = ["water", "clay", "fern-soft", "ink"].map(css) as [string, string, string, string];
  const byDay = (list: readonly number[]) => list.map((y, d): Pair => [d + 1, y]);
  const days = month.tempC.length;
  const xAxis = (gridIndex: number, labels: boolean) =>
    axisOf({
      ...{ gridIndex, min: 1, max: days },
      axisLabel: { show: labels, color: css("muted"), fontSize: 13, formatter: (d: number) => `day ${d}` },
    });
  // Small water in millilitres: a tenth of a litre would be all that an axis could say.
  const [per, unit] = Math.max(...month.storeMl, ...month.drainMl) >= 1000 ? [1000, "L"] : [1, "mL"];
  const amounts = (list: readonly number[]) => byDay(list.map((ml) => ml / per));
  const [inGround, inDrain] = [`water in the substrate, ${unit}`, `in the drainage, ${unit}`];
  return {
    ...frame(),
    legend: {
      ...{ bottom: 0, itemGap: 48 },
      textStyle: { color: ink, fontSize: 13 },
      data: [inGround, inDrain],
    },
    grid: [
      { left: LEFT, right: RIGHT, top: 20, height: "22%" },
      { left: LEFT, right: RIGHT, top: "35%", height: "22%" },
      { left: LEFT, right: RIGHT, top: "65%", height: "17%" },
    ],
    xAxis: [xAxis(0, false), xAxis(1, false), xAxis(2, true)],
    yAxis: [
      axisOf({ gridIndex: 0, ...around(month.tempC, bands.tempC, 6), splitNumber: 2 }, " °C"),
      axisOf({ gridIndex: 1, ...rhAxis([...month.rhLow, ...month.rhHigh], bands.rh), splitNumber: 2 }, " %"),
      axisOf({ gridIndex: 2, min: 0, splitNumber: 2 }, ` ${unit}`),
    ],
    series: [
      {
        ...{ xAxisIndex: 0, yAxisIndex: 0, type: "line", name: "°C", symbol: "none" },
        data: byDay(month.tempC),
        lineStyle: { color: clay, width: 2 },
        ...shaded(bands.tempC, soft, bandWords(who, bands.tempC, "°C")),
      },
      ...spanned(
        { xAxisIndex: 1, yAxisIndex: 1 },
        { low: byDay(month.rhLow), high: byDay(month.rhHigh), line: byDay(month.rh) },
        { colour: water, name: "% rh", stack: "rh" },
      ),
      {
        xAxisIndex: 1,
        yAxisIndex: 1,
        type: "line",
        data: [],
        ...shaded(bands.rh, soft, bandWords(who, bands.rh, "% rh"), "insideBottomLeft"),
      },
      {
        ...{ xAxisIndex: 2, yAxisIndex: 2, type: "line", symbol: "none" },
        name: inGround,
        data: amounts(month.storeMl),
        lineStyle: { color: clay, width: 2 },
        itemStyle: { color: clay },
      },
      {
        ...{ xAxisIndex: 2, yAxisIndex: 2, type: "line", symbol: "none" },
        name: inDrain,
        data: amounts(month.drainMl),
        lineStyle: { color: water, width: 2, type: "dashed" },
        itemStyle: { color: water },
      },
    ],
  };
}
