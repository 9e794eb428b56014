import type { BoxProps } from "@chakra-ui/react";
import { useEffect, useMemo, useState } from "react";
import { DAY } from "#core/day/facts";
import { sharedBands } from "#core/day/inBand";
import { fitGiven } from "#core/day/toFit";
import type { HourCurves } from "#core/gauge/curves";
import { formatNumber } from "#core/units/format";
import { useDesign, useShown } from "../../state/context";
import { ChartBox } from "./ChartBox";
import { gaugeCurves } from "./curves/gauge";
import { newGaugeWorker } from "./gaugeWorker";
import { useReadings } from "./useReadings";

/** The newest readings as curves, with what they were to be as designed and as fitted. */
export function GaugeChart({ height }: { height: BoxProps["height"] }) {
  const { reads, fit } = useReadings();
  const residents = useDesign((d) => d.brief.residents);
  const day = useShown(({ plan }) => plan.facts.one(DAY));
  const read = reads.find((r) => r.entry === fit?.event.read) ?? reads.at(-1);
  const own = fit && read && fit.event.read === read.entry ? fit.event : null;
  const [curves, setCurves] = useState<{ before: HourCurves; after: HourCurves | null }>();
  useEffect(() => {
    if (!day || !read) return;
    const { door, failed, end } = newGaugeWorker();
    let gone = false;
    Promise.race([
      door.curves(fitGiven(day, read.event), own && { unknowns: own.unknowns, instrument: own.instrument }),
      failed,
    ]).then(
      (drawn) => !gone && setCurves(drawn),
      () => {},
    );
    return () => {
      gone = true;
      end();
    };
  }, [day, read, own]);
  const who = residents.length === 1 ? residents[0]!.name : "all who live here";
  const option = useMemo(
    () => (curves && read ? gaugeCurves(read.event, curves, sharedBands(residents), who) : null),
    [curves, read, residents, who],
  );
  const words = !read
    ? "Nothing has been read yet."
    : own
      ? `${read.event.place}: off by ${formatNumber(own.before.rh, 1)} % rh as designed, ${formatNumber(own.after.rh, 1)} as fitted`
      : `${read.event.place}: not fitted yet`;
  return <ChartBox {...{ height, option, words }} data-board data-gauge />;
}
