import { Flex } from "@chakra-ui/react";
import { chosenVariant } from "#core/document/variant";
import { BARRIER, CURL_MM } from "#core/ground/barrier";
import { DRAINS } from "#core/ground/drain";
import type { Layer } from "#core/ground/layers/schema";
import { BARRIERS, DRAIN_BODIES, OUTLETS } from "#core/ground/names";
import { LIES } from "#core/levels/strata";
import { formatSpan } from "#core/units/format";
import { ChoiceField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { useBuildHandle, useUnits, useVariant } from "../state/context";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { MixFields } from "./mix";
import { useIndex } from "./useIndex";
import { ZoneField } from "./ZoneField";

const OUTLET_WORDS: Record<(typeof OUTLETS)[number], string> = {
  none: "nothing: it dries by itself",
  standpipe: "standpipe and siphon",
  pump: "small pump through a tube",
  bulkhead: "bulkhead with a tap",
};

/** One layer of the substrate: of what, how deep, where of the floor, and its place in the stack. */
export function BedFields({ id }: { id: string }) {
  const i = useIndex((v) => v.ground.layers, id);
  const layer = useVariant((v) => v.ground.layers.find((l) => l.id === id));
  if (i < 0 || !layer) return null;
  const path = `/ground/layers/${i}`;
  return (
    <>
      <Fields>
        <OwnFields layer={layer} path={path} />
        {"depth" in layer && (
          <MeasureField
            label="How deep"
            path={`${path}/depth`}
            {...(LIES[layer.kind] === "fills" && { optional: true, empty: "up to the top" })}
          />
        )}
        <ZoneField label="Lies on" whole="all the land" path={`${path}/zone`} />
      </Fields>
      {layer.kind === "mix" && <MixFields mix={layer} path={path} />}
      <Order id={id} at={i} />
    </>
  );
}

/** What a kind of layer asks of its own. */
function OwnFields({ layer, path }: { layer: Layer; path: string }) {
  const { units } = useUnits();
  if (layer.kind === "drain")
    return (
      <>
        <ChoiceField label="Of" path={`${path}/body`} options={DRAIN_BODIES.map((b) => [b, DRAINS[b].name] as const)} />
        <ChoiceField
          label="Water gets out by"
          path="/ground/outlet"
          options={OUTLETS.map((o) => [o, OUTLET_WORDS[o]] as const)}
        />
      </>
    );
  if (layer.kind === "barrier")
    return (
      <>
        <ChoiceField label="Of" path={`${path}/cloth`} options={BARRIERS.map((b) => [b, BARRIER[b].name] as const)} />
        <MeasureField
          label="Its curl, each side"
          path={`${path}/curl`}
          hint={formatSpan(CURL_MM.low, CURL_MM.high, units)}
        />
      </>
    );
  if (layer.kind === "bagged")
    return (
      <>
        <NameField label="Name" path={`${path}/name`} />
        <MeasureField label="A bag holds" suffix="L" kind="plain" path={`${path}/bag`} />
      </>
    );
  return null;
}

/** Lower and higher in the stack. */
function Order({ id, at }: { id: string; at: number }) {
  const { api } = useBuildHandle();
  const count = useVariant((v) => v.ground.layers.length);
  const move = (by: number) =>
    api.commit((draft) => {
      const { layers } = chosenVariant(draft).ground;
      const from = layers.findIndex((l) => l.id === id);
      const [moved] = layers.splice(from, 1);
      layers.splice(from + by, 0, moved!);
    });
  return (
    <Flex gap="1.5" mt="2">
      <QuietButton size="xs" disabled={at === 0} onClick={() => move(-1)}>
        Lower
      </QuietButton>
      <QuietButton size="xs" disabled={at >= count - 1} onClick={() => move(1)}>
        Higher
      </QuietButton>
    </Flex>
  );
}
