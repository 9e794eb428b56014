import type { HourCurves } from "#core/gauge/curves";
import type { AirRead } from "#core/gauge/schema";
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
  timeAxis,
} from "./parts";

/** A gauge's readings by the hour, with what it was to tell as designed and as fitted. */
export function gaugeCurves(
  read: AirRead,
  { before, after }: { before: HourCurves; after: HourCurves | null },
  bands: Bands,
  who: string,
) {
  const [water, clay, soft, ink] = ["water", "clay", "fern-soft", "ink"].map(themeColour) as [
    string,
    string,
    string,
    string,
  ];
  const hours = read.tempC.length;
  const pairs = (list: readonly (number | null)[]) => list.map((y, h): Pair => [h + 0.5, y]);
  const known = (...lists: readonly (readonly (number | null)[])[]) => lists.flat().filter((x) => x !== null);
  const xAxis = (gridIndex: number, labelled: boolean) =>
    timeAxis(gridIndex, labelled, { min: 0, max: hours, interval: 24 }, (h) => `day ${h / 24 + 1}`);
  const of = (key: "tempC" | "rh", index: number, colour: string) => {
    const at = { xAxisIndex: index, yAxisIndex: index };
    const line = (name: string, data: readonly number[], style: object) => ({
      ...{ ...at, type: "line", name, symbol: "none", data: pairs(data), lineStyle: { width: 1.5, ...style } },
      itemStyle: { color: colour },
    });
    return [
      { ...at, type: "scatter", name: "read", symbolSize: 3, itemStyle: { color: ink }, data: pairs(read[key]) },
      line("as designed", before[key], { color: colour, type: "dashed", opacity: 0.7 }),
      ...(after ? [line("as fitted", after[key], { color: colour })] : []),
      bandAlone(at, bands[key], soft, bandWords(who, bands[key], key === "rh" ? "% rh" : "°C")),
    ];
  };
  const temps = known(read.tempC, before.tempC, after?.tempC ?? []);
  const damps = known(read.rh, before.rh, after?.rh ?? []);
  return {
    ...frame(),
    legend: {
      bottom: 0,
      itemGap: 32,
      textStyle: { color: ink, fontSize: 13 },
      data: ["read", "as designed", ...(after ? ["as fitted"] : [])],
    },
    grid: [
      // Both as wide as one another, wherever the last day's label falls.
      { left: LEFT, right: RIGHT, top: 30, height: "36%", outerBoundsMode: "none" },
      { left: LEFT, right: RIGHT, top: "54%", height: "30%", outerBoundsMode: "none" },
    ],
    xAxis: [xAxis(0, false), xAxis(1, true)],
    yAxis: [
      axisOf({ gridIndex: 0, ...around(temps, bands.tempC, 6), splitNumber: 3 }, " °C"),
      axisOf({ gridIndex: 1, ...rhAxis(damps, bands.rh), splitNumber: 3 }, " %"),
    ],
    series: [...of("tempC", 0, clay), ...of("rh", 1, water)],
  };
}
