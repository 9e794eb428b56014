import { Box, type BoxProps, Text } from "@chakra-ui/react";
import type { EChartsCoreOption } from "echarts/core";
import { useMemo } from "react";
import { hoursInBand, safeHoursInBand, sharedBands } from "#core/day/inBand";
import { formatNumber } from "#core/units/format";
import { useChart } from "../../drawing/useChart";
import { useDesign } from "../../state/context";
import { dayCurves } from "./curves/day";
import { monthCurves } from "./curves/month";
import { useAir } from "./useAir";

/** From the least of a day to its most; once where nobody could tell them apart. */
function span(list: readonly number[], unit: string): string {
  const [low, high] = [Math.min(...list), Math.max(...list)].map((x) => formatNumber(x, 0));
  return low === high ? `${low} ${unit}` : `${low} to ${high} ${unit}`;
}

/** The air as it will be, as curves: the day by the hour or the month by the day. */
export function AirChart({
  of,
  height,
  board = false,
}: {
  of: "day" | "month";
  height: BoxProps["height"];
  /** It is what the stage draws. */
  board?: boolean;
}) {
  const residents = useDesign((d) => d.brief.residents);
  const { day, answer, shown, isExact, dragged } = useAir();
  const bands = useMemo(() => sharedBands(residents), [residents]);
  const who = residents.length === 1 ? residents[0]!.name : "all who live here";
  const inBand = shown ? hoursInBand(residents, shown) : null;
  const safe = isExact && answer?.sure ? safeHoursInBand(residents, answer.sure) : null;
  const option = useMemo(() => {
    if (of === "month") return answer ? monthCurves(answer, bands, who) : null;
    return shown && day ? dayCurves(shown, answer, day.ask, bands, who) : null;
  }, [of, answer, shown, day, who, bands]);
  const words = shown
    ? `${span(shown.tempC, "°C")}, ${span(shown.rh, "% rh")} over the day${inBand === null ? "" : ` · in band ${inBand} h of 24${safe === null ? "" : `, likely; ${safe} to be safe`}`}`
    : "The day is being worked out.";
  return (
    <Box
      position="relative"
      overflow="hidden"
      minWidth="0"
      flex="0 0 auto"
      height={height}
      minHeight="200px"
      {...(board && { "data-board": true })}
      data-air={isExact ? "exact" : "coarse"}
    >
      <Text position="absolute" top="0" right="4" fontSize="xs" color="muted" zIndex="1" aria-live="polite">
        {`${words}${isExact || !shown ? "" : dragged ? " · roughly, until it is let go" : " · roughly, being worked out"}`}
      </Text>
      {option && <Drawn option={option} words={words} />}
    </Box>
  );
}

/** Curves, and what they are in words. */
export function Drawn({ option, words }: { option: EChartsCoreOption; words: string }) {
  const box = useChart(option);
  return <Box ref={box} h="100%" role="img" aria-label={words} />;
}
