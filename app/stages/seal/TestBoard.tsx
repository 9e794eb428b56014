import { Box, Grid, Stack, Table, Text } from "@chakra-ui/react";
import { lazy, Suspense } from "react";
import type { Interval } from "#core/seal/leak/format";
import { TOLERANCE_MM_PER_DAY } from "#core/seal/leak/tolerance";
import { formatFineLength, type LengthDisplay } from "#core/units/format";
import { Reading } from "../../fields/Reading";
import { useShown, useUnits } from "../../state/context";
import { useLog } from "../../state/useLog";
import { PlainTable } from "../../ui/PlainTable";
import { QuietButton } from "../../ui/QuietButton";
import { BOARD_HEIGHT } from "../../ui/room";

const TestPlot = lazy(() => import("./TestPlot").then((m) => ({ default: m.TestPlot })));

const perDay = ({ value, low, high }: Interval, units: LengthDisplay) => {
  const [middle, least, most] = [value, low, high].map((mm) => formatFineLength(mm, units, 2));
  return `${middle} a day (${least} to ${most})`;
};

/** What a water test's readings say, beside them as they fall: as high as a board. */
export function TestBoard() {
  const { units } = useUnits();
  const test = useShown(({ plan }) => plan.test);
  const { verdict, fault, papers, begun } = test;
  return (
    <Box data-board h={BOARD_HEIGHT} minH="200px" overflow="hidden" flex="0 0 auto">
      {fault && (
        <Text role="alert" fontSize="sm" color="stop" mb="2">
          {`${fault} All readings are kept; take back the one that is wrong.`}
        </Text>
      )}
      {!verdict && !fault && (
        <Text fontSize="sm" color="muted">
          Two readings and more are drawn here, with the leak they tell.
        </Text>
      )}
      {verdict && (
        <Grid templateColumns={{ base: "1fr", md: "minmax(0, 1.4fr) minmax(0, 1fr)" }} gap="3" h="100%">
          <Suspense fallback={<Box />}>
            <TestPlot test={test} />
          </Suspense>
          <Stack gap="1.5">
            <Reading label="Shell loses" value={perDay(verdict.shellMmPerDay, units)} />
            <Reading
              label="Pan loses"
              value={verdict.evaporationMmPerDay ? perDay(verdict.evaporationMmPerDay, units) : "no pan"}
            />
            <Reading
              label="So the leak is"
              value={verdict.leakMmPerDay ? perDay(verdict.leakMmPerDay, units) : "not to be told without a pan"}
            />
            {verdict.leakMlPerDay && (
              <Reading
                label="In millilitres a day"
                value={`${Math.round(verdict.leakMlPerDay.value)} (${Math.round(verdict.leakMlPerDay.low)} to ${Math.round(verdict.leakMlPerDay.high)})`}
              />
            )}
            <Reading label="Papers" value={papers === "notLooked" ? "not looked at" : papers} />
            <Text fontSize="xs" color="muted" lineHeight="1.3">
              Straight lines by least squares, 95 % intervals; the pan may differ from the shell by{" "}
              {`${Math.round(begun!.mismatch * 100)} %`}.{" "}
              {`${formatFineLength(TOLERANCE_MM_PER_DAY, units, 1)} a day is let pass.`}
            </Text>
          </Stack>
        </Grid>
      )}
    </Box>
  );
}

/** Every reading of the test, each to be taken back while it runs. */
export function TestReadings() {
  const { say, units } = useUnits();
  const log = useLog();
  const { readings, ended } = useShown(({ plan }) => plan.test);
  if (readings.length === 0) return null;
  return (
    <PlainTable heads={["Read at", { text: "Shell", end: true }, { text: "Pan", end: true }, ""]}>
      {readings.map((r) => (
        <Table.Row key={r.entry}>
          <Table.Cell fontFamily="mono">{r.at.replace("T", " ")}</Table.Cell>
          <Table.Cell textAlign="end" fontFamily="mono">
            {formatFineLength(r.levelMm, units, 1)}
          </Table.Cell>
          <Table.Cell textAlign="end" fontFamily="mono">
            {r.panMm === null ? "–" : formatFineLength(r.panMm, units, 1)}
          </Table.Cell>
          <Table.Cell textAlign="end">
            {!ended && (
              <QuietButton
                size="2xs"
                onClick={() => log.add({ kind: "taken-back", entry: r.entry })}
                aria-label={`Take back the reading of ${say(r.levelMm)}`}
              >
                take back
              </QuietButton>
            )}
          </Table.Cell>
        </Table.Row>
      ))}
    </PlainTable>
  );
}
