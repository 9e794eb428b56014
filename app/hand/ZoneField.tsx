import { zonesOf } from "#core/dividers/zones";
import { baseOf } from "#core/shell/base";
import { useDecision, useShown, useVariant } from "../state/context";
import { Select } from "../ui/Select";

/** A part of the floor, as the dividers leave it; nothing to choose while it is in one. */
export function ZoneField({ label, whole, path }: { label: string; whole: string; path: string }) {
  const { value, commit } = useDecision<string | null>(path);
  const dividers = useVariant((v) => v.dividers);
  const shell = useShown(({ plan }) => plan.shell);
  const zones = zonesOf(baseOf(shell), dividers).filter((z) => z.id !== "");
  if (zones.length === 0 && value === null) return null;
  const known = zones.some((z) => z.id === value);
  return (
    <Select
      label={label}
      value={value ?? ""}
      options={[
        ["", whole] as [string, string],
        ...zones.map((z) => [z.id, z.words] as [string, string]),
        ...(value !== null && !known ? [[value, "a part that is gone"] as [string, string]] : []),
      ]}
      onChange={(zone) => commit(zone === "" ? null : zone)}
    />
  );
}
