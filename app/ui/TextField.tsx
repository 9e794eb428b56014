import { Input } from "@chakra-ui/react";
import { Labelled } from "./Labelled";

/** A labelled line of text that its owner reads when it is asked to. */
export function TextField({
  label,
  value,
  onChange,
  error = null,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  /** What was wrong with it. */
  error?: string | null;
}) {
  return (
    <Labelled label={label} error={error}>
      <Input
        size="sm"
        bg="sheet"
        borderColor="line"
        fontFamily="mono"
        autoComplete="off"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </Labelled>
  );
}
