import { Box, Flex, Text } from "@chakra-ui/react";
import { proxy } from "comlink";
import { lazy } from "react";
import { useStore } from "zustand";
import { DAY } from "#core/day/facts";
import { fitGiven, tooFew } from "#core/day/toFit";
import type { Fit } from "#core/gauge/fit";
import type { Logged } from "#core/gauge/logged";
import { PASS_STEPS_S } from "#core/gauge/passes";
import type { AirRead } from "#core/gauge/schema";
import { fitWords } from "#core/gauge/words";
import { RowSheet } from "../../frame/Rows";
import { Wide } from "../../frame/Wide";
import { useShown } from "../../state/context";
import { useLog } from "../../state/useLog";
import { ActButton } from "../../ui/ActButton";
import { Going } from "../../ui/Going";
import { QuietButton } from "../../ui/QuietButton";
import { newGaugeWorker } from "./gaugeWorker";
import type { AirJobs } from "./useJobs";
import { useReadings } from "./useReadings";

const BringReadings = lazy(() => import("./BringReadings").then((m) => ({ default: m.BringReadings })));
const SimulatedGauge = lazy(() => import("./SimulatedGauge").then((m) => ({ default: m.SimulatedGauge })));

const PASSES = PASS_STEPS_S.length;

const lastsWords = ({ from, tempC, rh }: AirRead): string => {
  const hours = tempC.filter((t, h) => t !== null || rh[h] !== null).length;
  const gaps = tempC.length - hours;
  return `from ${from.replace("T", " ")}, ${hours} hours${gaps > 0 ? ` and ${gaps} of nothing` : ""}`;
};

/** The builder's own gauge: its readings, and what the air's model learns of them. */
export default function AirGauge({ job }: { job: AirJobs["fit"] }) {
  const log = useLog();
  const { reads, fit } = useReadings();
  const { status, known } = useStore(job.state);
  const fitting = known?.entry;
  const day = useShown(({ plan }) => plan.facts.one(DAY));
  const keep = (entry: string, fit: Fit | null | undefined) => {
    if (fit) log.add({ kind: "air-fit", read: entry, ...fit });
  };
  const begin = ({ entry, event }: Logged<AirRead>) => {
    if (!day) return;
    const given = fitGiven(day, event);
    job.run((tell) => {
      const { door, failed, end } = newGaugeWorker();
      let [pass, last]: [number, Fit | null] = [0, null];
      tell({ entry, fit: last, pass });
      const hear = async (now: Fit) => {
        [pass, last] = [pass + 1, now];
        tell({ entry, fit: now, pass });
      };
      const done = Promise.race([door.fit(given, proxy(hear)), failed]).then(() => keep(entry, last));
      return { done, end };
    });
  };
  const stop = () => {
    job.stop();
    if (known) keep(known.entry, known.fit);
  };
  const running = status === "running";
  return (
    <RowSheet
      title="Air gauge"
      tools={
        <>
          <Wide button="Bring readings, CSV" title="Bring readings of the air gauge">
            {(close) => <BringReadings close={close} />}
          </Wide>
          <Wide button="Simulated gauge" title="A gauge made up, to learn by">
            {(close) => <SimulatedGauge close={close} />}
          </Wide>
        </>
      }
    >
      {reads.length === 0 && (
        <Text fontSize="sm" color="muted">
          Nothing read yet. A week of a cheap gauge inside, and of another in the room, tells what nobody can know from
          a drawing.
        </Text>
      )}
      {reads.map((read) => {
        const few = tooFew(read.event);
        const own = fit?.event.read === read.entry ? fit.event : undefined;
        return (
          <Box key={read.entry} mb="1.5" data-read={read.entry}>
            <Flex align="center" gap="2" wrap="wrap">
              <Text fontSize="sm" flex="1" minW="10rem">
                <b>{read.event.place}</b>{" "}
                <Text as="span" color="muted" fontSize="xs">
                  {`${lastsWords(read.event)}${read.event.room ? ", with the room" : ", the room not read"}`}
                </Text>
              </Text>
              {!running && !few && <ActButton onClick={() => begin(read)}>{own ? "Fit again" : "Fit to it"}</ActButton>}
              {!running && (
                <QuietButton
                  size="xs"
                  aria-label={`Take back the readings of ${read.event.place}`}
                  onClick={() => log.add({ kind: "taken-back", entry: read.entry })}
                >
                  Take back
                </QuietButton>
              )}
            </Flex>
            {few && (
              <Text fontSize="xs" color="mind">
                {few}
              </Text>
            )}
            {running && fitting === read.entry && (
              <Going
                words={`Pass ${Math.min(PASSES, (known?.pass ?? 0) + 1)} of ${PASSES}`}
                share={(known?.pass ?? 0) / PASSES}
                onStop={stop}
              />
            )}
            {status === "failed" && fitting === read.entry && (
              <Text role="alert" fontSize="sm" color="stop">
                The fit failed; the readings are kept. Try it again.
              </Text>
            )}
            {status === "stopped" && fitting === read.entry && !known?.fit && (
              <Text fontSize="xs" color="muted">
                Stopped before anything was known; the readings are kept.
              </Text>
            )}
            {own &&
              fitWords(own, read.event).map((words) => (
                <Text key={words} fontSize="xs">
                  {words}
                </Text>
              ))}
          </Box>
        );
      })}
    </RowSheet>
  );
}
