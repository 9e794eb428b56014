import { MeasureField } from "../fields/MeasureField";
import { useDecision } from "../state/context";
import { Fields } from "../ui/Panel";
import { Select } from "../ui/Select";

/** The circuit it all hangs on. */
export function CircuitFields() {
  const { value, commit } = useDecision<string>("/circuit/guarded");
  return (
    <Fields>
      <MeasureField label="Circuit" suffix="V" kind="plain" path="/circuit/volts" />
      <MeasureField label="Its fuse" suffix="A" kind="plain" path="/circuit/amps" />
      <MeasureField label="What else hangs on it" suffix="W" kind="plain" path="/circuit/others" />
      <Select
        label="Residual-current device"
        value={value}
        options={[
          ["unknown", "not known"],
          ["yes", "there is one"],
          ["no", "there is none"],
        ]}
        onChange={commit}
      />
    </Fields>
  );
}
