import { Box, Checkbox, Flex, SimpleGrid, Stack, Table, Text } from "@chakra-ui/react";
import { lazy, Suspense, useState } from "react";
import { type Interval, TOLERANCE_MM_PER_DAY } from "#core/seal/leak/format";
import { sealedAs } from "#core/seal/test/sealedAs";
import type { TestStatus } from "#core/seal/test/standing";
import { isPassed } from "#core/seal/test/standing";
import { testLevel } from "#core/seal/testLevel";
import { formatFineLength, formatLengthWithUnit, type LengthDisplay } from "#core/units/format";
import { parseLength } from "#core/units/length";
import { useBuildHandle, useShown, useUnits } from "../../state/context";
import { useLog } from "../../state/useLog";
import { Select } from "../../ui/fields";
import { Fields, Panel } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { QuietButton } from "../../ui/QuietButton";
import { FigureReading, Reading } from "../../ui/Reading";
import { TextField } from "../../ui/TextField";
import { Gauge } from "./Gauge";

const TestPlot = lazy(() => import("./TestPlot").then((m) => ({ default: m.TestPlot })));

const STATUS: Record<TestStatus, { words: string; tone: string; soft: string }> = {
  untested: { words: "Untested", tone: "mind", soft: "mindSoft" },
  running: { words: "Running", tone: "water", soft: "waterSoft" },
  grossTested: { words: "No gross leak", tone: "mind", soft: "mindSoft" },
  tested: { words: "Tested", tone: "fern", soft: "fernSoft" },
  testedBeforeDressing: { words: "Tested before dressing", tone: "fern", soft: "fernSoft" },
  leaks: { words: "Leaks", tone: "stop", soft: "stopSoft" },
};

const perDay = ({ value, low, high }: Interval, units: LengthDisplay) => {
  const [middle, least, most] = [value, low, high].map((mm) => formatFineLength(mm, units, 2));
  return `${middle} a day (${least} to ${most})`;
};

/** The water test: what it takes, its readings, and where it stands. */
export function TestPanel() {
  const levelMm = useShown(({ plan }) => testLevel(plan.shell.levels).levelMm);
  const test = useShown(({ plan }) => plan.test);
  const { units } = useUnits();
  const { words, tone, soft } = STATUS[test.status];
  return (
    <Panel title="Water test">
      <Flex gap="3" align="baseline" wrap="wrap" mb="3">
        <Text fontWeight="bold" color={tone} bg={soft} px="2" borderRadius="sm" data-status={test.status}>
          {words}
        </Text>
        <Text fontSize="sm" flex="1" minW="14rem">
          {test.why}
        </Text>
      </Flex>
      <Fields min="9rem">
        <Reading label="Fill to" value={formatLengthWithUnit(levelMm, units)} />
        <FigureReading id="seal/test-litres" />
        <FigureReading id="seal/test-kg" />
      </Fields>
      {test.begun && !test.ended && <Running />}
      {test.begun && <Readings />}
      {test.ended && isPassed(test) && <Disturb />}
      {!test.begun && <Begin />}
      {test.ended && <Again />}
    </Panel>
  );
}

/** Reads lengths typed in local fields; undefined where they cannot be read. */
function useTyped() {
  const { units } = useUnits();
  return (text: string): number | undefined => {
    const mm = parseLength(text, units.unit);
    return mm.ok && mm.value >= 0 ? mm.value : undefined;
  };
}

/** Another test, asked for only when it is wanted. */
function Again() {
  const [open, setOpen] = useState(false);
  if (open) return <Begin />;
  return (
    <Box mt="4">
      <QuietButton size="xs" onClick={() => setOpen(true)}>
        Test again
      </QuietButton>
    </Box>
  );
}

function Begin() {
  const { api } = useBuildHandle();
  const fillMm = useShown(({ plan }) => testLevel(plan.shell.levels).levelMm);
  const { units } = useUnits();
  const log = useLog();
  const read = useTyped();
  const [level, setLevel] = useState(formatLengthWithUnit(fillMm, units));
  const [error, setError] = useState(formatFineLength(0.3, units, 1));
  const [pan, setPan] = useState(true);
  const [like, setLike] = useState<"0.05" | "0.1" | "0.2">("0.1");
  const [levelMm, errorMm] = [read(level), read(error)];
  const ready = levelMm !== undefined && levelMm > 0 && errorMm !== undefined && errorMm >= 0.01 && errorMm <= 10;
  const [dressed, setDressed] = useState(false);
  return (
    <Box mt="4">
      <Text fontSize="xs" color="muted" mb="2">
        Level, on its stand, before anything covers the seams. First reading two hours after filling, when boards and
        bubbles have settled. Unplug what is near; water runs to sockets.
      </Text>
      <Fields min="9rem">
        <TextField label="Filled to" value={level} onChange={setLevel} />
        <TextField label="A reading is good to" value={error} onChange={setError} />
        <Select
          label="The pan dries as the shell does, give or take"
          value={like}
          options={[
            ["0.05", "5 %: same depth, side by side"],
            ["0.1", "10 %: inside, near the level"],
            ["0.2", "20 %: inside, elsewhere"],
          ]}
          onChange={setLike}
        />
      </Fields>
      <Flex gap="4" mt="2" align="center" wrap="wrap">
        <Tick label="An open pan of the same water stands inside" on={pan} change={setPan} />
        <Tick label="Something covers the seams already" on={dressed} change={setDressed} />
        <QuietButton
          disabled={!ready}
          onClick={() =>
            ready &&
            log.add({
              ...{ kind: "test-begun", test: crypto.randomUUID(), levelMm, pan, dressed },
              ...{ mismatch: Number(like), readingErrorMm: errorMm, sealed: sealedAs(api.shown.getState().plan.site) },
            })
          }
        >
          Begin the test
        </QuietButton>
      </Flex>
      {!ready && (
        <Text role="alert" fontSize="xs" color="stop" mt="1">
          Type the level as a length, and how fine a reading is, from {formatFineLength(0.01, units, 2)} to{" "}
          {formatFineLength(10, units, 0)}.
        </Text>
      )}
    </Box>
  );
}

function Tick({ label, on, change }: { label: string; on: boolean; change: (on: boolean) => void }) {
  return (
    <Checkbox.Root size="sm" checked={on} onCheckedChange={({ checked }) => change(checked === true)}>
      <Checkbox.HiddenInput />
      <Checkbox.Control borderColor="muted" _checked={{ bg: "fern", borderColor: "fern", color: "fernInk" }} />
      <Checkbox.Label>{label}</Checkbox.Label>
    </Checkbox.Root>
  );
}

function Running() {
  const { begun: started, verdict, lacks } = useShown(({ plan }) => plan.test);
  const log = useLog();
  const read = useTyped();
  const begun = started!;
  const [level, setLevel] = useState("");
  const [pan, setPan] = useState("");
  const [levelMm, panMm] = [read(level), begun.pan ? read(pan) : null];
  const ready = levelMm !== undefined && panMm !== undefined;
  const { test } = begun;
  const { moreHours } = verdict ?? { moreHours: null };
  return (
    <Box mt="4">
      <Fields min="8rem">
        <TextField label="Shell, level now" value={level} onChange={setLevel} />
        {begun.pan && <TextField label="Pan, level now" value={pan} onChange={setPan} />}
        <Box alignSelf="end">
          <QuietButton
            disabled={!ready}
            onClick={() => {
              if (!ready) return;
              log.add({ kind: "test-read", test, levelMm, panMm, readAt: null });
              setLevel("");
              setPan("");
            }}
          >
            Keep this reading
          </QuietButton>
        </Box>
      </Fields>
      <Flex gap="2" mt="3" wrap="wrap" align="center">
        <Text fontSize="sm">Papers under the seams:</Text>
        <QuietButton size="xs" onClick={() => log.add({ kind: "papers-looked", test, found: "dry" })}>
          dry
        </QuietButton>
        <QuietButton size="xs" onClick={() => log.add({ kind: "papers-looked", test, found: "wet" })}>
          wet
        </QuietButton>
        <QuietButton size="xs" onClick={() => log.add({ kind: "test-ended", test })}>
          End the test
        </QuietButton>
        {moreHours !== null && moreHours > 0 && <Text fontSize="sm" color="water">{`about ${moreHours} h more`}</Text>}
      </Flex>
      {lacks.length > 0 && (
        <Text fontSize="xs" color="muted" mt="2">{`Before it is a pass it wants ${lacks.join("; ")}.`}</Text>
      )}
      <Gauge begun={begun} />
    </Box>
  );
}

function Readings() {
  const { say, units } = useUnits();
  const log = useLog();
  const test = useShown(({ plan }) => plan.test);
  const { readings, verdict, fault, papers, ended, begun } = test;
  return (
    <Box mt="4">
      {fault && (
        <Text role="alert" fontSize="sm" color="stop" mb="2">
          {`${fault} All readings are kept; take back the one that is wrong.`}
        </Text>
      )}
      {verdict && (
        <SimpleGrid columns={{ base: 1, lg: 2 }} gap="4">
          <Suspense fallback={<Box h="15rem" />}>
            <TestPlot test={test} />
          </Suspense>
          <Stack gap="2">
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
            <Text fontSize="xs" color="muted">
              Straight lines by least squares, 95 % intervals; the pan may differ from the shell by{" "}
              {`${Math.round(begun!.mismatch * 100)} %`}.{" "}
              {`${formatFineLength(TOLERANCE_MM_PER_DAY, units, 1)} a day is let pass.`}
            </Text>
          </Stack>
        </SimpleGrid>
      )}
      {readings.length > 0 && (
        <Box maxH="14rem" overflowY="auto" mt="3" tabIndex={0} role="region" aria-label="Readings">
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
        </Box>
      )}
    </Box>
  );
}

function Disturb() {
  const log = useLog();
  const done = (how: "carried" | "drilled" | "resealed" | "turned", words: string) => (
    <QuietButton key={how} size="xs" onClick={() => log.add({ kind: "base-disturbed", how })}>
      {words}
    </QuietButton>
  );
  return (
    <Flex gap="2" mt="4" wrap="wrap" align="center">
      <Text fontSize="sm">Since then it was</Text>
      {[
        done("carried", "carried elsewhere"),
        done("drilled", "drilled"),
        done("resealed", "sealed again"),
        done("turned", "turned over"),
      ]}
    </Flex>
  );
}
