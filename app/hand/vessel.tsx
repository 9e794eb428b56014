import { Flex } from "@chakra-ui/react";
import { VESSEL_OF, VESSELS } from "#core/vessels/kinds";
import { VESSEL_KINDS, VESSEL_STUFFS } from "#core/vessels/names";
import { ChoiceField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading } from "../fields/Reading";
import { useDecision, useVariant } from "../state/context";
import { Hint } from "../ui/Hint";
import { Fields } from "../ui/Panel";
import { Select } from "../ui/Select";
import { useIndex } from "./useIndex";
import { ZoneField } from "./ZoneField";

const OUT = [
  ["none", "nothing"],
  ["ramp", "a ramp"],
  ["stones", "stacked stones"],
] as const;

/** A pool: one side of a divider, or a place of its own. */
export function PoolFields({ id }: { id: string }) {
  const i = useIndex((v) => v.vessels, id);
  const pool = useVariant((v) => v.vessels.find((x) => x.id === id));
  const dividers = useVariant((v) => v.dividers);
  const path = `/vessels/${i}`;
  const { value, commit } = useDecision<string | null>(`${path}/divider`);
  if (i < 0 || pool?.kind !== "pool") return null;
  return (
    <>
      <Fields>
        <NameField label="Name" path={`${path}/name`} />
        <ZoneField label="Takes" whole="a place of its own" path={`${path}/zone`} />
        {pool.zone === null && (
          <>
            <MeasureField label="Its middle, from the left" path={`${path}/u`} />
            <MeasureField label="Its middle, from the front" path={`${path}/v`} />
            <MeasureField label="Wide" path={`${path}/width`} />
            <MeasureField label="Front to back" path={`${path}/length`} />
            <Select
              label="Behind"
              value={value ?? ""}
              options={[
                ["", "nothing: one level with the land"],
                ...dividers.map((d) => [d.id, d.name.toLowerCase()] as [string, string]),
              ]}
              onChange={(d) => commit(d || null)}
            />
          </>
        )}
        <MeasureField label="Standing water, how deep" path="/seal/standingWater" optional />
        <OutFields path={path} ramp={pool.wayOut === "ramp"} />
        <FigureReading id={`vessels/${id}/litres`} />
        <FigureReading id={`vessels/${id}/ramp`} />
      </Fields>
      <Hint>
        Measured on the floor, within the tray where there is one. Conditioner for tap water: standing does not take
        chloramine out. Unplug everything before hands are in the water.
      </Hint>
    </>
  );
}

function OutFields({ path, ramp }: { path: string; ramp: boolean }) {
  return (
    <>
      <ChoiceField label="What falls in gets out by" path={`${path}/wayOut`} options={OUT} />
      {ramp && <MeasureField label="The ramp's slope" suffix="degrees" path={`${path}/ramp`} kind="plain" />}
    </>
  );
}

/** A dish, a pail or a tub: how large, how deep, of what, and how its rim stands. */
export function VesselFields({ id }: { id: string }) {
  const i = useIndex((v) => v.vessels, id);
  const vessel = useVariant((v) => v.vessels.find((x) => x.id === id));
  if (i < 0 || !vessel || vessel.kind === "pool") return null;
  const path = `/vessels/${i}`;
  return (
    <>
      <Fields>
        <NameField label="Name" path={`${path}/name`} />
        <ChoiceField
          label="Kind"
          path={`${path}/kind`}
          options={VESSEL_KINDS.map((k) => [k, VESSELS[k].words] as const)}
        />
        <MeasureField label="Its middle, from the left" path={`${path}/u`} />
        <MeasureField label="Its middle, from the front" path={`${path}/v`} />
        <MeasureField label="Across, outside" path={`${path}/width`} />
        <MeasureField label="Front to back, outside" path={`${path}/length`} />
        <MeasureField label="Deep, inside" path={`${path}/depth`} />
        <MeasureField label="Its wall, thick" path={`${path}/wall`} />
        <MeasureField label="Filled" path={`${path}/filled`} />
        <MeasureField label="Its rim, over the substrate" path={`${path}/rim`} />
        <ChoiceField
          label="Of"
          path={`${path}/of`}
          options={VESSEL_STUFFS.map((s) => [s, VESSEL_OF[s].words] as const)}
        />
        <MeasureField label="Sealed inside, coats" path={`${path}/coats`} kind="plain" optional empty="none" />
        <OutFields path={path} ramp={vessel.wayOut === "ramp"} />
        <MeasureField label="Left alone at the most" suffix="days" path={`${path}/awayDays`} kind="plain" />
        <MeasureField
          label="Drunk a day"
          suffix="mL"
          path={`${path}/drunk`}
          kind="plain"
          optional
          empty="by their mass"
          how="guessed"
        />
      </Fields>
      <Flex gap="5" mt="2" wrap="wrap">
        <TickField label="Round" path={`${path}/round`} />
        <TickField label="Moss or substrate touches its rim" path={`${path}/touches`} />
        <TickField label="The whole animal goes in" path={`${path}/bathes`} />
      </Flex>
      <Fields>
        <FigureReading id={`vessels/${id}/litres`} />
        <FigureReading id={`vessels/${id}/days`} />
      </Fields>
    </>
  );
}
