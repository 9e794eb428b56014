import { Box, Flex, Text } from "@chakra-ui/react";
import { statedMm } from "#core/design/measure";
import { GAP_FACTOR } from "#core/residents/factors";
import type { OtherLife, Resident } from "#core/residents/schema";
import { formatNumber } from "#core/units/format";
import { ChoiceField, CountField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { type Range, RangeField } from "../fields/RangeField";
import { useBuildHandle, useDecision, useDesign } from "../state/context";
import { Labelled } from "../ui/Labelled";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { Select } from "../ui/Select";

const TRAITS: readonly [keyof Resident["traits"], string][] = [
  ["climbs", "Climbs"],
  ["toePads", "Toe pads"],
  ["digs", "Digs"],
  ["wetSkin", "Wet skin"],
  ["eatsGround", "Eats its substrate"],
  ["wantsPrivacy", "Wants privacy"],
  ["chews", "Chews foam and rubber"],
];

/** One kind of animal that is to live in it. */
export function ResidentFields({ id }: { id: string }) {
  const resident = useDesign((d) => d.brief.residents.find((r) => r.id === id));
  const index = useDesign((d) => d.brief.residents.findIndex((r) => r.id === id));
  if (!resident) return null;
  const path = `build:/brief/residents/${index}`;
  return (
    <>
      <Fields>
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
        <MeasureField label="Substrate it needs" path={`${path}/groundDepth`} optional />
        <MeasureField label="Floor it needs, long" path={`${path}/needs/length`} optional />
        <MeasureField label="Floor it needs, wide" path={`${path}/needs/width`} optional />
        <MeasureField label="Height it needs" path={`${path}/needs/height`} optional hint="above the substrate" />
        <MeasureField label="Reach up a wall" path={`${path}/reach`} optional />
        <MeasureField label="Mass" suffix="g" kind="plain" path={`${path}/mass`} optional empty="not known" />
        <MeasureField
          label="Girth, across its widest"
          path={`${path}/girth`}
          optional
          empty="not known"
          how="measured"
        />
        <MeasureField
          label="Least gap its head passes"
          path={`${path}/head`}
          optional
          empty="as narrowest"
          how="measured"
        />
        <BandField label="Its warmth" unit="°C" path={`${path}/bands/tempC`} from={{ low: 20, high: 28 }} />
        <BandField label="Basks on" unit="°C" path={`${path}/basks`} from={{ low: 32, high: 36 }} />
        <BandField label="Cool end" unit="°C" path={`${path}/coolEnd`} from={{ low: 22, high: 25 }} />
        <UvZoneField path={`${path}/uvZone`} />
        <MeasureField label="Its back, over what it lies on" path={`${path}/back`} optional empty="not known" />
        <BandField label="Its air" unit="% rh" path={`${path}/bands/rh`} from={{ low: 40, high: 70 }} />
      </Fields>
      <Flex columnGap="3" rowGap="1" mt="1.5" wrap="wrap">
        {TRAITS.map(([trait, words]) => (
          <TickField key={trait} label={words} path={`${path}/traits/${trait}`} />
        ))}
        <TickField label="Squeezes what it eats" path={`${path}/traits/constricts`} />
        <TickField label="Bolts at the first gap" path={`${path}/traits/bolts`} />
        <TickField label="Strong" path={`${path}/strong`} />
        <TickField label="Venomous or medically dangerous" path={`${path}/dangerous`} />
      </Flex>
      <LivesFields path={`${path}/lives`} lives={resident.lives ?? []} body={resident.body} />
      <Text fontSize="xs" color="muted" mt="1">
        {`Gaps up to ${formatNumber(GAP_FACTOR[resident.body].value, 2)} × its narrowest measure, from memory. ${resident.note}`}
      </Text>
    </>
  );
}

/** What else of it is kept in: its young, what it eats, what cleans up after it. */
const LIFE_WORDS: Record<OtherLife["life"], { label: string; button: string; body?: Resident["body"] }> = {
  smallest: { label: "Smallest of them", button: "Add the smallest of them" },
  hatchling: { label: "Young", button: "Add its young" },
  feeder: { label: "Feeder", button: "Add what it eats", body: "hardBodied" },
  crew: { label: "Clean-up crew", button: "Add a clean-up crew", body: "hardBodied" },
};

function LivesFields({ path, lives, body }: { path: string; lives: readonly OtherLife[]; body: Resident["body"] }) {
  const { commit } = useDecision<OtherLife[]>(path);
  return (
    <Box mt="2">
      {lives.map((other, i) => (
        <Box key={`${other.life}/${i.toString()}`} mb="1.5">
          <Fields>
            <NameField label={LIFE_WORDS[other.life].label} path={`${path}/${i}/name`} most={80} />
            <MeasureField
              label="Narrowest rigid measure"
              path={`${path}/${i}/narrowestRigid`}
              optional
              empty="not known"
              how="measured"
            />
            <MeasureField label="Girth" path={`${path}/${i}/girth`} optional empty="not known" how="measured" />
            <Box alignSelf="end">
              <QuietButton size="xs" onClick={() => commit(lives.filter((_, at) => at !== i))}>
                Take it off
              </QuietButton>
            </Box>
          </Fields>
        </Box>
      ))}
      <Flex gap="1.5" wrap="wrap">
        {(Object.entries(LIFE_WORDS) as [OtherLife["life"], (typeof LIFE_WORDS)["feeder"]][]).map(([life, words]) => (
          <QuietButton
            key={life}
            size="xs"
            onClick={() =>
              commit([
                ...lives,
                { life, name: words.label, body: words.body ?? body, narrowestRigid: null, girth: null },
              ])
            }
          >
            {words.button}
          </QuietButton>
        ))}
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

/** Ferguson's zone of mean UV that it lives in. */
function UvZoneField({ path }: { path: string }) {
  const { value, commit } = useDecision<1 | 2 | 3 | 4 | null | undefined>(path);
  const zones = [1, 2, 3, 4] as const;
  return (
    <Select
      label="UV zone"
      value={String(value ?? "")}
      options={[
        ["", "not known"],
        ["1", "1, up to 0.7"],
        ["2", "2, up to 1.0"],
        ["3", "3, up to 2.6"],
        ["4", "4, up to 3.5"],
      ]}
      onChange={(zone) => commit(zones.find((z) => String(z) === zone) ?? null)}
    />
  );
}

/** The room it stands in, and who lives round it. */
export const RoomFields = () => (
  <>
    <Fields>
      <RangeField label="Room" unit="°C" path="build:/brief/room/tempC" />
      <RangeField label="Room air" unit="% rh" path="build:/brief/room/rh" />
      <MeasureField
        label="Draught"
        suffix="m/s"
        kind="plain"
        path="build:/brief/room/draught"
        optional
        empty="about 0.1"
      />
    </Fields>
    <Box mt="2">
      <TickField label="Children at home" path="build:/brief/childrenAtHome" />
      <TickField label="The room's own door shuts tight, and is shut first" path="build:/brief/room/shuts" />
    </Box>
  </>
);

/** Size against need: the school followed, and the home they come from. */
export function SizeFields() {
  const { api } = useBuildHandle();
  const oldHome = useDesign((d) => d.brief.oldHome);
  const setOld = (home: typeof oldHome) =>
    api.commit((draft) => {
      draft.brief.oldHome = home;
    });
  return (
    <>
      <ChoiceField
        label="School of size"
        path="build:/brief/sizeSchool"
        options={[
          ["undecided", "not decided"],
          ["minimum", "a community's minimum"],
          ["stepUp", "stepping up as it copes"],
        ]}
      />
      <Box mt="1.5">
        <NameField label="Why, for the record" path="build:/brief/sizeReason" long />
      </Box>
      <Box mt="2">
        {oldHome ? (
          <Fields>
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
    </>
  );
}
