import type { BoxProps } from "@chakra-ui/react";
import { useMemo } from "react";
import { hoursInBand, safeHoursInBand, sharedBands } from "#core/day/inBand";
import { spanWords } from "#core/units/format";
import { useDesign } from "../../state/context";
import { ChartBox } from "./ChartBox";
import { dayCurves } from "./curves/day";
import { monthCurves } from "./curves/month";
import { useAir } from "./useAir";

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
    ? `${spanWords(shown.tempC, "°C")}, ${spanWords(shown.rh, "% rh")} over the day${inBand === null ? "" : ` · in band ${inBand} h of 24${safe === null ? "" : `, likely; ${safe} to be safe`}`}`
    : "The day is being worked out.";
  return (
    <ChartBox
      {...{ height, option, name: words }}
      {...(board && { "data-board": true })}
      words={`${words}${isExact || !shown ? "" : dragged ? " · roughly, until it is let go" : " · roughly, being worked out"}`}
      data-air={isExact ? "exact" : "coarse"}
    />
  );
}
