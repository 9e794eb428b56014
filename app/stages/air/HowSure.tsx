import { Text } from "@chakra-ui/react";
import { SURE_RUNS } from "#core/day/facts";
import { sharedBands } from "#core/day/inBand";
import { mattersMost, oddsOf } from "#core/day/sureWords";
import { RowSheet } from "../../frame/Rows";
import { useDesign } from "../../state/context";
import { Going } from "../../ui/Going";
import { QuietButton } from "../../ui/QuietButton";
import { useAir } from "./useAir";
import { useSure } from "./useSure";

/** How sure the day is: drawn again and again with all that is unknown, and which of it to measure. */
export default function HowSure() {
  const { progress, stop, goOn } = useSure();
  const { answer } = useAir();
  const residents = useDesign((d) => d.brief.residents);
  const sure = answer?.sure;
  const says = sure ? [...mattersMost(sure, sharedBands(residents)), ...oddsOf(sure).map((o) => `${o}.`)] : [];
  return (
    <RowSheet
      title="How sure it is"
      tools={
        !progress.running && (progress.stopped || (sure && sure.runs < SURE_RUNS)) ? (
          <QuietButton onClick={goOn}>Go on</QuietButton>
        ) : undefined
      }
    >
      {progress.running && (
        <Going words={`${progress.runs} of ${SURE_RUNS} draws`} share={progress.runs / SURE_RUNS} onStop={stop} />
      )}
      {progress.stopped && !sure && (
        <Text fontSize="sm" color="muted">
          Stopped before anything was known.
        </Text>
      )}
      {says.map((words) => (
        <Text key={words} fontSize="sm" mb="1">
          {words}
        </Text>
      ))}
      {sure && (
        <Text fontSize="xs" color="muted">
          {`Shaded on the curves: where nine of ten of ${sure.runs} draws lie, each with the room, and all else that nobody has measured, at another of what it may be.`}
        </Text>
      )}
      {!sure && !progress.running && !progress.stopped && (
        <Text fontSize="sm" color="muted">
          It is worked out as soon as the day is.
        </Text>
      )}
    </RowSheet>
  );
}
