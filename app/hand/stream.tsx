import { PUMPS } from "#core/fixtures/facts";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading } from "../fields/Reading";
import { useDecision, useShown } from "../state/context";
import { Hint } from "../ui/Hint";
import { Fields } from "../ui/Panel";
import { Select } from "../ui/Select";
import { useIndex } from "./useIndex";

/** Water that is pumped to a lip and falls back. */
export function StreamFields({ id }: { id: string }) {
  const i = useIndex((v) => v.streams, id);
  const pumps = useShown(({ plan }) => plan.facts.one(PUMPS) ?? []);
  const path = `/streams/${i}`;
  const { value, commit } = useDecision<string | null>(`${path}/pump`);
  const pumpAt = useIndex((v) => v.fixtures, value ?? "");
  if (i < 0) return null;
  return (
    <>
      <Fields>
        <NameField label="Name" path={`${path}/name`} />
        <Select
          label="Its pump"
          value={value ?? ""}
          options={[["", "none yet"], ...pumps.map((s) => [s.id, s.name] as [string, string])]}
          onChange={(pump) => commit(pump || null)}
        />
        {pumpAt >= 0 && (
          <>
            <MeasureField
              label="Its label: most flow"
              suffix="L/h"
              path={`/fixtures/${pumpAt}/flow`}
              kind="plain"
              optional
              empty="not known"
            />
            <MeasureField label="Its label: most head" path={`/fixtures/${pumpAt}/head`} optional empty="not known" />
          </>
        )}
        <MeasureField label="Tube, bore" path={`${path}/tubeBore`} />
        <MeasureField label="Tube, long" path={`${path}/tubeLength`} />
        <MeasureField label="Lip, over the water" path={`${path}/lift`} />
        <MeasureField label="Lip, wide" path={`${path}/lip`} />
        <MeasureField label="Intake, above the base" path={`${path}/intake`} />
        <MeasureField label="It needs water to" path={`${path}/needs`} />
        <MeasureField
          label="Falls back when it stops"
          suffix="mL"
          path={`${path}/transit`}
          kind="plain"
          optional
          empty="reckoned"
        />
        <MeasureField label="Left alone at the most" suffix="days" path={`${path}/awayDays`} kind="plain" />
        {["flow", "back", "days", "top-up"].map((what) => (
          <FigureReading key={what} id={`streams/${id}/${what}`} />
        ))}
      </Fields>
      <Hint>
        The pump stands at Fixtures, with its way out. Its label's two figures are the most it gives at no lift and the
        most it lifts at no flow; between them it is taken as a straight line.
      </Hint>
    </>
  );
}
