import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { formatLocal, parseLocal } from "#core/design/localTime";
import type { TestStanding } from "#core/seal/test/standing";
import { simulateTest } from "../../standins/waterGauge";
import { useLog } from "../state/useLog";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { TextField } from "../ui/TextField";

const SETTLED_MINUTES = 120;
const EVERY_HOURS = 4;
const MOST_HOURS = 14 * 24;

/** A simulated gauge that reads the running test, to learn by: with a leak, an evaporation and a pan of one's choice. */
export function Gauge({ begun }: { begun: NonNullable<TestStanding["begun"]> }) {
  const log = useLog();
  const [open, setOpen] = useState(false);
  const [leak, setLeak] = useState("0.8");
  const [evaporation, setEvaporation] = useState("1.6");
  const [pan, setPan] = useState("1");
  const [hours, setHours] = useState("48");
  const [leakMm, evaporationMm, share, span] = [leak, evaporation, pan, hours].map(Number);
  const ready =
    [leakMm, evaporationMm, share, span].every((n) => Number.isFinite(n) && n! >= 0) &&
    span! >= EVERY_HOURS &&
    span! <= MOST_HOURS;
  const go = () => {
    if (!ready) return;
    const startMinutes = (parseLocal(begun.at) ?? 0) + SETTLED_MINUTES;
    const drawn = simulateTest({
      ...{ startAt: "2000-01-01T00:00:00Z", hours: span!, everyHours: EVERY_HOURS, levelMm: begun.levelMm, seed: 7 },
      ...{
        leakMmPerDay: leakMm!,
        evaporationMmPerDay: evaporationMm!,
        panShare: share!,
        readingErrorMm: begun.readingErrorMm,
      },
    });
    log.add(
      ...drawn.readings.map((r, i) => ({
        ...{ kind: "test-read" as const, test: begun.test, levelMm: Math.max(0, r.levelMm) },
        panMm: begun.pan ? Math.max(0, drawn.control.readings[i]!.levelMm) : null,
        readAt: formatLocal(startMinutes + i * EVERY_HOURS * 60),
      })),
    );
    setOpen(false);
  };
  if (!open)
    return (
      <Box mt="3">
        <QuietButton size="xs" onClick={() => setOpen(true)}>
          Let a simulated gauge read, to learn by
        </QuietButton>
      </Box>
    );
  return (
    <Box mt="3" borderTopWidth="1px" borderColor="line" pt="3">
      <Text fontSize="xs" color="muted" mb="2">
        It makes readings up, every four hours to the fineness given above: for trying the test out, not for a shell
        that will hold water.
      </Text>
      <Fields min="8rem">
        <TextField label="Leak, mm a day" value={leak} onChange={setLeak} />
        <TextField label="Evaporation, mm a day" value={evaporation} onChange={setEvaporation} />
        <TextField label="Pan dries × as fast" value={pan} onChange={setPan} />
        <TextField label="For hours" value={hours} onChange={setHours} />
        <Box alignSelf="end">
          <QuietButton disabled={!ready} onClick={go}>
            Read
          </QuietButton>
        </Box>
      </Fields>
      {!ready && (
        <Text role="alert" fontSize="xs" color="stop" mt="1">
          {`Plain numbers, none under 0; hours from ${EVERY_HOURS} to ${MOST_HOURS}.`}
        </Text>
      )}
    </Box>
  );
}
