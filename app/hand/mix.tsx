import { Box, Flex, Text } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { useFetcher } from "react-router";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import type { LayerOf } from "#core/ground/layers/schema";
import { MIX, mixSum, RECIPES } from "#core/ground/mix";
import type { OwnRecipe } from "#core/ground/recipes";
import { MIX_PARTS } from "#core/materials/names";
import { formatNumber } from "#core/units/format";
import { ChoiceField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { useBuildHandle } from "../state/context";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { Select } from "../ui/Select";
import { TextField } from "../ui/TextField";

type Mix = LayerOf<"mix">;
type Change = (to: (own: Mix) => void) => void;

/** A mix's parts, by volume or of a hundred. */
export function MixFields({ mix, path }: { mix: Mix; path: string }) {
  const { api } = useBuildHandle();
  const free = MIX_PARTS.filter((p) => !mix.parts.some((x) => x.what === p));
  const change: Change = (to) =>
    api.commit((draft) => {
      const own = chosenVariant(draft).ground.layers.find((l) => l.id === mix.id);
      if (own?.kind === "mix") to(own);
    });
  const add = (what: string) =>
    change((own) => {
      const part = MIX_PARTS.find((p) => p === what);
      if (part) own.parts.push({ what: part, amount: statedMm(1) });
      else own.own.push({ ...ownPart(own), amount: statedMm(1) });
    });
  return (
    <Box mt="1.5">
      <Fields>
        <StartFrom change={change} />
        <ChoiceField
          label="Told in"
          path={`${path}/unit`}
          options={[
            ["parts", "parts by volume"],
            ["percent", "parts of a hundred"],
          ]}
        />
        {mix.parts.map((part, i) => (
          <Flex key={part.what} gap="1" align="end">
            <MeasureField label={MIX[part.what].name} path={`${path}/parts/${i}/amount`} kind="plain" />
            <Out name={MIX[part.what].name} onClick={() => change((own) => void own.parts.splice(i, 1))} />
          </Flex>
        ))}
        <Select
          label="Add a part"
          value=""
          options={[
            ["", "choose…"],
            ...free.map((p) => [p, MIX[p].name] as [string, string]),
            ["own", "a part of your own"],
          ]}
          onChange={add}
        />
      </Fields>
      {mix.own.map((part, i) => (
        <Box key={part.id} mt="1.5">
          <Fields>
            <NameField label="Part of your own" path={`${path}/own/${i}/name`} />
            <MeasureField label="How much" path={`${path}/own/${i}/amount`} kind="plain" />
            <MeasureField
              {...{ label: "A litre swells to", suffix: "L", kind: "plain", optional: true, empty: "it does not" }}
              path={`${path}/own/${i}/swells`}
            />
            <Flex gap="1" align="end">
              <MeasureField
                {...{ label: "Wet", suffix: "kg/m³", kind: "plain", optional: true, empty: "as wet ground" }}
                path={`${path}/own/${i}/wetKgPerM3`}
              />
              <Out name={part.name} onClick={() => change((own) => void own.own.splice(i, 1))} />
            </Flex>
          </Fields>
        </Box>
      ))}
      <Text fontSize="xs" color="muted" mt="1.5">
        {mix.parts.length + mix.own.length === 0
          ? "Nothing is mixed yet. Recipes are starting points; change any part."
          : `Sums to ${formatNumber(mixSum(mix))}${mix.unit === "percent" ? " of 100" : " parts"}. Loose it is a tenth to a fifth more, since it settles; a pressed coir brick of 650 g swells to 8 or 9 L. No fertiliser, no wetting agents.`}
      </Text>
      <KeepAs mix={mix} />
    </Box>
  );
}

/** A new part, with an id that none of the mix has. */
function ownPart({ own }: Mix) {
  let n = own.length + 1;
  while (own.some((p) => p.id === `part-${n}`)) n++;
  return { id: `part-${n}`, name: "Part of my own", wetKgPerM3: null, swells: null };
}

const Out = ({ name, onClick }: { name: string; onClick: () => void }) => (
  <QuietButton size="xs" px="1.5" onClick={onClick} aria-label={`Leave ${name} out`}>
    out
  </QuietButton>
);

/** Recipes to start from, the workshop's own first. */
function StartFrom({ change }: { change: Change }) {
  const { load, data } = useFetcher<{ recipes: OwnRecipe[] }>();
  useEffect(() => void load("/recipes"), [load]);
  const own = data?.recipes ?? [];
  const all = [...own.map(({ id, ...r }) => ({ ...r, id: `own/${id}` })), ...RECIPES];
  return (
    <Select
      label="Start from a recipe"
      value=""
      options={[["", "choose…"], ...all.map((r) => [r.id, r.name] as [string, string])]}
      onChange={(id) =>
        change((was) => {
          const recipe = all.find((r) => r.id === id);
          if (recipe) Object.assign(was, structuredClone(recipe.mix));
        })
      }
    />
  );
}

/** A place to keep this mix as a recipe of the workshop. */
function KeepAs({ mix: { unit, parts, own } }: { mix: Mix }) {
  const fetcher = useFetcher<{ message: string | null }>();
  const [name, setName] = useState("");
  const idle = fetcher.state === "idle";
  const said = idle ? fetcher.data : undefined;
  const keep = () =>
    fetcher.submit(
      { name, mix: { unit, parts, own } },
      { method: "post", action: "/recipes", encType: "application/json" },
    );
  return (
    <Box mt="1.5">
      <Fields>
        <TextField label="Keep it as a recipe" value={name} error={said?.message ?? null} onChange={setName} />
        <Flex align="end" gap="2">
          <QuietButton size="xs" disabled={name.trim() === "" || !idle} onClick={keep}>
            Keep
          </QuietButton>
          {said?.message === null && (
            <Text fontSize="xs" color="muted" role="status">
              Kept in the workshop.
            </Text>
          )}
        </Flex>
      </Fields>
    </Box>
  );
}
