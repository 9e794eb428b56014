import { Box, Flex, Input, NativeSelect, SimpleGrid, Stack, Text } from "@chakra-ui/react";
import { Plus } from "lucide-react";
import { statedMm } from "#core/design/measure";
import { GAP_FACTOR } from "#core/residents/factors";
import type { Resident } from "#core/residents/schema";
import { STARTER_RESIDENTS } from "#core/residents/starters";
import { formatNumber } from "#core/units/format";
import { parseMoneyMinor, plainMoney } from "#core/units/money";
import { useBench, useBuildHandle, useDecision, useDesign } from "../../state/context";
import { useDraft } from "../../state/useDraft";
import { ChoiceField, CountField, TickField } from "../../ui/fields";
import { Labelled } from "../../ui/Labelled";
import { MeasureField } from "../../ui/MeasureField";
import { NameField } from "../../ui/NameField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";
import { FigureReading } from "../../ui/Reading";
import { StageHead } from "../StageHead";
import { type Range, RangeField } from "./RangeField";

const blank = (id: string): Resident => ({
  ...STARTER_RESIDENTS[0]!,
  id,
  name: "My animal",
  narrowestRigid: null,
  groundDepth: null,
  strong: false,
  needs: { length: null, width: null, height: null },
  reach: null,
  traits: { climbs: false, toePads: false, digs: false, wetSkin: false, eatsGround: false, wantsPrivacy: false },
  bands: { tempC: null, rh: null },
  note: "",
});

const TRAITS: readonly [keyof Resident["traits"], string][] = [
  ["climbs", "Climbs"],
  ["toePads", "Toe pads"],
  ["digs", "Digs"],
  ["wetSkin", "Wet skin"],
  ["eatsGround", "Eats its ground"],
  ["wantsPrivacy", "Wants privacy"],
  ["chews", "Chews foam and rubber"],
];

/** Who it is for, the room it stands in, and what it may cost. */
export default function BriefStage() {
  const who = useDesign((d) => d.brief.residents)
    .map((r) => `${r.count} × ${r.name.toLowerCase()}`)
    .join(", ");
  return (
    <Stack gap="3">
      <StageHead title="Brief" summary={who ? `for ${who}` : "who will live here?"} />
      <Residents />
      <SimpleGrid columns={{ base: 1, xl: 2 }} gap="3">
        <Panel title="Room and home">
          <Fields>
            <RangeField label="Room" unit="°C" path="build:/brief/room/tempC" />
            <RangeField label="Room air" unit="% rh" path="build:/brief/room/rh" />
          </Fields>
          <Box mt="3">
            <TickField label="Children at home" path="build:/brief/childrenAtHome" />
          </Box>
        </Panel>
        <SizePanel />
        <Panel title="Build">
          <Fields>
            <NameField label="Name" path="build:/name" most={80} />
            <BudgetField />
          </Fields>
          <Box mt="3">
            <NameField label="Note" path="build:/brief/note" long />
          </Box>
        </Panel>
      </SimpleGrid>
    </Stack>
  );
}

function Residents() {
  const { api } = useBuildHandle();
  const residents = useDesign((d) => d.brief.residents);
  const add = (id: string) =>
    api.commit((draft) => {
      const taken = new Set(draft.brief.residents.map((r) => r.id));
      const from = STARTER_RESIDENTS.find((r) => r.id === id);
      const stem = from?.id ?? "resident";
      let free = stem;
      for (let n = 2; taken.has(free); n++) free = `${stem}-${n}`;
      draft.brief.residents.push(from ? { ...structuredClone(from), id: free } : blank(free));
    });
  return (
    <Panel title="Residents">
      <Text fontSize="sm" color="muted" mb="3">
        Every gap is judged against the narrowest rigid measure: the smallest hole that the hardest, widest part of the
        smallest stage passes. Hatchlings, if they breed.
      </Text>
      <Stack gap="4">
        {residents.map((resident, i) => (
          <ResidentCard key={resident.id} resident={resident} index={i} />
        ))}
      </Stack>
      <Flex gap="2" mt="3" align="center">
        <NativeSelect.Root size="sm" maxW="16rem">
          <NativeSelect.Field
            aria-label="Add a resident"
            bg="sheet"
            borderColor="line"
            value=""
            onChange={(event) => {
              if (event.currentTarget.value) add(event.currentTarget.value);
            }}
          >
            <option value="">Add a resident…</option>
            {STARTER_RESIDENTS.map((r) => (
              <option key={r.id} value={r.id}>
                {r.name}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
        <QuietButton onClick={() => add("")}>
          <Plus size={14} /> Another animal
        </QuietButton>
      </Flex>
    </Panel>
  );
}

function ResidentCard({ resident, index }: { resident: Resident; index: number }) {
  const { api } = useBuildHandle();
  const path = `build:/brief/residents/${index}`;
  const factor = GAP_FACTOR[resident.body];
  const remove = () =>
    api.commit((draft) => {
      draft.brief.residents = draft.brief.residents.filter((r) => r.id !== resident.id);
    });
  return (
    <Box borderTopWidth="1px" borderColor="line" pt="3">
      <Fields min="8.5rem">
        <NameField label="Animal" path={`${path}/name`} most={80} />
        <CountField label="How many" path={`${path}/count`} max={10000} />
        <MeasureField
          label="Narrowest rigid measure"
          path={`${path}/narrowestRigid`}
          optional
          how="measured"
          hint={resident.narrowestRigid?.how === "guessed" ? "a guess, from memory" : undefined}
        />
        <ChoiceField
          label="Body"
          path={`${path}/body`}
          options={[
            ["scaled", "scaled, or a rodent"],
            ["softBodied", "soft-bodied"],
            ["hardBodied", "hard-bodied invertebrate"],
            ["flattener", "roach or other flattener"],
          ]}
        />
        <MeasureField label="A gap it was seen refused" path={`${path}/refusedGap`} optional how="measured" />
        <MeasureField label="Ground it needs" path={`${path}/groundDepth`} optional />
        <MeasureField label="Floor it needs, long" path={`${path}/needs/length`} optional />
        <MeasureField label="Floor it needs, wide" path={`${path}/needs/width`} optional />
        <MeasureField label="Height it needs" path={`${path}/needs/height`} optional hint="above the ground" />
        <MeasureField label="Reach up a wall" path={`${path}/reach`} optional />
        <BandField label="Its warmth" unit="°C" path={`${path}/bands/tempC`} from={{ low: 20, high: 28 }} />
        <BandField label="Its air" unit="% rh" path={`${path}/bands/rh`} from={{ low: 40, high: 70 }} />
      </Fields>
      <Flex gap="4" mt="2.5" wrap="wrap">
        {TRAITS.map(([trait, words]) => (
          <TickField key={trait} label={words} path={`${path}/traits/${trait}`} />
        ))}
      </Flex>
      <Flex gap="4" mt="2" align="center" wrap="wrap">
        <TickField label="Strong" path={`${path}/strong`} />
        <TickField label="Venomous or medically dangerous" path={`${path}/dangerous`} />
        <Text fontSize="xs" color="muted" flex="1">
          Gaps up to {formatNumber(factor.value, 2)} × its narrowest measure, from memory. {resident.note}
        </Text>
        <QuietButton size="xs" onClick={remove}>
          Remove {resident.name}
        </QuietButton>
      </Flex>
    </Box>
  );
}

/** A band that may not be known: asked for by a button, given up by another. */
function BandField({ label, unit, path, from }: { label: string; unit: "°C" | "% rh"; path: string; from: Range }) {
  const { value, commit } = useDecision<Range | null>(path);
  if (value) return <RangeField label={label} unit={unit} path={path} />;
  return (
    <Labelled label={`${label}, ${unit}`}>
      <QuietButton onClick={() => commit(from)}>Not known yet</QuietButton>
    </Labelled>
  );
}

/** Size against need: the school followed, and the home they come from. */
function SizePanel() {
  const { api } = useBuildHandle();
  const oldHome = useDesign((d) => d.brief.oldHome);
  const setOld = (home: typeof oldHome) =>
    api.commit((draft) => {
      draft.brief.oldHome = home;
    });
  return (
    <Panel title="Size">
      <Fields>
        <ChoiceField
          label="School of size"
          path="build:/brief/sizeSchool"
          options={[
            ["undecided", "not decided"],
            ["minimum", "a community's minimum"],
            ["stepUp", "stepping up as it copes"],
          ]}
        />
        <FigureReading id="fit/floor" />
        <FigureReading id="fit/headroom" />
        <FigureReading id="fit/old-home" />
      </Fields>
      <Box mt="3">
        <NameField label="Why, for the record" path="build:/brief/sizeReason" long />
      </Box>
      <Box mt="3">
        {oldHome ? (
          <Fields min="7rem">
            <MeasureField label="Old home, wide" path="build:/brief/oldHome/width" />
            <MeasureField label="Old home, deep" path="build:/brief/oldHome/depth" />
            <MeasureField label="Old home, high" path="build:/brief/oldHome/height" />
            <QuietButton alignSelf="end" onClick={() => setOld(null)}>
              No old home
            </QuietButton>
          </Fields>
        ) : (
          <QuietButton onClick={() => setOld({ width: statedMm(600), depth: statedMm(300), height: statedMm(300) })}>
            Compare with the old home
          </QuietButton>
        )}
      </Box>
    </Panel>
  );
}

function BudgetField() {
  const bench = useBench();
  const { value, attempt } = useDecision<number | null>("build:/brief/budgetMinor");
  const shown = value === null ? "" : plainMoney(value, bench.workshop.currency);
  const draft = useDraft(shown);
  const { error, text } = draft;
  const take = () => {
    const price = text.trim() === "" ? null : parseMoneyMinor(text, bench.workshop.currency);
    if (price && !price.ok) return price.message;
    const minor = price ? price.value : null;
    return minor === value ? null : (attempt(minor)[0]?.message ?? null);
  };
  const leave = () => draft.leave(take());
  return (
    <Labelled label={`Budget, ${bench.workshop.currency}`} error={error}>
      <Input
        size="sm"
        bg="sheet"
        borderColor="line"
        fontFamily="mono"
        placeholder="none"
        value={text}
        onFocus={draft.focus}
        onChange={(e) => draft.type(e.target.value)}
        onBlur={leave}
      />
    </Labelled>
  );
}
