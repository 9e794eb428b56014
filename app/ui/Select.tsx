import { NativeSelect } from "@chakra-ui/react";
import { Labelled } from "./Labelled";

/** A labelled list to choose from; the whole wording shows on hovering where the field is narrow. */
export function Select<T extends string>({
  label,
  value,
  options,
  error = null,
  quiet = false,
  onChange,
}: {
  label: string;
  /** Its label is read out, and not shown: where a table's head says it. */
  quiet?: boolean;
  value: T;
  options: readonly (readonly [T, string])[];
  error?: string | null;
  onChange: (value: T) => void;
}) {
  return (
    <Labelled label={label} error={error} quiet={quiet}>
      <NativeSelect.Root size="sm">
        <NativeSelect.Field
          bg="sheet"
          borderColor="line"
          ps="2"
          pe="6"
          textOverflow="ellipsis"
          title={options.find(([key]) => key === value)?.[1]}
          value={value}
          onChange={(event) => onChange(event.currentTarget.value as T)}
        >
          {options.map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator right="1" />
      </NativeSelect.Root>
    </Labelled>
  );
}
