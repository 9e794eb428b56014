import { Box, Flex, Text } from "@chakra-ui/react";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { MIX, mixSum, RECIPES } from "#core/ground/mix";
import { MIX_PARTS } from "#core/materials/names";
import { formatNumber } from "#core/units/format";
import { useBuildHandle, useVariant } from "../../state/context";
import { ChoiceField, Select } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

/** The ground's mix, parts by volume, or of a hundred. */
export function Mix() {
  const { api } = useBuildHandle();
  const mix = useVariant((v) => v.ground.mix);
  const free = MIX_PARTS.filter((p) => !mix.parts.some((x) => x.what === p));
  const take = (id: string) =>
    api.commit((draft) => {
      const recipe = RECIPES.find((r) => r.id === id);
      if (recipe) chosenVariant(draft).ground.mix = structuredClone(recipe.mix);
    });
  const add = (what: string) =>
    api.commit((draft) => {
      const part = MIX_PARTS.find((p) => p === what);
      if (part) chosenVariant(draft).ground.mix.parts.push({ what: part, amount: statedMm(1) });
    });
  return (
    <Panel title="The mix">
      <Flex gap="3" wrap="wrap" align="end" mb="3">
        <Box minW="15rem">
          <Select
            label="Start from a recipe"
            value=""
            options={[["", "choose…"], ...RECIPES.map((r) => [r.id, r.name] as [string, string])]}
            onChange={take}
          />
        </Box>
        <Box minW="10rem">
          <ChoiceField
            label="Told in"
            path="/ground/mix/unit"
            options={[
              ["parts", "parts by volume"],
              ["percent", "parts of a hundred"],
            ]}
          />
        </Box>
        {free.length > 0 && (
          <Box minW="10rem">
            <Select
              label="Add a part"
              value=""
              options={[["", "choose…"], ...free.map((p) => [p, MIX[p].name] as [string, string])]}
              onChange={add}
            />
          </Box>
        )}
      </Flex>
      {mix.parts.length === 0 ? (
        <Text fontSize="sm" color="muted">
          Nothing is mixed yet. Recipes are starting points; change any part.
        </Text>
      ) : (
        <Fields min="8.5rem">
          {mix.parts.map((part, i) => (
            <Flex key={part.what} gap="1" align="end">
              <MeasureField label={MIX[part.what].name} path={`/ground/mix/parts/${i}/amount`} kind="plain" />
              <QuietButton
                size="xs"
                onClick={() => api.commit((draft) => void chosenVariant(draft).ground.mix.parts.splice(i, 1))}
                aria-label={`Leave ${MIX[part.what].name} out`}
              >
                out
              </QuietButton>
            </Flex>
          ))}
        </Fields>
      )}
      {mix.parts.length > 0 && (
        <Text fontSize="xs" color="muted" mt="2">
          {`Sums to ${formatNumber(mixSum(mix))}${mix.unit === "percent" ? " of 100" : " parts"}. Loose it is a tenth to a fifth more, since it settles; a pressed coir brick of 650 g swells to 8 or 9 L. No fertiliser, no wetting agents.`}
        </Text>
      )}
    </Panel>
  );
}
