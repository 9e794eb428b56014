import { Box, Flex, Text } from "@chakra-ui/react";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { featureName } from "#core/features/feature";
import { featureKind } from "#core/features/index";
import { SERVICE_KINDS, SERVICE_WAYS } from "#core/service/names";
import type { Service } from "#core/service/schema";

import { useBuildHandle, useDecision, useVariant } from "../../state/context";
import { ChoiceField, Select } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { NameField } from "../../ui/NameField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

const WAY_WORDS: Record<(typeof SERVICE_WAYS)[number], string> = {
  open: "in the open, through the doors",
  box: "a box with a lid",
  duct: "a duct left through the wall",
  hatch: "a loose stone or panel",
  outside: "from outside",
  none: "none: it is glued in",
};
const SIZED: readonly Service["way"][] = ["box", "duct", "hatch"];

/** What must be reached while animals live there, each with its way past everything glued. */
export function ServicePanel() {
  const { api } = useBuildHandle();
  const service = useVariant((v) => v.service);
  const add = () =>
    api.commit((draft) => {
      const { service } = chosenVariant(draft);
      let n = 1;
      while (service.some((s) => s.id === `thing-${n}`)) n++;
      service.push({
        ...{
          id: `thing-${n}`,
          name: n === 1 ? "Pump" : `Thing ${n}`,
          kind: "pump",
          way: "box",
          plug: null,
          port: null,
        },
        ...{ width: statedMm(50), height: statedMm(60), wayWidth: statedMm(80), wayHeight: statedMm(100) },
      });
    });
  return (
    <Panel title="What must be reached">
      {service.length === 0 && (
        <Text fontSize="sm" color="muted" mb="2">
          Pump, filter, nozzle, drain, mat: whatever fails is taken out past everything that is glued.
        </Text>
      )}
      {service.map((item, i) => (
        <Box key={item.id} borderTopWidth={i === 0 ? "0" : "1px"} borderColor="line" py="2">
          <Fields min="7.5rem">
            <NameField label="What" path={`/service/${i}/name`} />
            <ChoiceField
              label="Kind"
              path={`/service/${i}/kind`}
              options={SERVICE_KINDS.map((k) => [k, k === "mat" ? "heat mat" : k] as const)}
            />
            <MeasureField label="Its two smaller sides" path={`/service/${i}/width`} />
            <MeasureField label="and" path={`/service/${i}/height`} />
            <ChoiceField
              label="Its way out"
              path={`/service/${i}/way`}
              options={SERVICE_WAYS.map((w) => [w, WAY_WORDS[w]] as const)}
            />
            {SIZED.includes(item.way) && (
              <>
                <MeasureField label="The way, clear" path={`/service/${i}/wayWidth`} />
                <MeasureField label="by" path={`/service/${i}/wayHeight`} />
              </>
            )}
            <PortField index={i} />
            {item.port !== null && (
              <MeasureField label="Its plug, the long way" path={`/service/${i}/plug`} optional empty="not known" />
            )}
          </Fields>
          <Flex mt="2">
            <QuietButton
              size="2xs"
              onClick={() => api.commit((draft) => void chosenVariant(draft).service.splice(i, 1))}
              aria-label={`Take ${item.name} off the list`}
            >
              Take it off the list
            </QuietButton>
          </Flex>
        </Box>
      ))}
      <QuietButton size="xs" onClick={add}>
        Add what must be reached
      </QuietButton>
    </Panel>
  );
}

function PortField({ index }: { index: number }) {
  const { value, commit } = useDecision<string | null>(`/service/${index}/port`);
  const ports = useVariant((v) => v.features).filter((f) => featureKind(f).passes);
  return (
    <Select
      label="Its cable passes"
      value={value ?? ""}
      options={[["", "no port"], ...ports.map((f) => [f.id, featureName(f).toLowerCase()] as [string, string])]}
      onChange={(id) => commit(id || null)}
    />
  );
}
