import { statedMm } from "#core/design/measure";
import { BARRIER, CURL_MM } from "#core/ground/barrier";
import { DRAINS } from "#core/ground/drain";
import { BARRIERS, DRAIN_BODIES, OUTLETS } from "#core/ground/names";
import type { Ground } from "#core/ground/schema";
import { formatSpan } from "#core/units/format";
import { useDecision, useUnits } from "../../state/context";
import { ChoiceField, Select } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";

const OUTLET_WORDS: Record<(typeof OUTLETS)[number], string> = {
  none: "nothing: it dries by itself",
  standpipe: "standpipe and siphon",
  pump: "small pump through a tube",
  bulkhead: "bulkhead with a tap",
};

/** The layers from the base up, each with its level. */
export function Layers() {
  return (
    <Panel title="From the base up">
      <Fields min="8.2rem">
        <DrainField />
        <BarrierField />
        <MeasureField label="Charcoal" path="/ground/charcoal" optional />
        <MeasureField label="Ground's top, at the back" path="/shell/groundDepth" optional hint="above the base" />
        <MeasureField label="Ground's top, at the front" path="/ground/front" optional empty="level" />
        <MeasureField label="Leaf litter" path="/ground/litter" optional />
        <MeasureField label="Standing water, how deep" path="/seal/standingWater" optional />
        <ChoiceField
          label="Water gets out by"
          path="/ground/outlet"
          options={OUTLETS.map((o) => [o, OUTLET_WORDS[o]] as const)}
        />
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
          label="Leaves with the air"
          suffix="%"
          path="/ground/lost"
          kind="plain"
          optional
          empty="about 70"
        />
      </Fields>
    </Panel>
  );
}

function DrainField() {
  const { value, commit } = useDecision<Ground["drain"]>("/ground/drain");
  return (
    <>
      <Select
        label="Drain layer"
        value={value?.body ?? ""}
        options={[["", "none"], ...DRAIN_BODIES.map((b) => [b, DRAINS[b].name] as [string, string])]}
        onChange={(body) =>
          commit(
            body === "" ? null : { body: body as (typeof DRAIN_BODIES)[number], depth: value?.depth ?? statedMm(50) },
          )
        }
      />
      {value && <MeasureField label="Drain layer, how deep" path="/ground/drain/depth" />}
    </>
  );
}

function BarrierField() {
  const { units } = useUnits();
  const { value, commit } = useDecision<Ground["barrier"]>("/ground/barrier");
  return (
    <>
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
    </>
  );
}
