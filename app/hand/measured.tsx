import { Box, Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { UV, WATTS } from "#core/fixtures/kinds/label";
import { fixtureKind } from "#core/fixtures/kinds/list";
import { LIGHTS, type LieByLabel } from "#core/fixtures/lit";
import { READS } from "#core/fixtures/names";
import { type Entry, readOn } from "#core/fixtures/read/asRead";
import type { FixtureRead } from "#core/fixtures/read/schema";
import type { Fixture } from "#core/fixtures/schema";
import { formatLengthWithUnit, formatNumber } from "#core/units/format";
import { useBench, useShown, useUnits } from "../state/context";
import { useLog } from "../state/useLog";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { Select } from "../ui/Select";
import { TextField } from "../ui/TextField";
import { useTyped } from "./useTyped";

interface Range {
  low: number;
  high: number;
}
const words = ({ low, high }: Range) => `${formatNumber(low)} to ${formatNumber(high)}`;

/** What a lamp does not warm by so much tells nothing of it, W/m². */
const WARMED_W_PER_M2 = 1;

/** A bare number typed in a local field; undefined where it is none, or cannot be. */
function numberIn(text: string, { low, high }: Range): number | undefined {
  const value = text.trim() === "" ? Number.NaN : Number(text.trim().replace(",", "."));
  return value >= low && value <= high ? value : undefined;
}

/** A button that logs what was typed, once all of it can be read, and what is wrong until then. */
function LogIt({ what, wants, make }: { what: string; wants: string; make: () => FixtureRead | undefined }) {
  const log = useLog();
  const [refused, setRefused] = useState(false);
  const add = () => {
    const event = make();
    setRefused(!event);
    if (event) log.add(event);
  };
  return (
    <Box mt="1">
      <QuietButton size="xs" onClick={add} aria-label={`Log ${what}`}>
        Log it
      </QuietButton>
      {refused && (
        <Text role="alert" fontSize="xs" color="stop">
          {wants}
        </Text>
      )}
    </Box>
  );
}

function UvRead({ fixture }: { fixture: string }) {
  const read = useTyped();
  const { units } = useUnits();
  const [at, setAt] = useState("");
  const [index, setIndex] = useState("");
  return (
    <Box>
      <Fields min="7rem">
        <TextField label="Measured at" value={at} onChange={setAt} />
        <TextField label="UV index there" value={index} onChange={setIndex} />
      </Fields>
      <LogIt
        what="the UV index"
        wants={`Type a distance from ${formatLengthWithUnit(READS.mm.low, units)} to ${formatLengthWithUnit(READS.mm.high, units)}, and an index from ${words(UV)}.`}
        make={() => {
          const [mm, uvi] = [read(at), numberIn(index, UV)];
          return mm && mm >= READS.mm.low && mm <= READS.mm.high && uvi
            ? { kind: "uv-read", fixture, mm, uvi }
            : undefined;
        }}
      />
    </Box>
  );
}

function WattsRead({ fixture }: { fixture: string }) {
  const [typed, setTyped] = useState("");
  return (
    <Box>
      <Fields min="7rem">
        <TextField label="Watts at the plug" value={typed} onChange={setTyped} />
      </Fields>
      <LogIt
        what="the watts"
        wants={`Type watts from ${words(WATTS)}.`}
        make={() => {
          const watts = numberIn(typed, WATTS);
          return watts ? { kind: "watts-read", fixture, watts } : undefined;
        }}
      />
    </Box>
  );
}

function SurfaceRead({ fixture, lies }: { fixture: string; lies: readonly LieByLabel[] }) {
  const [chosen, choose] = useState(lies[0]!.id);
  const [surface, setSurface] = useState("");
  const [air, setAir] = useState("");
  const lie = lies.find((l) => l.id === chosen) ?? lies[0]!;
  const sum = (own: boolean) => lie.byLamp.reduce((s, b) => ((b.id === fixture) === own ? s + b.wPerM2 : s), 0);
  return (
    <Box>
      <Fields min="7rem">
        <Select
          label="Surface of"
          value={lie.id}
          options={lies.map((l) => [l.id, l.name] as const)}
          onChange={choose}
        />
        <TextField label="It is, °C" value={surface} onChange={setSurface} />
        <TextField label="Air in its shade, °C" value={air} onChange={setAir} />
      </Fields>
      <LogIt
        what="the surface"
        wants={`Type both in °C: a surface from ${words(READS.surfaceC)}, and air from ${words(READS.airC)}.`}
        make={() => {
          const [tempC, airC] = [numberIn(surface, READS.surfaceC), numberIn(air, READS.airC)];
          if (tempC === undefined || airC === undefined) return undefined;
          const [wPerM2, othersWPerM2] = [sum(true), sum(false)];
          return { kind: "surface-read", fixture, lie: lie.id, tempC, airC, wPerM2, othersWPerM2 };
        }}
      />
    </Box>
  );
}

/** What was measured of a fixture as it hangs, and under it. It goes before the label from then on. */
export function Measured({ id, kind, uv }: { id: string; kind: Fixture["kind"]; uv: boolean }) {
  const { log } = useBench();
  const room = useShown(({ plan }) => plan.facts.one(LIGHTS));
  const { units } = useUnits();
  const { label = [] } = fixtureKind({ kind });
  if (!uv && !label.includes(WATTS)) return null;
  const warmed =
    room?.lies.filter(({ byLamp }) => byLamp.some((b) => b.id === id && b.wPerM2 >= WARMED_W_PER_M2)) ?? [];
  const say = (event: FixtureRead): string => {
    if (event.kind === "uv-read")
      return `UV index ${formatNumber(event.uvi)} at ${formatLengthWithUnit(event.mm, units)}`;
    if (event.kind === "watts-read") return `${formatNumber(event.watts)} W at the plug`;
    const name = room?.lies.find((l) => l.id === event.lie)?.name ?? "A place that is gone";
    return `${name} ${formatNumber(event.tempC)} °C, air ${formatNumber(event.airC)} °C`;
  };
  return (
    <Box mt="2" data-measured={id}>
      <Text fontSize="xs" color="muted" mb="1">
        Measured as it hangs, straight under it. What is logged goes before the label.
      </Text>
      <Flex direction="column" gap="1.5">
        {uv && <UvRead fixture={id} />}
        {warmed.length > 0 && <SurfaceRead fixture={id} lies={warmed} />}
        {label.includes(WATTS) && <WattsRead fixture={id} />}
      </Flex>
      {readOn(log, id).map((entry) => (
        <ReadLine key={entry.entry} entry={entry} words={say(entry.event)} />
      ))}
    </Box>
  );
}

function ReadLine({ entry: { entry, at }, words }: { entry: Entry; words: string }) {
  const log = useLog();
  return (
    <Flex fontSize="sm" align="center" gap="2" mt="1">
      <Text flex="1">
        {words}{" "}
        <Text as="span" fontSize="xs" color="muted">
          {at.replace("T", ", ")}
        </Text>
      </Text>
      <QuietButton size="2xs" onClick={() => log.add({ kind: "taken-back", entry })} aria-label={`Take back: ${words}`}>
        undo
      </QuietButton>
    </Flex>
  );
}
