import { Flex, Text } from "@chakra-ui/react";
import { freeId } from "#core/design/freeId";
import { chosenVariant } from "#core/document/variant";
import { featureName } from "#core/features/feature";
import { featureKind } from "#core/features/index";
import { CURL_MM } from "#core/ground/barrier";
import { LAYER_KIND_IDS, LAYER_KINDS, layIn } from "#core/ground/layers/kinds";
import { stackOf } from "#core/ground/layers/starts";
import { RECIPES } from "#core/ground/mix";
import { ROOTED } from "#core/ground/names";
import { ROOTED_WAYS } from "#core/ground/planting/rooted";
import { placesOf } from "#core/ground/planting/stand";
import { SERVICE_KINDS, SERVICE_WAYS } from "#core/service/names";
import { ChoiceField, CountField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { useBuildHandle, useDecision, useVariant } from "../state/context";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { Select } from "../ui/Select";
import { GotTick } from "./GotTick";
import { useIndex } from "./useIndex";
import { isSized, WAY_WORDS } from "./way";

/** How high the substrate lies, and what lies in and on it. */
export const SubstrateFields = () => (
  <Fields>
    <MeasureField label="Substrate's top, at the back" path="/shell/groundDepth" optional hint="above the base" />
    <MeasureField label="Substrate's top, at the front" path="/ground/front" optional empty="level" />
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
    <MeasureField
      label="Water in the substrate"
      suffix="mL"
      path="/ground/store"
      kind="plain"
      optional
      empty="as it is put in"
      how="measured"
    />
    <MeasureField label="Leaves with the air" suffix="%" path="/ground/lost" kind="plain" optional empty="about 70" />
  </Fields>
);

/** A kind of plant with its grown size. */
export function PlantFields({ id }: { id: string }) {
  const i = useIndex((v) => v.ground.plants, id);
  const { background, hardscape } = useVariant((v) => v);
  if (i < 0) return null;
  const path = `/ground/plants/${i}`;
  const places = placesOf({ background, hardscape });
  return (
    <>
      <Fields>
        <NameField label="Plant" path={`${path}/name`} />
        <CountField label="How many" path={`${path}/count`} max={200} />
        <ChoiceField label="Grows on or in" path={`${path}/where`} options={places} />
        <ChoiceField
          label="Held there"
          path={`${path}/by`}
          options={ROOTED.map((r) => [r, ROOTED_WAYS[r].words] as const)}
        />
        <MeasureField label="Pot, across" path={`${path}/pot`} />
        <MeasureField label="Grown, high" path={`${path}/height`} how="guessed" />
        <MeasureField label="Grown, across" path={`${path}/spread`} how="guessed" />
      </Fields>
      <Flex gap="5" mt="2" wrap="wrap">
        <TickField label="Live" path={`${path}/live`} />
        <TickField label="Toxic" path={`${path}/toxic`} />
        <GotTick path={`${path}/got`} />
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
      <ChoiceField label="Kind" path={`${path}/kind`} options={SERVICE_KINDS.map((k) => [k, k] as const)} />
      <MeasureField label="Its two smaller sides" path={`${path}/width`} />
      <MeasureField label="and" path={`${path}/height`} />
      <ChoiceField
        label="Its way out"
        path={`${path}/way`}
        options={SERVICE_WAYS.map((w) => [w, WAY_WORDS[w]] as const)}
      />
      {isSized(item.way) && (
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
export function StackOfLayers() {
  const { api, make } = useBuildHandle();
  const layers = useVariant((v) => v.ground.layers.length);
  const add = (kind: string) => {
    const own = LAYER_KIND_IDS.find((k) => k === kind);
    if (!own) return;
    make((draft) => {
      const { ground } = chosenVariant(draft);
      const id = freeId(ground.layers, own);
      layIn(ground.layers, LAYER_KINDS[own].begin(id));
      return { kind: "bed", id };
    });
  };
  const usual = () =>
    api.commit((draft) => {
      chosenVariant(draft).ground.layers = stackOf({
        drain: { body: "clay", mm: 50 },
        barrier: { cloth: "weedCloth", curlMm: CURL_MM.value },
        mix: RECIPES[0]!.mix,
      });
    });
  return (
    <>
      <Fields>
        <MeasureField label="Substrate's top, at the back" path="/shell/groundDepth" optional hint="above the base" />
        <MeasureField label="Substrate's top, at the front" path="/ground/front" optional empty="level" />
        <MeasureField label="Standing water, how deep" path="/seal/standingWater" optional />
        <Select
          label="Add a layer"
          value=""
          options={[["", "choose…"], ...LAYER_KIND_IDS.map((k) => [k, LAYER_KINDS[k].word] as [string, string])]}
          onChange={add}
        />
      </Fields>
      {layers === 0 && (
        <QuietButton size="xs" mt="1.5" onClick={usual}>
          Lay the usual: clay, weed cloth, a mix
        </QuietButton>
      )}
    </>
  );
}
