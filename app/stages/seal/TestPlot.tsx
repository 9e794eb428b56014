import { Box } from "@chakra-ui/react";
import { useMemo } from "react";
import { plotSeries } from "#core/seal/test/plotSeries";
import type { TestStanding } from "#core/seal/test/standing";
import { useChart } from "../../ui/useChart";

const css = (token: string) =>
  typeof document === "undefined"
    ? ""
    : getComputedStyle(document.documentElement).getPropertyValue(`--chakra-colors-${token}`).trim();

/** Losses of shell and pan over the hours, their lines, and the band the verdict's interval leaves for the shell. */
export function TestPlot({ test }: { test: TestStanding }) {
  const option = useMemo(() => {
    const { shell, pan, shellLine, panLine, band } = plotSeries(test);
    const [ink, muted, water, clay, line] = ["ink", "muted", "water", "clay", "line"].map(css);
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
      yAxis: { type: "value", name: "mm lost", nameLocation: "middle", nameGap: 30, ...axis },
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
  }, [test]);
  const box = useChart(option);
  const { verdict, readings } = test;
  const words = `Levels of shell and pan over ${readings.length} readings: the shell lost ${verdict?.shellMmPerDay.value.toFixed(2) ?? "?"} mm a day, the pan ${verdict?.evaporationMmPerDay?.value.toFixed(2) ?? "?"}.`;
  return <Box ref={box} h="15rem" role="img" aria-label={words} />;
}
