import { Box, Flex, Text } from "@chakra-ui/react";
import { statedMm } from "#core/design/measure";
import { FACES } from "#core/design/names";
import { chosenVariant } from "#core/document/variant";
import { featureKind } from "#core/features/index";
import { featureName } from "#core/features/name";
import { type LabelField, WEIGHT } from "#core/fixtures/kinds/label";
import { fixtureKind } from "#core/fixtures/kinds/list";
import { CONTROL_WORDS, CONTROLS, HELD_BY } from "#core/fixtures/names";
import type { Fixture, UvReading } from "#core/fixtures/schema";
import { isThermostat } from "#core/fixtures/switched";
import { ChoiceField, MaybeChoiceField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { useBuildHandle, useDecision, useVariant } from "../state/context";
import { useDraft } from "../state/useDraft";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { TextField } from "../ui/TextField";
import { Tick } from "../ui/Tick";
import { Measured } from "./measured";
import { useIndex } from "./useIndex";
import { WayFields } from "./way";

const HELD_WORDS: Record<(typeof HELD_BY)[number], string> = {
  unknown: "not said yet",
  rests: "rests on it",
  bracket: "bracket",
  screws: "screws",
  hung: "hung from above",
  clips: "clips",
  glued: "glued or taped",
};
const options = <K extends string>(list: readonly K[], words: Record<K, string>) =>
  list.map((k) => [k, words[k]] as const);
const unknown = { optional: true, empty: "not known" } as const;

/** A fixture: where it is, what its label says, and how it is held and switched. */
export function FixtureFields({ id }: { id: string }) {
  const i = useIndex((v) => v.fixtures, id);
  // Only what its fields are: each asks for its own value, so that a move draws two of them anew.
  const kind = useVariant((v) => v.fixtures.find((f) => f.id === id)?.kind);
  const ticks = useVariant((v) => ticksOf(v.fixtures.find((f) => f.id === id)));
  const uv = useVariant((v) => uvOf(v.fixtures.find((f) => f.id === id)));
  const inside = useVariant((v) => v.fixtures.find((f) => f.id === id)?.side === "inside");
  if (i < 0 || !kind) return null;
  const { inRoom, label = [], choices = [] } = fixtureKind({ kind });
  const path = `/fixtures/${i}`;
  return (
    <>
      <Fields>
        <NameField label="Name" path={`${path}/name`} />
        {!inRoom && <PlaceFields path={path} />}
        {choices.map(({ at, what, options: list }) => (
          <ChoiceField key={at} label={what} path={`${path}/${at}`} options={list} />
        ))}
        {label.map((field) => (
          <OwnField key={field.at} field={field} path={path} />
        ))}
        {!inRoom && (
          <>
            <OwnField field={WEIGHT} path={path} />
            <ChoiceField label="Held by" path={`${path}/held`} options={options(HELD_BY, HELD_WORDS)} />
            <ChoiceField label="Switched by" path={`${path}/control`} options={options(CONTROLS, CONTROL_WORDS)} />
            <SetField path={path} />
            <HoursField path={path} />
            <MeasureField label="Plug, the long way" path={`${path}/plug`} optional empty="none passes" />
            <PortField path={path} />
            {inside && <WayFields path={path} />}
            <IpField path={path} />
          </>
        )}
      </Fields>
      <Box mt="2">
        {!inRoom && <TickField label="A second hold keeps it up" path={`${path}/second`} />}
        <TickField label="On the mains itself" path={`${path}/mains`} />
        {TICKS.map(([at, words]) => ticks.includes(at) && <TickField key={at} label={words} path={`${path}/${at}`} />)}
        <HadTick path={path} />
      </Box>
      {uv && <Readings id={id} uv={uv} path={path} />}
      <Measured id={id} kind={kind} uv={uv !== undefined} />
    </>
  );
}

/** What is ticked, of those that have it. */
const TICKS = [
  ["cutOut", "A high-limit cut-out of its own"],
  ["guard", "A guard round it"],
  ["shade", "A metal shade over it"],
] as const;

/** Which of them a fixture has, in a line. */
const ticksOf = (fixture: Fixture | undefined): string =>
  TICKS.flatMap(([at]) => (fixture && at in fixture ? [at] : [])).join(" ");
const uvOf = (fixture: Fixture | undefined): readonly UvReading[] | undefined =>
  fixture && "uv" in fixture ? fixture.uv : undefined;

/** One figure of a label. Readings have a list of their own. */
function OwnField({ field: { at, what, is, unit, set }, path }: { field: LabelField; path: string }) {
  if (is === "readings") return null;
  const known = set ? {} : unknown;
  return is === "length" ? (
    <MeasureField label={what} path={`${path}/${at}`} {...known} />
  ) : (
    <MeasureField label={what} kind="plain" path={`${path}/${at}`} {...(unit && { suffix: unit })} {...known} />
  );
}

/** What its thermostat is set to, where one switches it. */
function SetField({ path }: { path: string }) {
  const { value } = useDecision<Fixture["control"]>(`${path}/control`);
  if (!isThermostat(value)) return null;
  return (
    <MeasureField label="Set to" suffix="°C" kind="plain" path={`${path}/set`} optional empty="middle of its band" />
  );
}

/** Its IP code, two digits, where its label has one. */
function IpField({ path }: { path: string }) {
  const { value, attempt } = useDecision<number | null>(`${path}/ip`);
  return (
    <MaybeText
      label="IP code"
      value={value === null ? "" : String(value)}
      take={(text) => {
        const digits = text.replace(/^ip\s*/i, "");
        if (text !== "" && !/^[0-6]\d$/.test(digits))
          return "Two digits, such as 67; leave it empty where it has none.";
        return attempt(text === "" ? null : Number(digits))[0]?.message ?? null;
      }}
    />
  );
}

/** A line of text that may be empty: taken when it is left, and kept with what was wrong where it is refused. */
function MaybeText({ label, value, take }: { label: string; value: string; take: (text: string) => string | null }) {
  const draft = useDraft(value);
  return (
    <Box onFocus={draft.focus} onBlur={() => draft.leave(draft.touched ? take(draft.text.trim()) : null)}>
      <TextField label={label} value={draft.text} error={draft.error} onChange={(text) => draft.type(text)} />
    </Box>
  );
}

function HadTick({ path }: { path: string }) {
  const { value, commit } = useDecision<"bought" | "have">(`${path}/got`);
  return <Tick label="Had already" on={value === "have"} onChange={(on) => commit(on ? "have" : "bought")} />;
}

function PlaceFields({ path }: { path: string }) {
  return (
    <>
      <ChoiceField label="Face" path={`${path}/face`} options={FACES.map((f) => [f, f] as const)} />
      <ChoiceField
        label="Side"
        path={`${path}/side`}
        options={[
          ["outside", "outside"],
          ["inside", "inside"],
        ]}
      />
      <MeasureField label="Its middle, from the left" path={`${path}/u`} />
      <MeasureField label="Its middle, up the face" path={`${path}/v`} />
      <MeasureField label="Wide" path={`${path}/width`} />
      <MeasureField label="Long" path={`${path}/length`} />
      <MeasureField label="Reaches off the face" path={`${path}/height`} />
      <MeasureField label="Open room to the face" path={`${path}/off`} />
    </>
  );
}

/** From when to when it is on, `8:00 to 20:00`; empty for day and night. */
function HoursField({ path }: { path: string }) {
  const { value, attempt } = useDecision<{ from: string; to: string } | null>(`${path}/hours`);
  return (
    <MaybeText
      label="On, from and to"
      value={value ? `${value.from} to ${value.to}` : ""}
      take={(text) => {
        const read = text.match(/^(\d{1,2}:\d\d)\s*(?:-|–|to)\s*(\d{1,2}:\d\d)$/);
        if (text !== "" && !read) return "Type hours such as 8:00 to 20:00; leave it empty for day and night.";
        const clock = (t: string) => t.padStart(5, "0");
        return attempt(read ? { from: clock(read[1]!), to: clock(read[2]!) } : null)[0]?.message ?? null;
      }}
    />
  );
}

/** The port its cable passes. */
function PortField({ path }: { path: string }) {
  const ports = useVariant((v) => v.features);
  const list = ports.filter((f) => featureKind(f).passes).map((f) => [f.id, featureName(f)] as const);
  return <MaybeChoiceField label="Cable passes" path={`${path}/port`} options={list} none="no port" />;
}

/** UV read at distances on its axis. */
function Readings({ id, uv: list, path }: { id: string; uv: readonly UvReading[]; path: string }) {
  const { api } = useBuildHandle();
  const change = (to: (uv: UvReading[]) => void) =>
    api.commit((draft) => {
      const own = chosenVariant(draft).fixtures.find((f) => f.id === id);
      if (own && "uv" in own) to(own.uv);
    });
  const last = list.at(-1);
  const add = () =>
    change(
      (uv) =>
        void uv.push(
          last
            ? { mm: statedMm(last.mm.value * 1.5), uvi: statedMm(Math.round(last.uvi.value * 50) / 100) }
            : { mm: statedMm(250), uvi: statedMm(1) },
        ),
    );
  return (
    <Box mt="2">
      <Text fontSize="xs" color="muted">
        UV index at a distance, through its own mesh if it has one.
      </Text>
      {list.map((_, n) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a reading is known by its place alone.
        <Fields key={n}>
          <MeasureField label="Read at" path={`${path}/uv/${n}/mm`} />
          <Flex gap="1" align="end">
            <MeasureField label="UV index" kind="plain" path={`${path}/uv/${n}/uvi`} />
            <QuietButton
              size="xs"
              px="1.5"
              onClick={() => change((uv) => void uv.splice(n, 1))}
              aria-label="Leave this reading out"
            >
              out
            </QuietButton>
          </Flex>
        </Fields>
      ))}
      <Box mt="1.5">
        <QuietButton size="xs" onClick={add}>
          Add a reading
        </QuietButton>
      </Box>
    </Box>
  );
}
