import { Box, Flex, Text } from "@chakra-ui/react";
import { current } from "immer";
import { ANCHOR } from "#core/background/anchors";
import { newZone } from "#core/background/create";
import { ANCHORS, type WallId, ZONE_KINDS, type ZoneKind } from "#core/background/names";
import type { Zone } from "#core/background/schema";
import { isBare, isPiece, isPlanter, ZONE, zoneName } from "#core/background/zones";
import type { Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import { AXIS_WORDS, FACE_AXES } from "#core/shell/faces";
import { useBuildHandle, usePicked, useShown, useVariant } from "../../state/context";
import { ChoiceField, TickField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { NameField } from "../../ui/NameField";
import { fieldsId } from "../../ui/openFields";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";
import { FigureReading } from "../../ui/Reading";

const OPPOSITE: Partial<Record<WallId, WallId>> = { left: "right", right: "left" };

function freeZoneId({ background }: Pick<Variant, "background">, stem: string): string {
  let n = 1;
  while (background.zones.some((z) => z.id === `${stem}-${n}`)) n++;
  return `${stem}-${n}`;
}

/** The zones of one wall: drawn, typed, copied across. */
export function Zones({ face }: { face: WallId }) {
  const { api, choose } = useBuildHandle();
  const zones = useVariant((v) => v.background.zones);
  const room = useShown(({ plan }) => plan.shell.faces[face].room);
  const add = (kind: ZoneKind) => {
    const id = freeZoneId(chosenVariant(api.store.getState().design), kind);
    api.commit((draft) => {
      const at = { face, u: Math.round(room.uMm + room.widthMm / 2), v: Math.round(room.vMm + room.heightMm * 0.6) };
      chosenVariant(draft).background.zones.push(newZone(kind, id, at));
    });
    choose(id);
  };
  const own = zones.flatMap((zone, index) => (zone.face === face ? [{ zone, index }] : []));
  return (
    <Panel title={`On the ${face}`}>
      <Flex gap="1.5" wrap="wrap" mb="2" align="center">
        <Text fontSize="xs" color="muted">
          Put on:
        </Text>
        {ZONE_KINDS.map((kind) => (
          <QuietButton key={kind} size="2xs" onClick={() => add(kind)}>
            {ZONE[kind].words}
          </QuietButton>
        ))}
      </Flex>
      {own.length === 0 && (
        <Text fontSize="sm" color="muted">
          Nothing yet. Windows, heat mats and lamps are kept free under Shell; slips are laid out under Cuts.
        </Text>
      )}
      {own.map(({ zone, index }) => (
        <ZoneCard key={zone.id} zone={zone} index={index} />
      ))}
    </Panel>
  );
}

function ZoneCard({ zone, index }: { zone: Zone; index: number }) {
  const { api, choose } = useBuildHandle();
  const chosen = usePicked((p) => p.chosen === zone.id);
  const path = `/background/zones/${index}`;
  const axes = FACE_AXES[zone.face];
  const across = OPPOSITE[zone.face];
  const remove = () => api.commit((draft) => void chosenVariant(draft).background.zones.splice(index, 1));
  const copy = () =>
    api.commit((draft) => {
      const { background } = chosenVariant(draft);
      background.zones.push({
        ...structuredClone(current(background.zones[index]!)),
        id: freeZoneId(chosenVariant(draft), zone.kind),
        face: across!,
      });
    });
  return (
    <Box
      id={fieldsId(zone.id)}
      borderTopWidth="1px"
      borderColor={chosen ? "fern" : "line"}
      py="2.5"
      onFocus={() => choose(zone.id)}
      data-zone-card={zone.id}
    >
      <Flex align="center" gap="3" mb="2" wrap="wrap">
        <Text fontWeight="bold" flex="1">
          {zoneName(zone)}
          {zone.name !== "" && (
            <Text as="span" color="muted" fontWeight="normal" fontSize="xs">{` ${ZONE[zone.kind].words}`}</Text>
          )}
        </Text>
        {across && (
          <QuietButton size="2xs" onClick={copy}>
            {`Copy to the ${across}`}
          </QuietButton>
        )}
        <QuietButton size="2xs" onClick={remove} aria-label={`Take ${zoneName(zone)} off`}>
          Take it off
        </QuietButton>
      </Flex>
      <Fields min="7.5rem">
        <NameField label="Name" path={`${path}/name`} optional />
        <MeasureField label={`Middle ${AXIS_WORDS[axes.u]}`} path={`${path}/u`} />
        <MeasureField label={`Middle ${AXIS_WORDS[axes.v]}`} path={`${path}/v`} />
        <MeasureField label="Wide" path={`${path}/width`} />
        <MeasureField label="High" path={`${path}/height`} />
        {!isBare(zone) && <MeasureField label="Stands out, from the wall" path={`${path}/depth`} />}
        {isPiece(zone) && (
          <>
            <ChoiceField
              label="Of"
              path={`${path}/of`}
              options={[
                ["cork", "cork"],
                ["wood", "wood"],
                ["stone", "stone"],
              ]}
            />
            <MeasureField
              label="Weighs, kg"
              path={`${path}/mass`}
              kind="plain"
              optional
              empty="from its size"
              how="measured"
            />
            <ChoiceField
              label="Held by"
              path={`${path}/anchor`}
              options={ANCHORS.map((a) => [a, ANCHOR[a].name] as const)}
            />
            <ChoiceField
              label="Bedded"
              path={`${path}/bedding`}
              options={[
                ["pressed", "pressed into wet foam"],
                ["foamedRound", "set first, foamed round"],
              ]}
            />
            <FigureReading id={`background/${zone.id}/pull`} label="Pull at its upper edge" />
          </>
        )}
      </Fields>
      <Flex gap="5" mt="2" wrap="wrap">
        {isPlanter(zone) && <TickField label="Its bottom is drilled first" path={`${path}/drilled`} />}
        {isPiece(zone) && (
          <>
            <TickField label="It is hollow" path={`${path}/hollow`} />
            {zone.hollow && <TickField label="Its ends are plugged" path={`${path}/plugged`} />}
            <TickField label="Wrapped while the wall is coated" path={`${path}/wrapped`} />
          </>
        )}
      </Flex>
    </Box>
  );
}
