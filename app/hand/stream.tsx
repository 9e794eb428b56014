import { fixtureKind } from "#core/fixtures/kinds/list";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading } from "../fields/Reading";
import { useDecision, useVariant } from "../state/context";
import { Hint } from "../ui/Hint";
import { Fields } from "../ui/Panel";
import { Select } from "../ui/Select";
import { useIndex } from "./useIndex";

/** Water that is pumped to a lip and falls back. */
export function StreamFields({ id }: { id: string }) {
  const i = useIndex((v) => v.streams, id);
  const pumps = useVariant((v) => v.fixtures).filter((f) => fixtureKind(f).lifts);
  const path = `/streams/${i}`;
  const { value, commit } = useDecision<string | null>(`${path}/pump`);
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
        The pump is put in at Fixtures. Its label's two figures are the most it gives at no lift and the most it lifts
        at no flow; between them it is taken as a straight line.
      </Hint>
    </>
  );
}
