import { Box, Flex, Text } from "@chakra-ui/react";
import { isPlanter, zoneName } from "#core/background/zones";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { useBuildHandle, useVariant } from "../../state/context";
import { ChoiceField, CountField, TickField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { NameField } from "../../ui/NameField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

/** Plants with their grown size, their quarantine, and the weeks everything settles before an animal. */
export function Planting() {
  const { api } = useBuildHandle();
  const plants = useVariant((v) => v.ground.plants);
  const zones = useVariant((v) => v.background.zones);
  const places = [
    ["ground", "the ground"] as const,
    ...zones.filter(isPlanter).map((z) => [z.id, zoneName(z)] as const),
  ];
  const add = () =>
    api.commit((draft) => {
      const list = chosenVariant(draft).ground.plants;
      let n = 1;
      while (list.some((p) => p.id === `plant-${n}`)) n++;
      list.push({
        ...{
          id: `plant-${n}`,
          name: `Plant ${n}`,
          count: 1,
          pot: statedMm(90),
          height: statedMm(200),
          spread: statedMm(200),
        },
        ...{ where: "ground", live: true, toxic: false },
      });
    });
  return (
    <Panel title="Planting and settling in">
      {plants.map((plant, i) => (
        <Box key={plant.id} borderTopWidth={i === 0 ? "0" : "1px"} borderColor="line" py="2">
          <Fields min="7.5rem">
            <NameField label="Plant" path={`/ground/plants/${i}/name`} />
            <CountField label="How many" path={`/ground/plants/${i}/count`} max={200} />
            <ChoiceField label="Stands in" path={`/ground/plants/${i}/where`} options={places} />
            <MeasureField label="Pot, across" path={`/ground/plants/${i}/pot`} />
            <MeasureField label="Grown, high" path={`/ground/plants/${i}/height`} how="guessed" />
            <MeasureField label="Grown, across" path={`/ground/plants/${i}/spread`} how="guessed" />
          </Fields>
          <Flex gap="5" mt="2" wrap="wrap">
            <TickField label="Live" path={`/ground/plants/${i}/live`} />
            <TickField label="Toxic" path={`/ground/plants/${i}/toxic`} />
            <QuietButton
              size="2xs"
              onClick={() => api.commit((draft) => void chosenVariant(draft).ground.plants.splice(i, 1))}
              aria-label={`Leave ${plant.name} out`}
            >
              Leave it out
            </QuietButton>
          </Flex>
        </Box>
      ))}
      <QuietButton size="xs" onClick={add}>
        Add a plant
      </QuietButton>
      <Box mt="3">
        <Fields min="9rem">
          <ChoiceField
            label="Roots"
            path="/ground/roots"
            options={[
              ["strip", "stripped and rinsed"],
              ["keepSome", "some soil kept on ferns"],
              ["leave", "left: grown without feed"],
            ]}
          />
          <ChoiceField
            label="Leaves and wood"
            path="/ground/wild"
            options={[
              ["bought", "bought"],
              ["boiled", "found, and boiled 15 min"],
              ["asFound", "found, dried and watched"],
            ]}
          />
          <ChoiceField
            label="Clean-up crew"
            path="/ground/crew"
            options={[
              ["before", "before the animal"],
              ["after", "once there is waste"],
              ["none", "none"],
            ]}
          />
          <MeasureField label="Quarantine" suffix="days" path="/ground/quarantineDays" kind="plain" />
          <MeasureField
            label="Settles in for"
            suffix="weeks"
            path="/ground/settleWeeks"
            kind="plain"
            hint="2 to 8 is usual"
          />
        </Fields>
      </Box>
      <Text fontSize="xs" color="muted" mt="2">
        Soil, moss and wood from outdoors bring pests, parasites and chemicals. Those who did not wait lost plants.
      </Text>
    </Panel>
  );
}
