import { Box } from "@chakra-ui/react";
import { useMemo } from "react";
import { type Lost, type PlotSeries, plotSeries } from "#core/seal/test/plotSeries";
import type { TestStanding } from "#core/seal/test/standing";
import { formatFineLength, type LengthDisplay } from "#core/units/format";
import { MM_PER } from "#core/units/length";
import { themeColour } from "../../drawing/themeColour";
import { useChart } from "../../drawing/useChart";
import { useUnits } from "../../state/context";

/** Losses in the build's own units. */
function inUnits({ band, ...lines }: PlotSeries, { unit }: LengthDisplay): PlotSeries {
  const to = (mm: number) => mm / MM_PER[unit];
  const line = (points: Lost[]) => points.map(([hours, mm]): Lost => [hours, to(mm)]);
  return {
    ...{ shell: line(lines.shell), pan: line(lines.pan) },
    ...{ shellLine: line(lines.shellLine), panLine: line(lines.panLine) },
    band: band.map(([hours, low, high]) => [hours, to(low), to(high)]),
  };
}

/** Losses of shell and pan over the hours, their lines, and the band the verdict's interval leaves for the shell. */
export function TestPlot({ test }: { test: TestStanding }) {
  const { units } = useUnits();
  const option = useMemo(() => {
    const { shell, pan, shellLine, panLine, band } = inUnits(plotSeries(test), units);
    const [ink, muted, water, clay, line] = ["ink", "muted", "water", "clay", "line"].map(themeColour);
    const axis = {
      axisLabel: { color: muted },
      nameTextStyle: { color: muted },
      splitLine: { lineStyle: { color: line } },
    };
    const stacked = { type: "line", stack: "band", symbol: "none", lineStyle: { opacity: 0 }, silent: true };
    return {
      animation: false,
      textStyle: { fontFamily: "inherit", color: ink },
      grid: { left: 50, right: 12, top: 34, bottom: 38 },
      legend: { top: 0, textStyle: { color: ink }, data: ["shell", "pan", "where the shell may lie, 95 %"] },
      xAxis: { type: "value", name: "hours", nameLocation: "middle", nameGap: 24, ...axis },
      yAxis: {
        type: "value",
        name: units.unit === "mm" ? "mm lost" : "inches lost",
        nameLocation: "middle",
        nameGap: 30,
        ...axis,
      },
      series: [
        { ...stacked, data: band.map(([h, low]) => [h, low]) },
        {
          ...stacked,
          name: "where the shell may lie, 95 %",
          data: band.map(([h, low, high]) => [h, high - low]),
          areaStyle: { color: muted, opacity: 0.25 },
          itemStyle: { color: muted },
        },
        { name: "shell", type: "scatter", data: shell, symbol: "circle", symbolSize: 8, itemStyle: { color: water } },
        { name: "pan", type: "scatter", data: pan, symbol: "triangle", symbolSize: 9, itemStyle: { color: clay } },
        { type: "line", data: shellLine, symbol: "none", silent: true, lineStyle: { color: water, width: 2 } },
        {
          type: "line",
          data: panLine,
          symbol: "none",
          silent: true,
          lineStyle: { color: clay, width: 2, type: "dashed" },
        },
      ],
    };
  }, [test, units]);
  const box = useChart(option);
  const { verdict, readings } = test;
  const lost = (rate: { value: number } | null | undefined) => (rate ? formatFineLength(rate.value, units, 2) : "?");
  const words = `Levels of shell and pan over ${readings.length} readings: the shell lost ${lost(verdict?.shellMmPerDay)} a day, the pan ${lost(verdict?.evaporationMmPerDay)}.`;
  return <Box ref={box} h="100%" minH="12rem" role="img" aria-label={words} />;
}
