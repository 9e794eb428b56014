import { Box, Flex, Text } from "@chakra-ui/react";
import { isPlanter, zoneName } from "#core/background/zones";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { featureName } from "#core/features/feature";
import { featureKind } from "#core/features/index";
import { BARRIER, CURL_MM } from "#core/ground/barrier";
import { DRAINS } from "#core/ground/drain";
import { MIX, mixSum, RECIPES } from "#core/ground/mix";
import { BARRIERS, DRAIN_BODIES, OUTLETS } from "#core/ground/names";
import type { Ground } from "#core/ground/schema";
import { MIX_PARTS } from "#core/materials/names";
import { SERVICE_KINDS, SERVICE_WAYS } from "#core/service/names";
import type { Service } from "#core/service/schema";
import { formatNumber, formatSpan } from "#core/units/format";
import { ChoiceField, CountField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { useBuildHandle, useDecision, useUnits, useVariant } from "../state/context";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { Select } from "../ui/Select";
import { useIndex } from "./useIndex";

const OUTLET_WORDS: Record<(typeof OUTLETS)[number], string> = {
  none: "nothing: it dries by itself",
  standpipe: "standpipe and siphon",
  pump: "small pump through a tube",
  bulkhead: "bulkhead with a tap",
};

/** The drainage layer, and how water gets out of it. */
export function DrainFields() {
  const { value, commit } = useDecision<Ground["drain"]>("/ground/drain");
  return (
    <Fields>
      <Select
        label="Drainage layer"
        value={value?.body ?? ""}
        options={[["", "none"], ...DRAIN_BODIES.map((b) => [b, DRAINS[b].name] as [string, string])]}
        onChange={(body) =>
          commit(
            body === "" ? null : { body: body as (typeof DRAIN_BODIES)[number], depth: value?.depth ?? statedMm(50) },
          )
        }
      />
      {value && <MeasureField label="Drainage layer, how deep" path="/ground/drain/depth" />}
      <ChoiceField
        label="Water gets out by"
        path="/ground/outlet"
        options={OUTLETS.map((o) => [o, OUTLET_WORDS[o]] as const)}
      />
    </Fields>
  );
}

/** What keeps the substrate out of the drainage layer. */
export function BarrierFields() {
  const { units } = useUnits();
  const { value, commit } = useDecision<Ground["barrier"]>("/ground/barrier");
  return (
    <Fields>
      <Select
        label="Barrier"
        value={value?.kind ?? ""}
        options={[["", "none"], ...BARRIERS.map((b) => [b, BARRIER[b].name] as [string, string])]}
        onChange={(kind) =>
          commit(
            kind === ""
              ? null
              : { kind: kind as (typeof BARRIERS)[number], curl: value?.curl ?? statedMm(CURL_MM.value) },
          )
        }
      />
      {value && (
        <MeasureField
          label="Its curl, each side"
          path="/ground/barrier/curl"
          hint={formatSpan(CURL_MM.low, CURL_MM.high, units)}
        />
      )}
    </Fields>
  );
}

/** How high the substrate lies, and what lies in and on it. */
export const SubstrateFields = () => (
  <Fields>
    <MeasureField label="Substrate's top, at the back" path="/shell/groundDepth" optional hint="above the base" />
    <MeasureField label="Substrate's top, at the front" path="/ground/front" optional empty="level" />
    <MeasureField label="Charcoal" path="/ground/charcoal" optional />
    <MeasureField label="Leaf litter" path="/ground/litter" optional />
  </Fields>
);

/** Water that stands, and water that is misted. */
export const WaterFields = () => (
  <Fields>
    <MeasureField label="Standing water, how deep" path="/seal/standingWater" optional />
    <MeasureField
      label="Misted a day"
      suffix="mL"
      path="/ground/misting"
      kind="plain"
      optional
      empty="not known"
      how="measured"
    />
    <MeasureField label="Leaves with the air" suffix="%" path="/ground/lost" kind="plain" optional empty="about 70" />
  </Fields>
);

/** The substrate's mix, parts by volume, or of a hundred. */
export function MixFields() {
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
    <>
      <Fields>
        <Select
          label="Start from a recipe"
          value=""
          options={[["", "choose…"], ...RECIPES.map((r) => [r.id, r.name] as [string, string])]}
          onChange={take}
        />
        <ChoiceField
          label="Told in"
          path="/ground/mix/unit"
          options={[
            ["parts", "parts by volume"],
            ["percent", "parts of a hundred"],
          ]}
        />
        {mix.parts.map((part, i) => (
          <Flex key={part.what} gap="1" align="end">
            <MeasureField label={MIX[part.what].name} path={`/ground/mix/parts/${i}/amount`} kind="plain" />
            <QuietButton
              size="xs"
              px="1.5"
              onClick={() => api.commit((draft) => void chosenVariant(draft).ground.mix.parts.splice(i, 1))}
              aria-label={`Leave ${MIX[part.what].name} out`}
            >
              out
            </QuietButton>
          </Flex>
        ))}
        {free.length > 0 && (
          <Select
            label="Add a part"
            value=""
            options={[["", "choose…"], ...free.map((p) => [p, MIX[p].name] as [string, string])]}
            onChange={add}
          />
        )}
      </Fields>
      <Text fontSize="xs" color="muted" mt="1.5">
        {mix.parts.length === 0
          ? "Nothing is mixed yet. Recipes are starting points; change any part."
          : `Sums to ${formatNumber(mixSum(mix))}${mix.unit === "percent" ? " of 100" : " parts"}. Loose it is a tenth to a fifth more, since it settles; a pressed coir brick of 650 g swells to 8 or 9 L. No fertiliser, no wetting agents.`}
      </Text>
    </>
  );
}

/** A pool on the floor. */
export function PoolFields() {
  const pool = useVariant((v) => v.ground.pool);
  const dividers = useVariant((v) => v.seal.dividers);
  const { value, commit } = useDecision<string | null>("/ground/pool/divider");
  if (!pool) return null;
  return (
    <>
      <Fields>
        <MeasureField label="Pool, middle from the left" path="/ground/pool/u" />
        <MeasureField label="Middle from the front" path="/ground/pool/v" />
        <MeasureField label="Wide" path="/ground/pool/width" />
        <MeasureField label="Front to back" path="/ground/pool/length" />
        <Select
          label="Behind"
          value={value ?? ""}
          options={[
            ["", "nothing: one level with the land"],
            ...dividers.map((d) => [d.id, d.name.toLowerCase()] as [string, string]),
          ]}
          onChange={(id) => commit(id || null)}
        />
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
      <Text fontSize="xs" color="muted" mt="1.5">
        Measured on the floor, within the tray where there is one. Wash its sand until clear; conditioner for tap water:
        standing does not take chloramine out. Unplug everything before hands are in the water.
      </Text>
    </>
  );
}

export const DishFields = () => (
  <>
    <Fields>
      <MeasureField label="The dish holds" path="/ground/dish/volume" kind="volume" />
    </Fields>
    <Box mt="2">
      <TickField label="Moss or substrate touches its rim" path="/ground/dish/wicked" />
    </Box>
  </>
);

/** A kind of plant with its grown size. */
export function PlantFields({ id }: { id: string }) {
  const i = useIndex((v) => v.ground.plants, id);
  const zones = useVariant((v) => v.background.zones);
  if (i < 0) return null;
  const path = `/ground/plants/${i}`;
  const places = [
    ["ground", "the substrate"] as const,
    ...zones.filter(isPlanter).map((z) => [z.id, zoneName(z)] as const),
  ];
  return (
    <>
      <Fields>
        <NameField label="Plant" path={`${path}/name`} />
        <CountField label="How many" path={`${path}/count`} max={200} />
        <ChoiceField label="Stands in" path={`${path}/where`} options={places} />
        <MeasureField label="Pot, across" path={`${path}/pot`} />
        <MeasureField label="Grown, high" path={`${path}/height`} how="guessed" />
        <MeasureField label="Grown, across" path={`${path}/spread`} how="guessed" />
      </Fields>
      <Flex gap="5" mt="2" wrap="wrap">
        <TickField label="Live" path={`${path}/live`} />
        <TickField label="Toxic" path={`${path}/toxic`} />
      </Flex>
    </>
  );
}

/** How plants are cleaned, and the weeks everything settles before an animal. */
export const PlantingFields = () => (
  <>
    <Fields>
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
    <Text fontSize="xs" color="muted" mt="1.5">
      Soil, moss and wood from outdoors bring pests, parasites and chemicals. Those who did not wait lost plants.
    </Text>
  </>
);

const WAY_WORDS: Record<(typeof SERVICE_WAYS)[number], string> = {
  open: "in the open, through the doors",
  box: "a box with a lid",
  duct: "a duct left through the wall",
  hatch: "a loose stone or panel",
  outside: "from outside",
  none: "none: it is glued in",
};
const SIZED: readonly Service["way"][] = ["box", "duct", "hatch"];

/** What must be reached while animals live there, with its way past everything glued. */
export function ServiceFields({ id }: { id: string }) {
  const i = useIndex((v) => v.service, id);
  const item = useVariant((v) => v.service.find((s) => s.id === id));
  const ports = useVariant((v) => v.features).filter((f) => featureKind(f).passes);
  const path = `/service/${i}`;
  const { commit } = useDecision<string | null>(`${path}/port`);
  if (!item) return null;
  return (
    <Fields>
      <NameField label="What" path={`${path}/name`} />
      <ChoiceField
        label="Kind"
        path={`${path}/kind`}
        options={SERVICE_KINDS.map((k) => [k, k === "mat" ? "heat mat" : k] as const)}
      />
      <MeasureField label="Its two smaller sides" path={`${path}/width`} />
      <MeasureField label="and" path={`${path}/height`} />
      <ChoiceField
        label="Its way out"
        path={`${path}/way`}
        options={SERVICE_WAYS.map((w) => [w, WAY_WORDS[w]] as const)}
      />
      {SIZED.includes(item.way) && (
        <>
          <MeasureField label="The way, clear" path={`${path}/wayWidth`} />
          <MeasureField label="by" path={`${path}/wayHeight`} />
        </>
      )}
      <Select
        label="Its cable passes"
        value={item.port ?? ""}
        options={[["", "no port"], ...ports.map((f) => [f.id, featureName(f).toLowerCase()] as [string, string])]}
        onChange={(port) => commit(port || null)}
      />
      {item.port !== null && (
        <MeasureField label="Its plug, the long way" path={`${path}/plug`} optional empty="not known" />
      )}
    </Fields>
  );
}

/** The stack from the base up: what a stage of water and substrate asks first. */
export const StackOfLayers = () => (
  <>
    <DrainFields />
    <Box mt="1.5">
      <BarrierFields />
    </Box>
    <Box mt="1.5">
      <Fields>
        <MeasureField label="Substrate's top, at the back" path="/shell/groundDepth" optional hint="above the base" />
        <MeasureField label="Substrate's top, at the front" path="/ground/front" optional empty="level" />
        <MeasureField label="Standing water, how deep" path="/seal/standingWater" optional />
      </Fields>
    </Box>
  </>
);
