import { Box, Flex, Table, Text } from "@chakra-ui/react";
import { Plus, Trash2 } from "lucide-react";
import { choiceKey, newCure } from "#core/cures/create";
import { CURES } from "#core/cures/list";
import { offeredFor } from "#core/cures/offered";
import type { Cure } from "#core/cures/schema";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { SEATS } from "#core/escape/names";
import { formatLengthWithUnit } from "#core/units/format";
import { useBench, useBuildHandle, useShown, useUnits, useVariant } from "../../state/context";
import { ChoiceField, Select } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { NameField } from "../../ui/NameField";
import { Fields, Panel } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { QuietButton } from "../../ui/QuietButton";

/** What each sort of gap is called. */
const SEAT_WORDS: Record<(typeof SEATS)[number], string> = {
  meeting: "where two leaves meet",
  edge: "along a door's edge",
  rim: "under a lid or screen",
  notch: "at a cable notch",
  slide: "beside sliding panes",
  hole: "a hole",
  strip: "a strip of holes",
  screen: "a screen",
  other: "somewhere else",
};

/** Every gap that something can be laid along, with what closes it. */
export function CuresPanel() {
  const rows = useShown(({ plan }) =>
    plan.audit.ways
      .filter((w) => w.seat !== undefined && !w.standsOpen)
      .map((w) => ({
        id: w.id,
        name: w.way.name,
        seat: w.seat!,
        lengthMm: w.lengthMm ?? 0,
        worstMm: plan.audit.audits[0]?.ways.find((a) => a.id === w.id)?.worstMm ?? null,
        passes: plan.audit.audits.every((a) => a.ways.find((o) => o.id === w.id)?.passes !== false),
      })),
  );
  if (rows.length === 0) return null;
  return (
    <Panel title="What closes the gaps" gridColumn={{ xl: "1 / -1" }}>
      <PlainTable
        heads={[
          "Gap",
          { text: "Length", end: true },
          { text: "Open at worst", end: true },
          "Closed by",
          "What it does",
        ]}
      >
        {rows.map((row) => (
          <CureRow key={row.id} row={row} />
        ))}
      </PlainTable>
    </Panel>
  );
}

interface GapRow {
  id: string;
  name: string;
  seat: (typeof SEATS)[number];
  lengthMm: number;
  worstMm: number | null;
  passes: boolean;
}

function CureRow({ row }: { row: GapRow }) {
  const { api } = useBuildHandle();
  const { book } = useBench();
  const { units } = useUnits();
  const say = (mm: number, rounding?: "up") => formatLengthWithUnit(mm, units, rounding);
  const cure = useVariant((v) => v.cures.find((c) => c.way === row.id));
  const offered = offeredFor(row, book);
  const key = cure ? choiceKey(cure) : "";
  const take = (chosen: string) =>
    api.commit((draft) => {
      const own = chosenVariant(draft);
      const rest = own.cures.filter((c) => c.way !== row.id);
      const next = offered.find((o) => o.key === chosen);
      own.cures = next ? [...rest, newCure(row.id, next.choice, rest)] : rest;
    });
  return (
    <Table.Row data-gap={row.id}>
      <Table.Cell fontFamily="body">{row.name}</Table.Cell>
      <Table.Cell textAlign="end">{row.lengthMm > 0 ? say(row.lengthMm) : "–"}</Table.Cell>
      <Table.Cell textAlign="end" color={row.passes ? undefined : "stop"}>
        {row.worstMm === null ? "–" : say(row.worstMm, "up")}
      </Table.Cell>
      <Table.Cell fontFamily="body" minW="14rem">
        <Select
          quiet
          label={`Closed by, ${row.name}`}
          value={key}
          options={[["", "nothing more"], ...offered.map((o) => [o.key, o.words] as const)]}
          onChange={take}
        />
      </Table.Cell>
      <Table.Cell fontFamily="body">{cure ? doesWords(cure) : ""}</Table.Cell>
    </Table.Row>
  );
}

function doesWords({ kind }: Cure): string {
  const { airtight, gasket, chewed } = CURES[kind];
  return [
    airtight ? "stops its air" : "lets air by",
    ...(gasket ? ["doors are tried over it"] : []),
    ...(chewed ? ["rodents and roaches chew it"] : []),
  ].join("; ");
}

/** Gaps that no survey asks for, on any shell. */
export function MeasuredGapsPanel() {
  const { api } = useBuildHandle();
  const gaps = useVariant((v) => v.gaps);
  const add = () =>
    api.commit((draft) => {
      const own = chosenVariant(draft);
      let n = 1;
      while (own.gaps.some((g) => g.id === `gap-${n}`)) n++;
      own.gaps.push({
        ...{ id: `gap-${n}`, name: `Gap ${n}`, kind: "slot", seat: "other", size: statedMm(2) },
        ...{ tolerance: null, where: "front", length: statedMm(100), height: null },
      });
    });
  return (
    <Panel title="Other gaps, measured" gridColumn={{ xl: "1 / -1" }}>
      {gaps.length === 0 && (
        <Text fontSize="sm" mb="2">
          A crack at a hinge, a warped corner, a hole nobody drilled for you: what no survey asks for goes here, and is
          audited and aired through with the rest.
        </Text>
      )}
      {gaps.map((gap, i) => {
        const path = `/gaps/${i}`;
        return (
          <Box key={gap.id} borderBottomWidth="1px" borderColor="line" pb="3" mb="3">
            <Flex justify="end" mb="1">
              <QuietButton
                size="xs"
                aria-label={`Remove ${gap.name}`}
                onClick={() => api.commit((draft) => void chosenVariant(draft).gaps.splice(i, 1))}
              >
                <Trash2 size={13} /> Remove
              </QuietButton>
            </Flex>
            <Fields min="8rem">
              <NameField label="Name" path={`${path}/name`} />
              <ChoiceField
                label="Shape"
                path={`${path}/kind`}
                options={[
                  ["slot", "a slot"],
                  ["round", "a round hole"],
                ]}
              />
              <ChoiceField
                label="It is"
                path={`${path}/seat`}
                options={SEATS.map((seat) => [seat, SEAT_WORDS[seat]] as const)}
              />
              <MeasureField label="How wide" path={`${path}/size`} />
              <MeasureField label="Moves by, give or take" path={`${path}/tolerance`} optional empty="nothing" />
              <ChoiceField
                label="Where"
                path={`${path}/where`}
                options={[
                  ["front", "front"],
                  ["top", "top"],
                  ["left", "left"],
                  ["right", "right"],
                  ["back", "back"],
                  ["base", "base"],
                ]}
              />
              <MeasureField label="How long" path={`${path}/length`} optional empty="not measured" />
              <MeasureField label="Its middle, above the base" path={`${path}/height`} optional empty="half-way up" />
            </Fields>
          </Box>
        );
      })}
      <QuietButton onClick={add}>
        <Plus size={14} /> Add a gap
      </QuietButton>
    </Panel>
  );
}
