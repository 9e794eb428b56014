import { Field, Input } from "@chakra-ui/react";

/** A labelled line of text that its owner reads when it is asked to. */
export function TextField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  return (
    <Field.Root gap="1">
      <Field.Label fontSize="xs" color="muted" fontWeight="medium">
        {label}
      </Field.Label>
      <Input
        size="sm"
        bg="sheet"
        borderColor="line"
        fontFamily="mono"
        autoComplete="off"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </Field.Root>
  );
}
