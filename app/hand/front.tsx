import { Box, Text } from "@chakra-ui/react";
import { choiceKey, newCure } from "#core/cures/create";
import { CURES } from "#core/cures/list";
import { offeredFor } from "#core/cures/offered";
import type { Cure } from "#core/cures/schema";
import { chosenVariant } from "#core/document/variant";
import { SEATS } from "#core/escape/names";
import { openingsRegister } from "#core/registers/registers";
import { formatLengthWithUnit } from "#core/units/format";
import { formatWithin } from "#core/units/within";
import { CLOSURE_FIELDS } from "../closures/fields";
import { ChoiceField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading, Reading } from "../fields/Reading";
import { useBench, useBuildHandle, useShown, useUnits, useVariant } from "../state/context";
import { ActButton } from "../ui/ActButton";
import { Fields } from "../ui/Panel";
import { Select } from "../ui/Select";
import { useIndex } from "./useIndex";

/** What closes an opening, or what could. */
export function ClosureFields({ id }: { id: string }) {
  const { api } = useBuildHandle();
  const opening = useShown(({ seen }) => seen.openings.find((o) => o.id === id));
  if (!opening) return null;
  const { closure, index, prefix, others, face } = opening;
  const close = (kind: (typeof others)[number]["kind"]) =>
    api.commit((draft, p) => p.closeWith(draft, kind, id, api.shown.getState().plan));
  if (closure) {
    const OwnFields = CLOSURE_FIELDS[closure.kind];
    return (
      <>
        <Select
          label="Closed by"
          value=""
          options={[["", closure.label], ...others.map((o) => [o.kind, o.label] as const)]}
          onChange={(kind) => close(kind as typeof closure.kind)}
        />
        <Box mt="2">
          <OwnFields index={index} path={`/closures/${index}`} id={(thing) => `${prefix}${thing}`} />
        </Box>
        <Box mt="2">
          <Fields>
            {closure.opens && (
              <MeasureField
                label={`Clear ${closure.opens} it`}
                path={`/closures/${index}/clearRoom`}
                optional
                empty="not known"
              />
            )}
            {face === "top" && (
              <MeasureField
                label="Highest thing under it"
                path={`/closures/${index}/standsUnder`}
                optional
                empty="not known"
              />
            )}
            <FigureReading id={`${prefix}room`} />
            <FigureReading id="front/reach" />
          </Fields>
        </Box>
      </>
    );
  }
  return others.map(({ kind, button, about }) => (
    <Box key={kind} mb="2">
      {about && (
        <Text fontSize="sm" mb="1.5">
          {about}
        </Text>
      )}
      <ActButton onClick={() => close(kind)}>{button}</ActButton>
    </Box>
  ));
}

/** A way out: how far it opens, how each resident passes it, and what closes it. */
export function WayFields({ id }: { id: string }) {
  const { api } = useBuildHandle();
  const { book } = useBench();
  const { units } = useUnits();
  const say = (mm: number, rounding?: "up") => formatLengthWithUnit(mm, units, rounding);
  const row = useShown(({ plan }) => {
    const way = plan.audit.ways.find((w) => w.id === id);
    return (
      way && {
        name: way.way.name,
        where: way.where,
        seat: way.seat,
        lengthMm: way.lengthMm ?? 0,
        cover: openingsRegister(plan.facts).find((o) => o.id === id)?.cover,
        judged: plan.audit.audits.flatMap((a) => a.ways.filter((o) => o.id === id).map((o) => ({ who: a.name, ...o }))),
      }
    );
  });
  const cure = useVariant((v) => v.cures.find((c) => c.way === id));
  if (!row) return null;
  const { seat } = row;
  const offered = seat ? offeredFor({ seat }, book) : [];
  const take = (chosen: string) =>
    api.commit((draft) => {
      const own = chosenVariant(draft);
      const rest = own.cures.filter((c) => c.way !== id);
      const next = offered.find((o) => o.key === chosen);
      own.cures = next ? [...rest, newCure(id, next.choice, rest)] : rest;
    });
  return (
    <>
      <Fields>
        <Reading label="Where" value={row.where} />
        {row.lengthMm > 0 && <Reading label="Length" value={say(row.lengthMm)} />}
        {row.judged.map(({ who, likelyMm, worstMm, allowedMm, passes }) => (
          <Reading
            key={who}
            label={who}
            value={`${say(likelyMm, "up")} likely, ${formatWithin(worstMm, allowedMm, units).join(" of ")} at worst: ${passes ? "holds" : "a way out"}`}
            tone={passes ? "ink" : "stop"}
          />
        ))}
      </Fields>
      {row.cover && <Text fontSize="xs" color="muted" mt="1.5">{`Covered by ${row.cover}.`}</Text>}
      {offered.length > 0 && (
        <Box mt="2">
          <Select
            label="Closed by"
            value={cure ? choiceKey(cure) : ""}
            options={[["", "nothing more"], ...offered.map((o) => [o.key, o.words] as const)]}
            onChange={take}
          />
          {cure && (
            <Text fontSize="xs" color="muted" mt="1">
              {doesWords(cure)}
            </Text>
          )}
        </Box>
      )}
    </>
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

/** A gap that no survey asks for. */
export function GapFields({ id }: { id: string }) {
  const i = useIndex((v) => v.gaps, id);
  if (i < 0) return null;
  const path = `/gaps/${i}`;
  return (
    <Fields>
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
  );
}
