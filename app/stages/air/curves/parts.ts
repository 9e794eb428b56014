import type { Band } from "#core/day/inBand";
import { formatNumber } from "#core/units/format";
import { themeColour } from "../../../drawing/themeColour";

export interface Bands {
  tempC: Band | null;
  rh: Band | null;
}
export type Pair = [number, number | null | string];

export const HOURS = 24;
export const LEFT = 54;
export const RIGHT = 26;

/** A band shaded from side to side, told where no line is likely. */
export const shaded = (band: Band | null, colour: string, words: string, position = "insideTopLeft") =>
  band && {
    markArea: {
      silent: true,
      itemStyle: { color: colour, opacity: 0.6 },
      label: { position, color: themeColour("fern"), fontSize: 13 },
      data: [[{ yAxis: band.low, name: words }, { yAxis: band.high }]],
    },
  };

/** The least range an axis shows, so that a tenth of a degree does not look like a mountain. */
export function around(values: readonly number[], band: Band | null, least: number): { min: number; max: number } {
  const all = [...values, ...(band ? [band.low, band.high] : [])];
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const spare = Math.max(0, least - (high - low)) / 2 + 1;
  return { min: Math.floor(low - spare), max: Math.ceil(high + spare) };
}

/** An axis whose every number has its unit. */
export const axisOf = (more: object, unit = "") => ({
  type: "value",
  // Its ends are no round numbers, and would lie on the next ones.
  axisLabel: {
    ...{ color: themeColour("muted"), fontSize: 13, showMinLabel: false, showMaxLabel: false },
    formatter: (value: number) => `${formatNumber(value)}${unit}`,
  },
  axisLine: { show: false },
  splitLine: { lineStyle: { color: themeColour("line") } },
  ...more,
});

/** An axis of time under one of the grids; only the lowest tells its numbers. */
export const timeAxis = (
  gridIndex: number,
  labelled: boolean,
  span: { min: number; max: number; interval?: number },
  formatter: (at: number) => string,
) =>
  axisOf({
    ...{ gridIndex, ...span },
    axisLabel: { show: labelled, color: themeColour("muted"), fontSize: 13, formatter },
  });

export const frame = () => ({
  animation: false,
  textStyle: { fontFamily: "inherit", color: themeColour("ink") },
  tooltip: {
    trigger: "axis",
    valueFormatter: (value: unknown) => (typeof value === "number" ? formatNumber(value, 1) : ""),
  },
});

/** A line with the span it may lie in, as the room is at one end and the other. */
export function spanned(
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

/** A band with no line of its own. */
export const bandAlone = (at: { xAxisIndex: number; yAxisIndex: number }, ...of: Parameters<typeof shaded>) => ({
  ...{ ...at, type: "line", data: [] },
  ...shaded(...of),
});

export const rhAxis = (values: readonly number[], band: Band | null) => {
  const { min, max } = around(values, band, 20);
  return { min: Math.max(0, min), max: Math.min(100, max) };
};
export const bandWords = (who: string, band: Band | null, unit: string) =>
  band ? `${who}, ${formatNumber(band.low)} to ${formatNumber(band.high)} ${unit}` : "";
