import { Box, Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { sealedAs } from "#core/seal/test/sealedAs";
import { isPassed } from "#core/seal/test/standing";
import { testLevel } from "#core/seal/testLevel";
import { formatFineLength, formatLengthWithUnit } from "#core/units/format";
import { FigureReading, Reading } from "../fields/Reading";
import { useBuildHandle, useShown, useUnits } from "../state/context";
import { newId } from "../state/newId";
import { useLog } from "../state/useLog";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { Select } from "../ui/Select";
import { TextField } from "../ui/TextField";
import { Tick } from "../ui/Tick";
import { TEST_STATUS } from "../words/testStatus";
import { Gauge } from "./Gauge";
import { useTyped } from "./useTyped";

/** The water test: where it stands, what it takes, and what was read. */
export function TestFields() {
  const levelMm = useShown(({ plan }) => testLevel(plan.shell.levels).levelMm);
  const test = useShown(({ plan }) => plan.test);
  const { units } = useUnits();
  const { words, tone, soft } = TEST_STATUS[test.status];
  return (
    <>
      <Text fontSize="sm" mb="1.5">
        <Text as="span" fontWeight="bold" color={tone} bg={soft} px="1.5" borderRadius="sm" data-status={test.status}>
          {words}
        </Text>{" "}
        {test.why}
      </Text>
      <Fields>
        <Reading label="Fill to" value={formatLengthWithUnit(levelMm, units)} />
        <FigureReading id="seal/test-litres" />
        <FigureReading id="seal/test-kg" />
      </Fields>
      {test.begun && !test.ended && <Running />}
      {test.ended && isPassed(test) && <Disturb />}
      {!test.begun && <Begin />}
      {test.ended && <Again />}
    </>
  );
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
        <Tick label="An open pan of the same water stands inside" on={pan} onChange={setPan} />
        <Tick label="Something covers the seams already" on={dressed} onChange={setDressed} />
        <QuietButton
          disabled={!ready}
          onClick={() =>
            ready &&
            log.add({
              ...{ kind: "test-begun", test: newId(), levelMm, pan, dressed },
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
