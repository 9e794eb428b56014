import { Box, Flex, Text } from "@chakra-ui/react";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { useBuildHandle, useVariant } from "../../state/context";
import { ChoiceField, TickField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

/** Walls across the floor, with water on one side or both. */
export function Dividers() {
  const { api } = useBuildHandle();
  const dividers = useVariant((v) => v.seal.dividers);
  const add = () =>
    api.commit((draft) => {
      const { dividers } = chosenVariant(draft).seal;
      let n = 1;
      while (dividers.some((d) => d.id === `divider-${n}`)) n++;
      dividers.push({
        ...{ id: `divider-${n}`, name: n === 1 ? "Divider" : `Divider ${n}` },
        ...{ made: "glass", height: statedMm(100), watertight: true, origin: "made" },
      });
    });
  return (
    <Panel title="Dividers">
      <Text fontSize="xs" color="muted" mb="2">
        Through mesh and cloth, land and water share one level. A divider that keeps one side dry is tested with that
        side dry.
      </Text>
      {dividers.map((d, i) => (
        <Box key={d.id} borderTopWidth="1px" borderColor="line" py="2">
          <Fields min="8rem">
            <ChoiceField
              label={d.name}
              path={`/seal/dividers/${i}/made`}
              options={[
                ["glass", "pane of glass, siliconed in"],
                ["acrylic", "acrylic sheet, siliconed in"],
                ["foamStone", "foam faced with stone"],
                ["mesh", "mesh or cloth"],
              ]}
            />
            <MeasureField label="Its height" path={`/seal/dividers/${i}/height`} />
          </Fields>
          <Flex gap="4" mt="2" align="center" wrap="wrap">
            <TickField label="Keeps one side dry" path={`/seal/dividers/${i}/watertight`} />
            <QuietButton
              size="xs"
              onClick={() =>
                api.commit((draft) => {
                  const { seal } = chosenVariant(draft);
                  seal.dividers = seal.dividers.filter((x) => x.id !== d.id);
                })
              }
            >
              Take it out
            </QuietButton>
          </Flex>
        </Box>
      ))}
      <QuietButton size="xs" onClick={add}>
        Put a divider in
      </QuietButton>
    </Panel>
  );
}
