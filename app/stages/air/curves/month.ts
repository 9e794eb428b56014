import type { DayAnswer } from "#core/day/answer";
import { themeColour } from "../../../drawing/themeColour";
import {
  around,
  axisOf,
  type Bands,
  bandAlone,
  bandWords,
  frame,
  LEFT,
  type Pair,
  RIGHT,
  rhAxis,
  shaded,
  spanned,
  timeAxis,
} from "./parts";

/** The month by the day: warmth, air between its least and its most, and the water in substrate and drainage. */
export function monthCurves({ month }: DayAnswer, bands: Bands, who: string) {
  const [water, clay, soft, ink] = ["water", "clay", "fern-soft", "ink"].map(themeColour) as [
    string,
    string,
    string,
    string,
  ];
  const byDay = (list: readonly number[]) => list.map((y, d): Pair => [d + 1, y]);
  const days = month.tempC.length;
  const xAxis = (gridIndex: number, labelled: boolean) =>
    timeAxis(gridIndex, labelled, { min: 1, max: days }, (d) => `day ${d}`);
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
      bandAlone({ xAxisIndex: 1, yAxisIndex: 1 }, bands.rh, soft, bandWords(who, bands.rh, "% rh"), "insideBottomLeft"),
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
