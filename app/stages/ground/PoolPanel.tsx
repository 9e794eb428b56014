import { Flex, Text } from "@chakra-ui/react";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { siteFloor } from "#core/ground/site";
import { useBuildHandle, useDecision, useVariant } from "../../state/context";
import { ChoiceField, Select, TickField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

/** A pool on the floor, or a dish. */
export function PoolPanel() {
  const { api } = useBuildHandle();
  const pool = useVariant((v) => v.ground.pool);
  const dish = useVariant((v) => v.ground.dish);
  const add = () =>
    api.commit((draft) => {
      const floor = siteFloor(api.shown.getState().plan.site);
      const own = chosenVariant(draft);
      const width = Math.round(floor.widthMm * 0.35);
      own.ground.pool = {
        ...{ u: statedMm(Math.round(floor.widthMm - width / 2)), v: statedMm(Math.round(floor.depthMm / 2)) },
        ...{ width: statedMm(width), length: statedMm(Math.floor(floor.depthMm)) },
        ...{ divider: own.seal.dividers[0]?.id ?? null, wayOut: "ramp", ramp: statedMm(40) },
      };
      own.seal.standingWater ??= statedMm(50);
    });
  const leave = () =>
    api.commit((draft) => {
      chosenVariant(draft).ground.pool = null;
    });
  return (
    <Panel title="Pool and dish">
      {pool ? (
        <>
          <Fields min="8.5rem">
            <MeasureField label="Pool, middle from the left" path="/ground/pool/u" />
            <MeasureField label="Middle from the front" path="/ground/pool/v" />
            <MeasureField label="Wide" path="/ground/pool/width" />
            <MeasureField label="Front to back" path="/ground/pool/length" />
            <DividerField />
            <ChoiceField
              label="What falls in gets out by"
              path="/ground/pool/wayOut"
              options={[
                ["none", "nothing"],
                ["ramp", "a ramp"],
                ["stones", "stacked stones"],
              ]}
            />
            {pool.wayOut === "ramp" && (
              <MeasureField label="The ramp's slope" suffix="degrees" path="/ground/pool/ramp" kind="plain" />
            )}
          </Fields>
          <Text fontSize="xs" color="muted" mt="2">
            Measured on the floor, within the tray where there is one. Wash its sand until clear, two or three times;
            conditioner for tap water: standing does not take chloramine out. Unplug everything before hands are in the
            water.
          </Text>
        </>
      ) : (
        <Text fontSize="sm" color="muted" mb="2">
          No pool. Land and water share one level unless a watertight divider stands between them.
        </Text>
      )}
      {dish && (
        <Fields min="8.5rem">
          <MeasureField label="The dish holds" path="/ground/dish/volume" kind="volume" />
          <TickField label="Moss or ground touches its rim" path="/ground/dish/wicked" />
        </Fields>
      )}
      <Flex gap="2" mt="3">
        <QuietButton size="xs" onClick={pool ? leave : add}>
          {pool ? "Leave the pool out" : "Put a pool in"}
        </QuietButton>
        <QuietButton
          size="xs"
          onClick={() =>
            api.commit((draft) => {
              chosenVariant(draft).ground.dish = dish
                ? null
                : { volume: { typed: "300 mL", value: 300, how: "stated" }, wicked: false };
            })
          }
        >
          {dish ? "Leave the dish out" : "Put a dish in"}
        </QuietButton>
      </Flex>
    </Panel>
  );
}

function DividerField() {
  const dividers = useVariant((v) => v.seal.dividers);
  const { value, commit } = useDecision<string | null>("/ground/pool/divider");
  return (
    <Select
      label="Behind"
      value={value ?? ""}
      options={[
        ["", "nothing: one level with the land"],
        ...dividers.map((d) => [d.id, d.name.toLowerCase()] as [string, string]),
      ]}
      onChange={(id) => commit(id || null)}
    />
  );
}
